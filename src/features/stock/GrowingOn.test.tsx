import { screen, waitFor } from '@testing-library/react';
import { tankChange } from '@/core/commands';
import { addMonths } from '@/core/kernel';
import type { TankId } from '@/core/kernel';
import { todayIso } from '@/session/today';
import { room, show } from '@/testing/inRoom';
import { StockScreen } from './StockScreen';

const until = addMonths(todayIso(), 7);
const group = (nextTank?: string) => ({
  key: 'k',
  group: {
    species: 'chromobotia-macracanthus',
    count: 6,
    lengthCm: 5,
    until,
    ...(nextTank ? { nextTank } : {}),
  },
});

describe('growing on', () => {
  it('is drawn as this tank until then, and the next tank with its verdict', async () => {
    const session = await room([], [group('loft')]);
    const holm = session.state.getState().documents['T'];
    if (holm?.kind !== 'tank' || !holm.body) throw new Error('no tank');
    const small = { ...holm.body, name: 'Loft', order: 2, tank: { lengthCm: 60, widthCm: 30, heightCm: 30 } };
    await session.run('tank', [tankChange('loft' as TankId, small)]);
    show(session, <StockScreen />);
    const part = (await screen.findByText('Growing on')).closest('section');
    await waitFor(() =>
      expect(part).toHaveTextContent(/6 clown loaches.*Holm until.*then loft, grown 28 cm/),
    );
    expect(part).toHaveTextContent(/Stop/);
  });
  it('asks where to, where nobody says', async () => {
    show(await room([], [group()]), <StockScreen />);
    const part = (await screen.findByText('Growing on')).closest('section');
    expect(part).toHaveTextContent(/then nowhere yet/);
  });
  it('is silent where all stay', async () => {
    show(await room([], [{ key: 'k', group: { species: 'corydoras-aeneus', count: 6 } }]), <StockScreen />);
    await screen.findByText('Water ranges');
    expect(screen.queryByText('Growing on')).toBeNull();
  });
});
