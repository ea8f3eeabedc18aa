import { entriesOf, ON, resident, stamp, T, U } from '@/testing/written';
import type { ResidentId, TankId } from '../kernel';
import type { Change } from '../gate';
import type { RoomDocument } from '../records';
import { listChangeIn, listedIn, speciesChange } from './documentChanges';
import { comeBack, decideToGo, recordDeath } from './leave';
import { recordResident, type RecordInput, type RecordKind } from './recordResident';
import { orderTanks } from './tankParts';

describe('a record of one that lives here', () => {
  const written = (kind: RecordKind, input: Partial<RecordInput>, one = resident('g')) =>
    recordResident(kind, one, { text: '', ...input }, stamp());
  const unsexed = { sex: 'unknown', males: null, females: null };
  it.each<[RecordKind, Partial<RecordInput>, object]>([
    ['moved', { tank: U, text: 'by net' }, { type: 'moved', resident: 'g', tank: 'U', note: 'by net' }],
    ['measured', { lengthCm: 4 }, { type: 'measured', resident: 'g', lengthCm: 4 }],
    [
      'sexed',
      { sex: 'male', text: 'fins' },
      { type: 'sexed', resident: 'g', sex: 'male', sure: 'likely', males: null, females: null, note: 'fins' },
    ],
    ['named', { text: 'Brim' }, { type: 'named', resident: 'g', name: 'Brim' }],
    [
      'split off',
      { count: 6, text: 'Brim' },
      {
        type: 'split',
        resident: 'g',
        into: [{ id: 's1', name: 'Brim', count: 6, individual: false, ...unsexed }],
      },
    ],
    [
      'identified',
      { species: 'danio-kyathit', text: 'spots' },
      { type: 'identified', resident: 'g', species: 'danio-kyathit', note: 'spots' },
    ],
    [
      'paired',
      { partner: 'h' as ResidentId, text: 'at dusk' },
      { type: 'paired', first: 'g', second: 'h', note: 'at dusk' },
    ],
    [
      'spawned',
      { text: 'moss' },
      { type: 'spawned', tank: 'T', parents: ['g'], species: 'danio-rerio', note: 'moss' },
    ],
    [
      'fry seen',
      { count: 9, text: 'top' },
      { type: 'fry', tank: 'T', species: 'danio-rerio', seen: 9, note: 'top' },
    ],
    [
      'young kept',
      { count: 4, text: 'Rill' },
      {
        type: 'born',
        tank: 'T',
        species: 'danio-rerio',
        member: { id: 's1', name: 'Rill', count: 4, individual: false, ...unsexed },
        lengthCm: 1,
        note: '',
      },
    ],
    [
      'brood lost',
      { text: 'gone' },
      { type: 'brood-lost', tank: 'T', species: 'danio-rerio', parents: [], how: 'not known', note: 'gone' },
    ],
    [
      'number corrected',
      { count: 0, why: 'never there', text: 'miscounted' },
      { type: 'recounted', resident: 'g', count: 0, why: 'never there', note: 'miscounted' },
    ],
  ] as unknown as [RecordKind, Partial<RecordInput>, object][])('%s with %o', (kind, input, entry) =>
    expect(written(kind, input)).toEqual(entry),
  );
  it('of a brood names the parent that is told apart, and how it ended', () => {
    const one = resident('a', { individual: true, count: 1 });
    expect(written('brood lost', { brood: 'eaten' }, one)).toMatchObject({
      parents: ['a'],
      how: 'eaten',
    });
  });
  it('corrects a number only to another one, and says why', () => {
    const whole = { expected: { is: 'whole', from: 0, to: null } };
    expect(written('number corrected', {})).toMatchObject({ path: 'count', ...whole });
    expect(written('number corrected', { count: 6 })).toMatchObject({ path: 'count', ...whole });
    expect(written('number corrected', { count: 5 })).toMatchObject({
      path: 'why',
      expected: { is: 'filled' },
    });
  });
});

