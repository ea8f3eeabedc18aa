import fc from 'fast-check';
import { catalogue } from '@/testing/plans';
import type { Entry } from '../events/events';
import type { RoomDocument } from '../records/documents';
import { roomAt } from '../events/roomAt';
import { canonicalJson } from '../kernel/schema/canonicalJson';
import { compareBackup } from './compareBackup';
import { faultLine } from '../kernel/schema/faults';
import { readBackup, writeBackup } from './backup';

const words = fc.string({ maxLength: 40 });
const day = fc.integer({ min: 1, max: 28 }).map((d) => `2026-03-${String(d).padStart(2, '0')}T10:00:00.000Z`);
const who = fc.constantFrom('a', 'b', 'c');
const count = fc.integer({ min: 1, max: 30 });

/** What happens, in every shape that the reader has to take back unchanged. */
const happening = fc.oneof(
  fc.record({
    type: fc.constant('came'),
    tank: fc.constant('T'),
    species: fc.constantFrom(...catalogue.all.map((profile) => profile.id)),
    members: fc.tuple(
      fc.record({
        id: who,
        name: words,
        count,
        individual: fc.boolean(),
        sex: fc.constantFrom('male', 'female', 'unknown'),
        males: fc.constant(null),
        females: fc.option(count),
      }),
    ),
    lengthCm: fc.integer({ min: 1, max: 50 }),
    origin: fc.constantFrom('wild', 'tank-bred', 'unknown'),
    from: words,
    note: words,
  }),
  fc.record({
    type: fc.constant('died'),
    resident: who,
    count,
    how: fc.constantFrom('found', 'missing', 'put down'),
    cause: words,
    note: words,
  }),
  fc.record({
    type: fc.constant('chased'),
    tank: fc.constant('T'),
    watch: words,
    winner: who,
    loser: who,
    what: fc.constantFrom('chase', 'bite', 'evict', 'ram', 'guard'),
    place: words,
    bad: fc.integer({ min: 1, max: 3 }),
    trigger: fc.constantFrom('feeding', 'none seen'),
  }),
  fc.record({
    type: fc.constant('saw'),
    tank: fc.constant('T'),
    resident: fc.option(who),
    what: fc.constantFrom('torn', 'flashing', 'holds ground'),
    place: words,
    note: words,
  }),
  fc.record({
    type: fc.constant('looked'),
    tank: fc.constant('T'),
    hours: fc.constantFrom(2, 24, 48),
    seen: fc.option(fc.integer({ min: 0, max: 30 })),
    signs: fc.array(fc.constantFrom('eating', 'hiding'), { maxLength: 2 }),
    note: words,
  }),
  fc.record({
    type: fc.constant('quarantine'),
    tank: fc.constant('T'),
    what: fc.constantFrom('begun', 'extended', 'passed', 'given up'),
    days: fc.integer({ min: 1, max: 60 }),
    note: words,
  }),
  fc.record({
    type: fc.constant('recounted'),
    resident: who,
    count: fc.integer({ min: 0, max: 40 }),
    why: fc.constantFrom('born here', 'missed before', 'lost unseen'),
    note: words,
  }),
  fc.record({
    type: fc.constant('moved'),
    resident: who,
    tank: fc.constantFrom('T', 'U'),
    note: words,
    until: fc.constant('2026-09-01'),
    nextTank: words,
  }),
  fc.record({
    type: fc.constant('stepped-in'),
    tank: fc.constant('T'),
    step: fc.constantFrom('rearranged', 'boss set aside', 'box or divider'),
    note: words,
    bundle: words,
    who,
    until: fc.constant('2026-05-01'),
  }),
  fc.record({
    type: fc.constant('watched'),
    tank: fc.constant('T'),
    minutes: fc.integer({ min: 0, max: 90 }),
    note: words,
  }),
  fc.record({
    type: fc.constant('corrected'),
    target: fc.constantFrom('e0', 'e1', 'nobody'),
    replacement: fc.constant(null),
  }),
);
const journal = fc
  .array(fc.tuple(happening, day), { maxLength: 20 })
  .map((lines) =>
    lines.map(
      ([body, on], i) =>
        ({ ...body, id: `e${i}`, seq: i + 1, on, recorded: '2026-04-01T10:00:00.000Z' }) as unknown as Entry,
    ),
  );
const documents = fc
  .array(fc.record({ keeper: words, length: fc.constantFrom('cm' as const, 'in' as const) }), {
    maxLength: 4,
  })
  .map((bodies) =>
    bodies.map(
      (body, i) =>
        ({
          id: `d${i}`,
          kind: 'settings',
          rev: i + 1,
          body: { ...body, volume: 'L', temperature: 'C', hardness: 'dH' },
        }) as unknown as RoomDocument,
    ),
  );

describe('import(export(x)) = x', () => {
  it('for any room: the same bytes, the same room, nothing to change', () => {
    fc.assert(
      fc.property(documents, journal, (papers, entries) => {
        const text = writeBackup(papers, entries, '2026-05-01T00:00:00.000Z');
        const read = readBackup(JSON.parse(text), catalogue);
        expect(read.ok ? [] : read.faults.map(faultLine)).toEqual([]);
        if (!read.ok) return;
        expect(writeBackup(read.value.documents, read.value.entries, read.value.exportedOn)).toBe(text);
        expect(canonicalJson(roomAt(read.value.entries))).toBe(canonicalJson(roomAt(entries)));
        expect(compareBackup({ documents: papers, entries }, read.value).same).toBe(true);
      }),
      { numRuns: 80 },
    );
  });
});
