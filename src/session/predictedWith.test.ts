import { bringHome } from '@/core/commands';
import type { Change } from '@/core/gate';
import type { DraftGroup } from '@/core/records';
import { room, TANK } from '@/testing/inRoom';
import { predictedWith, warningsOn } from './predictedWith';
import type { Session } from './types';

const DAY_MS = 86_400_000;
const listed = (species: string, count: number): DraftGroup => ({
  key: `l-${species}`,
  group: { species, count, lengthCm: 5, origin: 'tank-bred' },
});

/** Brings a group home into the tank, so many days ago. */
function home(session: Session, one: DraftGroup, daysAgo = 0): readonly Change[] {
  const { documents } = session.state.getState();
  return bringHome(
    documents,
    one,
    {
      on: new Date(Date.now() - daysAgo * DAY_MS).toISOString(),
      into: TANK,
      listedFor: TANK,
      lengthCm: 5,
      origin: 'tank-bred',
      from: 'a club',
      note: '',
      as: 'group',
      count: one.group.count,
      names: '',
      dead: 0,
    },
    session.stamp,
  );
}
const predictedIn = (changes: readonly Change[]) =>
  changes.flatMap((change) =>
    change.kind === 'append' && change.entry.type === 'predicted' ? [change.entry] : [],
  );

describe('fish that come to live in a tank', () => {
  it('bring the warnings about them, which are written in the same stroke and taken back with it', async () => {
    const barbs = listed('puntigrus-tetrazona', 5);
    const session = await room([], [barbs, listed('betta-splendens', 1)]);
    await session.run('barbs', (state) => predictedWith(state, home(session, barbs), session));
    const betta = listed('betta-splendens', 1);
    const outcome = await session.run('betta', (state) =>
      predictedWith(state, home(session, betta), session),
    );
    expect(outcome.kind).toBe('done');
    const entries = session.state.getState().entries!;
    const last = entries.at(-1)!;
    expect(last).toMatchObject({ type: 'predicted', tank: TANK });
    const warnings = last.type === 'predicted' ? last.warnings : [];
    expect(warnings).toContainEqual(
      expect.objectContaining({ rule: 'fin-nipping', species: ['puntigrus-tetrazona', 'betta-splendens'] }),
    );
    // Nothing about the barbs alone: that was said when they came.
    expect(warnings.every(({ species }) => species.length === 0 || species.includes('betta-splendens'))).toBe(
      true,
    );
    await session.undo();
    const { room: after } = session.state.getState();
    expect(Object.values(after.residents).some(({ species }) => species === 'betta-splendens')).toBe(false);
  });
  it('bring none where they are entered late, or are of a kind that lives there', async () => {
    const barbs = listed('puntigrus-tetrazona', 5);
    const session = await room([], [barbs]);
    const state = session.state.getState();
    expect(predictedIn(predictedWith(state, home(session, barbs), session))).toHaveLength(1);
    expect(predictedIn(predictedWith(state, home(session, barbs, 8), session))).toEqual([]);
    await session.run('barbs', home(session, barbs));
    expect(predictedIn(predictedWith(session.state.getState(), home(session, barbs), session))).toEqual([]);
  });
  it('are asked about in tanks that there are, not in quarantine', async () => {
    const session = await room();
    const state = session.state.getState();
    const quarantine = {
      ...state.documents[TANK]!,
      body: { ...(state.documents[TANK] as { body: object }).body, purpose: 'quarantine' },
    };
    expect(warningsOn('none', state, session)).toEqual([]);
    expect(warningsOn(TANK, { ...state, documents: { [TANK]: quarantine as never } }, session)).toEqual([]);
  });
});
