import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DocumentBodies } from '@/core/records/documents';
import { individual, room, show } from '@/testing/inRoom';
import type { Session } from '@/session/types';
import { TankScreen } from './TankScreen';

const tank = (session: Session) => session.state.getState().documents['T']?.body as DocumentBodies['tank'];
const retype = async (label: string, text: string): Promise<void> => {
  await userEvent.clear(screen.getByLabelText(label));
  await userEvent.type(screen.getByLabelText(label), `${text}{Enter}`);
};

describe('Tank', () => {
  it('keeps what was typed and shows what follows', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await retype('Length', '6 ft');
    await waitFor(() => expect(tank(session).tank.lengthCm).toBeCloseTo(182.88, 6));
    expect(screen.getByLabelText('Length')).toHaveValue('6 ft');
    expect(tank(session).entered).toEqual({ lengthCm: '6 ft' });
    expect(screen.getByText('446 L')).toBeInTheDocument();
    await act(async () => void (await session.undo()));
    await waitFor(() => expect(screen.getByLabelText('Length')).toHaveValue('121.9 cm'));
  });

  it.each([
    ['Height', 'high', 'Type a measure such as'],
    ['Height', '9000 cm', 'Type more than 0 cm, at most 500 cm.'],
    ['Temperature', '78 cm', 'Type a temperature such as'],
    ['GH', '900 dH', 'Type 0 °dH to 60 °dH.'],
  ])('refuses %s "%s" where it stands, and changes nothing', async (label, text, words) => {
    const session = await room();
    const before = tank(session);
    show(session, <TankScreen />);
    await retype(label, text);
    expect(screen.getByRole('alert')).toHaveTextContent(words);
    expect(tank(session)).toEqual(before);
  });

  it('lets what nobody typed follow the measures, and says that it is assumed', async () => {
    const session = await room();
    show(session, <TankScreen />);
    const line = screen.getByLabelText('Water line');
    expect(line).toHaveValue('');
    const before = line.getAttribute('placeholder');
    await retype('Height', '60 cm');
    await waitFor(() => expect(line).toHaveAttribute('placeholder', '58 cm'));
    expect(before).not.toBe('58 cm');
    await retype('Glass', '3/8 in');
    await waitFor(() => expect(tank(session).tank.glassMm).toBe(9.525));
    expect(screen.getByLabelText('Glass')).toHaveValue('3/8 in');
  });

  it('forgets a value that is not known after all', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await userEvent.clear(screen.getByLabelText('Temperature'));
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(tank(session).water.temperatureC).toBeUndefined());
  });

  it('opens the lid, changes the approach, and lets two changes in a row both stand', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Top'), 'open');
    await userEvent.selectOptions(screen.getByLabelText('Tank size'), 'cautious');
    await waitFor(() =>
      expect(tank(session)).toMatchObject({ tank: { lid: false }, practice: { tankSize: 'cautious' } }),
    );
  });

  it('carries the caution on mass, and is not removed while fish live in it', async () => {
    show(await room([individual('Torch')]), <TankScreen />);
    expect(screen.getByText(/structural engineer/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Remove tank' })).toBeDisabled();
  });
});

describe('the furnishing of a tank', () => {
  it('takes shapes by their footprint', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Shape'), 'bow-front');
    await waitFor(() => expect(tank(session).tank.shape).toBe('bow-front'));
    await retype('Bow, within the width', '4 in');
    await waitFor(() => expect(tank(session).tank.bowCm).toBeCloseTo(10.16, 6));
    expect(screen.getByRole('img', { name: /Seen from above: bow-front/ })).toBeInTheDocument();
  });
  it('counts hiding places by type, and refuses half a cave', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await userEvent.type(screen.getByLabelText('Caves'), '4{Enter}');
    await waitFor(() => expect(tank(session).tank.hides).toEqual({ caves: 4 }));
    await userEvent.type(screen.getByLabelText('Shells'), '1.5{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('a whole number from 0 to 500');
    expect(tank(session).tank.hides).toEqual({ caves: 4 });
  });
  it('sets the practice that verdicts follow', async () => {
    const session = await room();
    show(session, <TankScreen />);
    await userEvent.selectOptions(screen.getByLabelText('Males'), 'all-male');
    await userEvent.selectOptions(screen.getByLabelText('Rift-lake density'), 'dense');
    await waitFor(() =>
      expect(tank(session).practice).toMatchObject({ males: 'all-male', riftDensity: 'dense' }),
    );
  });
  it('names what stands on the same footprint in another height', async () => {
    show(await room(), <TankScreen />);
    expect(screen.getByText('90 US gal')).toBeInTheDocument();
  });
});
