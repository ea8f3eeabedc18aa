import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { room, show } from '@/testing/inRoom';
import { TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { textField } from '@/core/kernel';
import { eventFields } from '@/core/events';
import { useRoomForm } from './useRoomForm';
import { useTabState } from './useTabState';

function Filter() {
  const [words, setWords] = useTabState('test.words', '');
  return <input aria-label="words" value={words} onChange={({ target }) => setWords(target.value)} />;
}

describe('useTabState', () => {
  it('stands after a reload', async () => {
    const before = render(<Filter />);
    await userEvent.type(screen.getByLabelText('words'), 'cory');
    before.unmount();
    render(<Filter />);
    expect(screen.getByLabelText('words')).toHaveValue('cory');
  });
  it.each(['{', '7', '["a"]', 'null'])('begins anew over what cannot be it: %s', (kept) => {
    window.sessionStorage.setItem('lomvik.tab.test.words', kept);
    render(<Filter />);
    expect(screen.getByLabelText('words')).toHaveValue('');
  });
});

function Note({ save }: { readonly save: () => true }) {
  const form = useRoomForm({
    unfinished: 'test-note',
    fields: { text: textField(), nitrateMgL: eventFields('tested').nitrateMgL },
    start: { text: '', nitrateMgL: '' },
    save,
  });
  return (
    <Form form={form}>
      <TextField label="Text" {...form.part('text')} />
      <TextField label="Nitrate" {...form.part('nitrateMgL')} />
      <button type="submit">Save</button>
    </Form>
  );
}

describe('a form that was not finished', () => {
  const open = async () => show(await room(), <Note save={() => true} />);
  it('stands after a reload as it was typed, until it is saved', async () => {
    const before = await open();
    await userEvent.type(screen.getByLabelText('Text'), 'half a sen');
    await userEvent.type(screen.getByLabelText('Nitrate'), '1,');
    before.unmount();
    const again = await open();
    expect(screen.getByLabelText('Text')).toHaveValue('half a sen');
    expect(screen.getByLabelText('Nitrate')).toHaveValue('1,');
    await userEvent.type(screen.getByLabelText('Nitrate'), '5');
    await userEvent.click(screen.getByText('Save'));
    again.unmount();
    await open();
    expect(screen.getByLabelText('Text')).toHaveValue('');
  });
  it('takes nothing that has no field', async () => {
    window.sessionStorage.setItem('lomvik.tab.form.test-note.cm,L,C,dH', '{"text":"kept","other":"x"}');
    await open();
    expect(screen.queryByDisplayValue('x')).toBeNull();
  });
});
