import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { changeSettings } from '@/core/commands';
import { correctableParts, type Dated, EVENT_TYPES } from '@/core/events';
import { DEFAULT_SETTINGS } from '@/core/records';
import { happened } from '@/testing/happened';
import { room, show } from '@/testing/inRoom';
import { entryLabel } from '@/words/en';
import { CorrectDialog } from './CorrectDialog';

const on = '2026-03-01T18:20:30.000Z';
const US = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' } as const;

/** The dialog that corrects an entry, in US units; what it would write. */
async function correct(entry: Parameters<typeof happened>[0]) {
  const session = await room();
  await session.run('units', changeSettings(session.state.getState().documents, DEFAULT_SETTINGS, US));
  const written = jest.fn((_replacement: Dated) => Promise.resolve(true as const));
  show(session, <CorrectDialog event={happened(entry)} onClose={() => {}} onCorrect={written} />);
  return written;
}

describe('a correction', () => {
  it('asks for every part by the name that its form gives it', () => {
    const unnamed = EVENT_TYPES.flatMap((type) =>
      correctableParts(type).filter((part) => entryLabel(type, part) === undefined),
    );
    expect(unnamed).toEqual([]);
  });
  it('shows readings in the keeper’s units, and takes one that was left out', async () => {
    const written = await correct({ type: 'tested', on, temperatureC: 25 });
    expect(screen.getByLabelText('Temperature')).toHaveValue('77 °F');
    await userEvent.clear(screen.getByLabelText('Temperature'));
    await userEvent.type(screen.getByLabelText('Temperature'), '80');
    await userEvent.type(screen.getByLabelText('GH'), '90 ppm');
    await userEvent.click(screen.getByRole('button', { name: 'Save correction' }));
    await waitFor(() => expect(written).toHaveBeenCalledTimes(1));
    expect(written.mock.lastCall![0]).toMatchObject({
      on,
      temperatureC: expect.closeTo(26.667, 2),
      ghDh: expect.closeTo(5.04, 1),
    });
  });
  it('stands after a reload as it was typed, and is given up when the dialog is closed', async () => {
    const event = happened({ type: 'tested', on, temperatureC: 25 });
    const open = async () =>
      show(
        await room(),
        <CorrectDialog event={event} onClose={() => {}} onCorrect={() => Promise.resolve(true)} />,
      );
    const before = await open();
    await userEvent.type(screen.getByLabelText('GH'), '5,');
    before.unmount();
    const again = await open();
    expect(screen.getByLabelText('GH')).toHaveValue('5,');
    await userEvent.keyboard('{Escape}');
    again.unmount();
    await open();
    expect(screen.getByLabelText('GH')).toHaveValue('');
  });
  it('puts winner and loser right, and takes the winner from a contest that neither won', async () => {
    const written = await correct({
      type: 'chased',
      on,
      watch: '',
      winner: 'some-male-labidochromis-caeruleus',
      loser: 'some-female-labidochromis-caeruleus',
      what: 'lock',
      place: '',
    });
    await userEvent.selectOptions(screen.getByLabelText('Won by'), 'a female yellow lab');
    await userEvent.selectOptions(screen.getByLabelText('Against'), 'a male yellow lab');
    await userEvent.selectOptions(screen.getByLabelText('Neither had the better'), 'yes');
    await userEvent.click(screen.getByRole('button', { name: 'Save correction' }));
    await waitFor(() => expect(written).toHaveBeenCalledTimes(1));
    expect(written.mock.lastCall![0]).toMatchObject({
      winner: 'some-female-labidochromis-caeruleus',
      loser: 'some-male-labidochromis-caeruleus',
      undecided: true,
    });
  });
  it('leaves out a reading that was cleared', async () => {
    const written = await correct({ type: 'tested', on, temperatureC: 25, ph: 7 });
    await userEvent.clear(screen.getByLabelText('pH'));
    await userEvent.click(screen.getByRole('button', { name: 'Save correction' }));
    await waitFor(() => expect(written).toHaveBeenCalledTimes(1));
    expect(written.mock.lastCall![0]).toMatchObject({ temperatureC: 25 });
    expect(written.mock.lastCall![0]).not.toHaveProperty('ph');
  });
  it('refuses what the form refuses, in its words, and keeps what was typed', async () => {
    const written = await correct({ type: 'water-changed', on, fraction: 0.4, checked: [] });
    expect(screen.getByLabelText('Share changed')).toHaveValue('40%');
    await userEvent.clear(screen.getByLabelText('Share changed'));
    await userEvent.type(screen.getByLabelText('Share changed'), '140');
    await userEvent.click(screen.getByRole('button', { name: 'Save correction' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Type 1% to 100%. You typed “140”.');
    await userEvent.clear(screen.getByLabelText('Share changed'));
    await userEvent.type(screen.getByLabelText('Share changed'), '50');
    await userEvent.click(screen.getByRole('button', { name: 'Save correction' }));
    await waitFor(() => expect(written).toHaveBeenCalledTimes(1));
    expect(written.mock.lastCall![0]).toMatchObject({ on, fraction: 0.5, checked: [] });
  });
});
