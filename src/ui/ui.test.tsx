import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { catalogue } from '@/testing/plans';
import { coloursFor } from './colourOf';
import { QuantityField } from './QuantityField';
import { SeverityMark } from './SeverityMark';
import { SpeciesSearch } from './SpeciesSearch';

function Length({ onChange }: { readonly onChange: (core: number | undefined, text: string) => void }) {
  const [value, setValue] = useState<{ core: number | undefined; text: string }>({
    core: 25.4,
    text: '10 in',
  });
  return (
    <QuantityField
      label="Length"
      kind="length"
      unit="cm"
      value={value.core}
      entered={value.text}
      refuse={(core) => (core <= 0 ? 'Expected a length above 0.' : null)}
      onChange={(core, text) => {
        setValue({ core, text });
        onChange(core, text);
      }}
    />
  );
}

describe('QuantityField', () => {
  it('shows what was typed, and takes any unit on Enter', async () => {
    const told = jest.fn();
    render(<Length onChange={told} />);
    const field = screen.getByLabelText('Length');
    expect(field).toHaveValue('10 in');
    await userEvent.clear(field);
    await userEvent.type(field, '4 ft{Enter}');
    expect(told).toHaveBeenCalledWith(expect.closeTo(121.92, 6), '4 ft');
    expect(field).toHaveValue('4 ft');
  });
  it('says what is wrong, keeps what stands there, and tells nobody', async () => {
    const told = jest.fn();
    render(<Length onChange={told} />);
    const field = screen.getByLabelText('Length');
    await userEvent.clear(field);
    await userEvent.type(field, 'long');
    fireEvent.blur(field);
    expect(screen.getByRole('alert')).toHaveTextContent(
      'Type a measure such as 120 cm or 4 ft. You typed “long”.',
    );
    expect(field).toHaveValue('long');
    await userEvent.clear(field);
    await userEvent.type(field, '-3 cm{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('above 0');
    expect(told).not.toHaveBeenCalled();
    await userEvent.type(field, '{Escape}');
    expect(field).toHaveValue('10 in');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('SpeciesSearch', () => {
  it('finds by former and common names, moves by arrows, picks by Enter', async () => {
    const pick = jest.fn();
    const look = jest.fn();
    render(
      <SpeciesSearch
        catalogue={catalogue}
        write={(cm) => `${cm} cm`}
        label="Add"
        onPick={pick}
        onLook={look}
      />,
    );
    const box = screen.getByRole('combobox', { name: 'Add' });
    await userEvent.type(box, 'neon');
    const options = screen.getAllByRole('option').map((option) => option.textContent);
    expect(options[0]).toContain('neon');
    await userEvent.keyboard('{ArrowDown}');
    expect(screen.getAllByRole('option')[1]).toHaveAttribute('aria-selected', 'true');
    await userEvent.clear(box);
    await userEvent.type(box, 'puntius denis{Enter}');
    expect(pick).toHaveBeenCalledWith(expect.objectContaining({ id: 'sahyadria-denisonii' }), null);
    expect(look).toHaveBeenCalledWith(expect.objectContaining({ id: 'sahyadria-denisonii' }), null);
    expect(box).toHaveValue('');
    // A number before the name goes along.
    await userEvent.type(box, '8 neon tetras{Enter}');
    expect(look).toHaveBeenCalledWith(expect.objectContaining({ id: 'paracheirodon-innesi' }), 8);
    expect(pick).toHaveBeenLastCalledWith(expect.objectContaining({ id: 'paracheirodon-innesi' }), 8);
    // One that is none of fish is said, and nothing is picked.
    await userEvent.type(box, '0 neon tetras{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('A number from 1 to 999 before the name.');
    expect(pick).toHaveBeenCalledTimes(2);
    expect(box).toHaveValue('0 neon tetras');
  });
  it('says so when there is no such species', async () => {
    render(<SpeciesSearch catalogue={catalogue} write={(cm) => `${cm} cm`} label="Add" onPick={() => {}} />);
    await userEvent.type(screen.getByRole('combobox'), 'purple dragon');
    expect(screen.getByText(/Nothing is called/)).toBeInTheDocument();
  });
});

describe('coloursFor', () => {
  it('gives no two alike while there are colours, in any order', () => {
    const ids = Array.from({ length: 30 }, (_, i) => `fish-${i}`);
    const colours = coloursFor(ids);
    expect(new Set(colours.values()).size).toBe(30);
    expect(coloursFor([...ids].reverse())).toEqual(colours);
  });
});

describe('SeverityMark', () => {
  it('says its severity in a word, not by colour alone', () => {
    render(<SeverityMark severity="caution" />);
    expect(screen.getByText('caution')).toBeInTheDocument();
  });
});