describe('the order of tanks in the rack', () => {
  const rack = (orders: Readonly<Record<string, number>>): Record<string, RoomDocument> => ({
    draft: { id: 'draft', kind: 'draft', body: null } as unknown as RoomDocument,
    gone: { id: 'gone', kind: 'tank', body: null } as unknown as RoomDocument,
    ...Object.fromEntries(
      Object.entries(orders).map(([id, order]) => [id, { id, kind: 'tank', body: { name: id, order } }]),
    ),
  });
  const ordered = (orders: Readonly<Record<string, number>>, ...tanks: string[]) =>
    orderTanks(rack(orders), tanks as unknown as TankId[]).map((change) =>
      change.kind === 'put' ? [change.document.id, change.document.kind, change.document.body] : [],
    );
  it('writes only those whose place changes', () => {
    expect(ordered({ a: 1, b: 2, c: 3 }, 'b', 'a', 'c')).toEqual([
      ['b', 'tank', { name: 'b', order: 1 }],
      ['a', 'tank', { name: 'a', order: 2 }],
    ]);
    expect(ordered({ a: 1, b: 2, c: 3 }, 'a', 'b', 'c')).toEqual([]);
  });
  it('lets those that are not named follow, as they stood', () =>
    expect(ordered({ a: 1, b: 3, c: 2, d: 4 }, 'd').map(([id]) => id)).toEqual(['d', 'a', 'c', 'b']));
});

describe('documents', () => {
  const species = { profile: { id: 'x' }, changed: ['size'] } as unknown as Parameters<
    typeof speciesChange
  >[1];
  it('of a species bear its name, and none takes it away', () => {
    expect(speciesChange('x', species)).toMatchObject({
      kind: 'put',
      document: { id: 'species-x', kind: 'species', body: { profile: { id: 'x' }, changed: ['size'] } },
    });
    expect(speciesChange('x', null)).toMatchObject({ document: { id: 'species-x', body: null } });
  });
  const draft = (body: object | null, kind = 'draft') =>
    ({ 'draft-T': { id: 'draft-T', kind, body } }) as unknown as Record<string, RoomDocument>;
  const groups = [{ key: 'k', group: { species: 'x', count: 1 } }];
  it('of a list are empty where there is none, or none of that kind', () => {
    expect(listedIn(draft({ groups }), T)).toEqual(groups);
    for (const none of [{}, draft(null), draft({ groups }, 'tank')]) expect(listedIn(none, T)).toEqual([]);
  });
  it('keep their name and note when the list is made anew', () => {
    const anew = (documents: Record<string, RoomDocument>) => {
      const change = listChangeIn(documents, T, (listed) => [...listed, ...groups]);
      return change.kind === 'put' ? change.document.body : null;
    };
    expect(anew(draft({ tank: T, name: 'Later', note: 'for spring', groups }))).toEqual({
      tank: T,
      name: 'Later',
      note: 'for spring',
      groups: [...groups, ...groups],
    });
    for (const none of [{}, draft(null), draft({ name: 'Holm', groups }, 'tank')])
      expect(anew(none)).toEqual({ tank: T, name: 'Stock list', groups });
  });
});

describe('who leaves and who is back', () => {
  const base = { on: ON, resident: 'a' as ResidentId, count: 2 };
  const entry = (change: Change) => entriesOf([change])[0];
  it('is written with what was said', () => {
    expect(entry(comeBack({ ...base, tank: T, what: 'returned' }, stamp()))).toEqual({
      ...base,
      tank: 'T',
      what: 'returned',
      type: 'back-again',
      note: '',
    });
    expect(
      entry(decideToGo({ ...base, why: '' } as unknown as Parameters<typeof decideToGo>[0], stamp())),
    ).toEqual({
      ...base,
      why: '',
      type: 'to-go',
    });
  });
  it('a death has signs and an incident only where there are some', () => {
    const death = { ...base, how: 'found' as const, cause: 'heat', note: '' };
    expect(entry(recordDeath({ ...death, signs: [], incident: '' }, stamp()))).toEqual({
      ...death,
      type: 'died',
    });
    expect(entry(recordDeath({ ...death, signs: ['torn'], incident: 'heater' }, stamp()))).toEqual({
      ...death,
      type: 'died',
      signs: ['torn'],
      incident: 'heater',
    });
  });
});
