import { catalogue } from '@/testing/plans';
import type { DocumentBodies, DocumentKind } from './documents';
import { defineRecord } from './define';
import { recordOf } from './index';

const NOW = '2027-06-10T12:00:00.000Z';
const sense = <K extends DocumentKind>(kind: K, body: object, now: string | null = NOW) =>
  (recordOf(kind).sense?.(body as DocumentBodies[K], { catalogue, now }) ?? []).map(({ path, expected }) => [
    path,
    expected,
  ]);
const unknown = { is: 'known', what: 'species', nearest: expect.any(String) };

describe('what contradicts itself in a document', () => {
  it('a watch that began days ahead of the clock', () => {
    const watch = (startedOn: string, runningSince: string | null, now?: string | null) =>
      sense('watching', { tank: 'T', watch: 'w', startedOn, countedSeconds: 0, runningSince }, now).map(
        ([path]) => path,
      );
    expect(watch('2027-06-10T12:00:00.000Z', null)).toEqual([]);
    expect(watch('2027-06-12T23:00:00.000Z', '2027-06-12T23:59:00.000Z')).toEqual([]);
    expect(watch('2027-06-13T00:00:00.000Z', null)).toEqual(['startedOn']);
    expect(watch('2027-06-10T12:00:00.000Z', '2027-07-01T00:00:00.000Z')).toEqual(['runningSince']);
    expect(watch('2028-01-01T00:00:00.000Z', '2028-01-01T00:00:00.000Z')).toEqual([
      'startedOn',
      'runningSince',
    ]);
    expect(watch('2028-01-01T00:00:00.000Z', null, null)).toEqual([]);
    expect(sense('watching', { startedOn: '2028-01-01T00:00:00.000Z', runningSince: null })).toEqual([
      ['startedOn', { is: 'not in the future' }],
    ]);
  });
  it('a wave that is released before it arrives', () => {
    const wave = (arrives: string, releases: string) => ({ keys: [], lane: null, arrives, releases });
    const waves = (...all: readonly object[]) => sense('waves', { waves: all });
    expect(waves(wave('2027-06-10', '2027-06-10'), wave('2027-06-10', '2027-07-10'))).toEqual([]);
    expect(waves(wave('2027-06-10', '2027-06-11'), wave('2027-06-10', '2027-06-09'))).toEqual([
      ['waves[1].releases', { is: 'arrived by', on: '2027-06-10' }],
    ]);
  });
  it('wishes, stock of shops and lists that name no species, by their place', () => {
    const two = [{ species: 'paracheirodon-innesi' }, { species: 'no-such' }];
    expect(sense('wishes', { wishes: two })).toEqual([['wishes[1].species', unknown]]);
    expect(sense('shops', { items: two })).toEqual([['items[1].species', unknown]]);
    const groups = two.map((one, i) => ({ key: `g${i}`, group: { ...one, count: 2, males: 3 } }));
    expect(sense('draft', { groups }).map(([path]) => path)).toEqual([
      'groups[0].group.males',
      'groups[1].group.species',
      'groups[1].group.males',
    ]);
  });
});

describe('a kind of document', () => {
  it('has its steps from one version to the next in order', () => {
    const step = (from: number) => ({
      from,
      name: 'x',
      up: (body: object) => body as Record<string, unknown>,
    });
    expect(() => defineRecord('care', {}, { upcasts: [step(1), step(3)] })).toThrow(
      'care: the step "x" starts at 3, expected 2',
    );
    expect(() => defineRecord('care', {}, { upcasts: [step(2)] })).toThrow('starts at 2, expected 1');
    expect(defineRecord('care', {}, { upcasts: [step(1), step(2)] }).upcasts).toHaveLength(2);
    expect(defineRecord('care', {})).toMatchObject({ upcasts: [], itemKeys: {}, whole: false });
  });
});
