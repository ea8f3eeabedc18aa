import fc from 'fast-check';
import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { effective, readOn } from './roomAt';
import type { Dated, Entry } from '../events/events';
import { EMPTY_ROOM, type Room } from '../events/room';
import { roomAfter, roomAt } from './roomAt';

const who = fc.constantFrom('a', 'b', 'c').map((id) => id as ResidentId);
const tank = fc.constantFrom('T', 'U').map((id) => id as TankId);
const count = fc.integer({ min: 1, max: 12 });
const minute = fc.integer({ min: 0, max: 400 });
const at = (n: number): string => new Date(Date.UTC(2026, 2, 1) + n * 3_600_000).toISOString();

const body: fc.Arbitrary<Omit<Dated, 'on'>> = fc.oneof(
  fc.record({
    type: fc.constant('came' as const),
    tank,
    species: fc.constant('danio-rerio'),
    members: fc.tuple(
      fc.record({
        id: who,
        name: fc.constant('x'),
        count,
        individual: fc.boolean(),
        sex: fc.constant('unknown' as const),
        males: fc.option(count),
        females: fc.option(count),
      }),
    ),
    lengthCm: count,
    origin: fc.constant('wild' as const),
    from: fc.constant(''),
    note: fc.constant(''),
    quarantine: fc.constantFrom('here' as const, 'none' as const),
  }),
  fc.record({ type: fc.constant('moved' as const), resident: who, tank, note: fc.constant('') }),
  fc.record({
    type: fc.constant('died' as const),
    resident: who,
    count,
    how: fc.constant('found' as const),
    cause: fc.constant(''),
    note: fc.constant(''),
  }),
  fc.record({
    type: fc.constant('recounted' as const),
    resident: who,
    count: fc.integer({ min: 0, max: 15 }),
    why: fc.constantFrom('born here' as const, 'lost unseen' as const),
    note: fc.constant(''),
  }),
  fc.record({
    type: fc.constant('quarantine' as const),
    tank,
    what: fc.constantFrom('begun' as const, 'extended' as const, 'passed' as const),
    note: fc.constant(''),
  }),
  fc.record({
    type: fc.constant('saw' as const),
    tank,
    resident: fc.option(who),
    what: fc.constantFrom('torn' as const, 'eating' as const),
    place: fc.constant(''),
    note: fc.constant(''),
  }),
  fc.record({
    type: fc.constant('looked' as const),
    tank,
    hours: fc.constantFrom(2, 24),
    seen: fc.constant(null),
    signs: fc.constant([]),
    note: fc.constant(''),
  }),
  fc.record({ type: fc.constant('watched' as const), tank, minutes: count, note: fc.constant('') }),
);

const entriesOf = (events: readonly (readonly [Omit<Dated, 'on'>, number])[]): readonly Entry[] =>
  events.map(
    ([event, n], i) =>
      ({ ...event, on: at(n), id: `e${i}` as EntryId, seq: i + 1, recorded: at(500) }) as unknown as Entry,
  );
const journal = fc.array(fc.tuple(body, minute), { maxLength: 40 }).map(entriesOf);

describe('the journal, whatever is in it', () => {
  it('folds one entry at a time to the same room as all at once, when they come in order', () => {
    fc.assert(
      fc.property(journal, (entries) => {
        const ordered = [...entries]
          .sort((x, y) => (x.on < y.on ? -1 : 1))
          .map((entry, i) => ({ ...entry, seq: i + 1 }));
        let live: Room | null = EMPTY_ROOM;
        let last = '';
        for (const entry of ordered) {
          live = live && roomAfter(live, last, entry);
          last = entry.on;
        }
        expect(live).toEqual(roomAt(ordered));
      }),
    );
  });
  it('is the same in whatever order it is read', () => {
    fc.assert(
      fc.property(journal, fc.integer({ min: 0, max: 40 }), (entries, turn) => {
        const turned = [...entries.slice(turn), ...entries.slice(0, turn)];
        expect(roomAt(turned)).toEqual(roomAt(entries));
      }),
    );
  });
  it('never has fewer than nobody, and loses nobody unsaid', () => {
    fc.assert(
      fc.property(journal, (entries) => {
        for (const resident of Object.values(roomAt(entries).residents)) {
          expect(resident.count).toBeGreaterThanOrEqual(0);
          expect(resident.leftOn === null).toBe(resident.count > 0);
        }
      }),
    );
  });
  it('reads on to what reading anew would say, wherever it was cut', () => {
    fc.assert(
      fc.property(journal, fc.nat(), (entries, at) => {
        const cut = entries.length === 0 ? 0 : at % entries.length;
        const [before, fresh, after] = [entries.slice(0, cut), entries.slice(cut), [...entries]];
        effective(before);
        readOn(before, after, fresh);
        expect(effective(after)).toEqual(effective([...entries]));
      }),
    );
  });
  it('stands as it was when an entry is struck out and put back', () => {
    fc.assert(
      fc.property(journal, fc.nat(), (entries, pick) => {
        fc.pre(entries.length > 0);
        const target = entries[pick % entries.length]!;
        const { id, seq: _s, recorded: _r, ...dated } = target as Entry & Dated;
        const correction = (seq: number, replacement: Dated | null): Entry =>
          ({
            id: `c${seq}`,
            seq,
            recorded: at(600),
            on: at(600),
            type: 'corrected',
            target: id,
            replacement,
          }) as unknown as Entry;
        const struck = [...entries, correction(100, null)];
        expect(effective(struck)).toHaveLength(entries.length - 1);
        expect(roomAt([...struck, correction(101, dated as Dated)])).toEqual(roomAt(entries));
      }),
    );
  });
});
