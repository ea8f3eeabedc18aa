import { atOnce, type EntryId } from '../kernel';
import type { EntryOf, Happened } from './entry';
import { foldOne, foldOnSteps, foldSteps, type Folding } from './fold';
import { journalReader } from './reading';

/** A journal that knows no fish: a count goes up, or breaks the fold. */
type Step = Happened & { readonly type: 'added' | 'broke'; readonly by: number };
interface Sum {
  readonly total: number;
  readonly loose: readonly string[];
}

const unreadable = (entry: EntryOf<Step>) =>
  entry.on === '' ? { id: entry.id, type: entry.type, on: '', why: 'no name or moment' as const } : null;
const folding: Folding<Sum, Step> = {
  empty: { total: 0, loose: [] },
  apply: (state, event) => {
    if (event.type === 'broke') throw new Error('broke');
    return { ...state, total: state.total * 2 + event.by };
  },
  loose: (state, { id, why }) => ({ ...state, loose: [...state.loose, `${id} ${why}`] }),
  unreadable,
};

const at = (day: number): string => `2026-01-${String(day).padStart(2, '0')}T10:00:00.000Z`;
const added = (seq: number, by: number, day = seq): EntryOf<Step> => ({
  type: 'added',
  by,
  on: at(day),
  id: `e${seq}` as EntryId,
  seq,
  recorded: at(seq),
});
const corrected = (seq: number, target: number, by: number | null): EntryOf<Step> => ({
  type: 'corrected',
  target: `e${target}` as EntryId,
  replacement: by === null ? null : { type: 'added', by, on: at(target) },
  on: at(seq),
  id: `e${seq}` as EntryId,
  seq,
  recorded: at(seq),
});
const fold = (entries: readonly EntryOf<Step>[], until?: string): Sum =>
  atOnce(foldSteps(folding, journalReader(unreadable), entries, until));
const pausesOf = (steps: Generator<undefined, unknown>): number => {
  let pauses = 0;
  while (steps.next().done !== true) pauses += 1;
  return pauses;
};

describe('a journal', () => {
  it('is folded in the order in which things happened, then in which they were written', () => {
    expect(fold([added(1, 1), added(2, 5)]).total).toBe(7);
    expect(fold([added(1, 1, 9), added(2, 5, 3)]).total).toBe(11);
    expect(fold([added(1, 1, 3), added(2, 5, 3)]).total).toBe(7);
    expect(fold([added(9, 1, 3), added(2, 5, 3), added(4, 2, 1)]).total).toBe((2 * 2 + 5) * 2 + 1);
  });

  it('goes by the last correction that was written, and leaves out what was struck', () => {
    const { effective } = journalReader(unreadable);
    const entries = [added(1, 1), added(2, 5), corrected(4, 1, 9), corrected(3, 1, 7), corrected(5, 2, null)];
    expect(effective(entries)).toEqual([
      { type: 'added', by: 9, on: at(1), id: 'e1', seq: 1, recorded: at(1), corrected: true },
    ]);
    expect(fold(entries).total).toBe(9);
  });

  it('sorts anew when a correction moves something', () => {
    const moved: EntryOf<Step> = {
      ...(corrected(3, 1, 1) as EntryOf<Step> & { type: 'corrected' }),
      replacement: { type: 'added', by: 1, on: at(9) },
    };
    expect(fold([added(1, 1), added(2, 5), moved]).total).toBe(11);
  });

  it('counts the whole of a day, and of a moment what is up to it', () => {
    const entries = [added(1, 1), added(2, 5)];
    expect(fold(entries, '2026-01-02').total).toBe(7);
    expect(fold(entries, '2026-01-01').total).toBe(1);
    expect(fold(entries, at(2)).total).toBe(7);
    expect(fold(entries, '2026-01-02T09:59:59.999Z').total).toBe(1);
    // Of a moment not the rest of its day.
    expect(fold([added(1, 1), { ...added(2, 5), on: '2026-01-01T18:00:00.000Z' }], at(1)).total).toBe(1);
  });

  it('tells what cannot be read or breaks, and folds the rest', () => {
    const broke = { ...added(2, 5), type: 'broke' } as EntryOf<Step>;
    const nowhere = { ...added(3, 7), on: '' };
    expect(fold([added(1, 1), broke, nowhere, added(4, 4)])).toEqual({
      total: 6,
      loose: ['e2 damaged', 'e3 no name or moment'],
    });
  });

  it('is folded on by one where the state alone can tell, else not', () => {
    const state = fold([added(1, 1), added(2, 5)]);
    expect(foldOne(folding, state, at(2), added(3, 1))?.total).toBe(15);
    expect(foldOne(folding, state, at(2), added(3, 1, 2))?.total).toBe(15);
    expect(foldOne(folding, state, at(2), added(3, 1, 1))).toBeNull();
    expect(foldOne(folding, state, at(2), corrected(3, 1, 1))).toBeNull();
    expect(foldOne(folding, state, '', { ...added(3, 1), on: '' })).toBeNull();
    expect(foldOne(folding, state, at(2), { ...added(3, 1), type: 'broke' } as EntryOf<Step>)?.loose).toEqual(
      ['e3 damaged'],
    );
  });

  it('is folded on by many as by one after the other', () => {
    const all = Array.from({ length: 40 }, (_, i) => added(i + 1, i % 3, 1));
    const on = atOnce(foldOnSteps(folding, fold(all.slice(0, 10)), at(1), all.slice(10)));
    expect(on).toEqual(fold(all));
    expect(atOnce(foldOnSteps(folding, folding.empty, '', [added(1, 1, 5), added(2, 1, 4)]))).toBeNull();
  });

  it('pauses in a long one, and not in one that was read before', () => {
    const long = Array.from({ length: 4500 }, (_, i) => added(i + 1, 0, 1));
    const reader = journalReader(unreadable);
    expect(pausesOf(reader.effectiveInSteps(long))).toBe(3);
    expect(pausesOf(reader.effectiveInSteps(long))).toBe(0);
    expect(pausesOf(foldSteps(folding, reader, long))).toBe(1 + 3);
    expect(pausesOf(foldOnSteps(folding, folding.empty, '', long))).toBe(3);
  });

  it('is read on with what came after it, without being read again', () => {
    const reader = journalReader(unreadable);
    const before = [added(1, 1), added(2, 5)];
    reader.effective(before);
    const fresh = [added(3, 2)];
    const after = [...before, ...fresh];
    reader.readOn(before, after, fresh);
    expect(pausesOf(reader.effectiveInSteps(after))).toBe(0);
    expect(reader.effective(after)).toEqual(journalReader(unreadable).effective(after));
  });

  it.each([
    ['a correction', corrected(3, 1, 9)],
    ['something earlier', added(3, 2, 1)],
    ['something unreadable', { ...added(3, 2), on: '' }],
  ])('reads anew after %s', (_, entry) => {
    const reader = journalReader(unreadable);
    const before = [added(1, 1), added(2, 5)];
    reader.effective(before);
    const after = [...before, entry];
    reader.readOn(before, after, [entry]);
    expect(reader.effective(after)).toEqual(journalReader(unreadable).effective(after));
  });

  it('knows nothing of a list that was never read', () => {
    const reader = journalReader(unreadable);
    const [before, entry] = [[added(1, 1)], added(2, 5)];
    const after = [...before, entry];
    reader.readOn(before, after, [entry]);
    expect(reader.effective(after)).toHaveLength(2);
  });
});
