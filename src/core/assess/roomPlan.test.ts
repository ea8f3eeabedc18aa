import { signature } from './assess';
import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import type { DocumentBodies, DraftGroup } from '../records/documents';
import type { Resident } from '../events/room';
import type { ResidentId, TankId } from '../kernel/schema/ids';
import { applyEdit, type Editable } from './applyEdit';
import { roomPlan } from './roomPlan';
import { whatItAdds } from './whatItAdds';

const tank: DocumentBodies['tank'] = {
  name: 'Fen',
  purpose: 'display',
  order: 1,
  tank: { ...TANKS.us40breeder, lid: false },
  water: { temperatureC: 25 },
  routine: { changeFraction: 0.5, everyDays: 7 },
  practice: {},
  entered: { temperatureC: '77 F' },
};
const resident = (id: string, more: Partial<Resident> = {}): Resident => ({
  id: id as ResidentId,
  name: id,
  species: 'pterophyllum-scalare',
  tank: 'T' as TankId,
  count: 1,
  individual: true,
  sex: 'unknown',
  sexSure: 'guess',
  males: null,
  females: null,
  lengthCm: 4,
  measuredOn: '2026-05-01T10:00',
  origin: 'tank-bred',
  source: '',
  cameOn: '2026-05-01T10:00',
  bornHere: false,
  way: null,
  quarantine: null,
  protocol: null,
  bornAbout: '',
  condition: null,
  daysInShop: null,
  until: null,
  nextTank: '',
  inTankSince: '2026-05-01T10:00',
  pairedWith: null,
  toGo: null,
  rehomed: 0,
  died: 0,
  leftOn: null,
  ...more,
});
const listed: DraftGroup = { key: 'k', group: { species: 'paracheirodon-innesi', count: 10 } };

describe('a home for a time', () => {
  it('is judged at the month in which it ends, with the next tank named; one that is over, in this month', () => {
    const groups = (until: string) =>
      roomPlan(tank, [resident('a', { until, nextTank: 'Skerry' })], [], catalogue, '2026-05-20').groups;
    expect(groups('2026-09-02')[0]).toMatchObject({ until: '2026-09', nextTank: 'Skerry' });
    expect(groups('2026-01-02')[0]).toMatchObject({ until: '2026-05' });
  });
});

describe('roomPlan', () => {
  const of = (residents: Resident[], today = '2026-05-20', body = tank) =>
    roomPlan(body, residents, [listed], catalogue, today).groups;
  it('takes alike residents together, counts their sexes, and adds what is listed', () => {
    expect(
      of([
        resident('a', { sex: 'male' }),
        resident('b', { sex: 'female' }),
        resident('c', { count: 3, individual: false, males: 1, females: 2 }),
      ]),
    ).toEqual([
      {
        species: 'pterophyllum-scalare',
        count: 5,
        males: 2,
        females: 3,
        lengthCm: 4,
        origin: 'tank-bred',
        since: '2026-05',
      },
      listed.group,
    ]);
  });
  it('lets fish grow since they were measured', () => {
    expect(of([resident('a')], '2026-11-20')[0]!.lengthCm!).toBeGreaterThan(8);
  });
  it('leaves out who has left, and species that the catalogue no longer knows', () => {
    expect(of([resident('a', { count: 0 }), resident('b', { species: 'gone-away' })])).toEqual([
      listed.group,
    ]);
  });
  it('counts only the sexes that are known, and says none where none are', () => {
    expect(of([resident('a', { sex: 'male' }), resident('b')])[0]).toMatchObject({
      males: 1,
      females: 0,
      count: 2,
    });
    expect(of([resident('a', { sex: 'female' })])[0]).toMatchObject({ males: 0, females: 1 });
    expect(of([resident('a')])[0]).not.toHaveProperty('males');
  });
  it('keeps apart what differs in origin, length, leaving and next home; the last to come says since when', () => {
    const all = [
      resident('a'),
      resident('b', { inTankSince: '2026-04-01T10:00' }),
      resident('c', { origin: 'wild' }),
      resident('d', { lengthCm: 6 }),
      resident('e', { until: '2026-09-01' }),
      resident('f', { until: '2026-10-01' }),
      resident('g', { nextTank: 'Skerry' }),
    ];
    const groups = of(all).slice(0, -1);
    expect(groups.map(({ count }) => count)).toEqual([2, 1, 1, 1, 1, 1]);
    expect(groups[0]).toMatchObject({ since: '2026-05' });
    expect(
      of([...all].reverse())
        .slice(0, -1)
        .find(({ count }) => count === 2),
    ).toMatchObject({ since: '2026-05' });
  });
  it('ends a stay in a hospital two months after the last to come, this month at the earliest', () => {
    const hospital = { ...tank, purpose: 'hospital' as const };
    const until = (today: string, ...since: string[]) =>
      of(
        since.map((inTankSince, i) => resident(String(i), { inTankSince })),
        today,
        hospital,
      )[0]?.until;
    expect(until('2026-05-20', '2026-05-01', '2026-04-01')).toBe('2026-07');
    expect(until('2026-05-20', '2026-04-01', '2026-05-01')).toBe('2026-07');
    expect(until('2026-07-20', '2026-05-01')).toBe('2026-07');
    expect(until('2026-08-20', '2026-05-01')).toBe('2026-08');
    expect(of([resident('a')], '2026-08-20')[0]).not.toHaveProperty('until');
  });
  it('takes a stay in quarantine for what it is: temporary, and over when it is late', () => {
    const quarantine = { ...tank, purpose: 'quarantine' as const };
    expect(of([resident('a')], '2026-05-20', quarantine)[0]?.until).toBe('2026-07');
    expect(of([resident('a')], '2026-11-20', quarantine)[0]?.until).toBe('2026-11');
  });
});

describe('applyEdit', () => {
  const state = (living: Record<string, number> = {}, groups: DraftGroup[] = [listed]): Editable => ({
    tank,
    listed: groups,
    living,
    profileOf: (id) => catalogue.byId.get(id),
  });
  const neon = 'paracheirodon-innesi';
  const lists = (edited: ReturnType<typeof applyEdit>) =>
    edited && 'listed' in edited ? edited.listed.map((entry) => entry.group.count) : edited;
  it('lists the difference to who lives there', () => {
    expect(
      lists(applyEdit({ kind: 'set-count', species: neon, count: 12 }, state({ [neon]: 4 }), 'n')),
    ).toEqual([8]);
    expect(
      lists(applyEdit({ kind: 'set-count', species: neon, count: 12 }, state({ [neon]: 4 }, []), 'n')),
    ).toEqual([8]);
    expect(
      lists(applyEdit({ kind: 'set-count', species: neon, count: 4 }, state({ [neon]: 4 }), 'n')),
    ).toEqual([]);
  });
  it('does not send away who lives there', () => {
    expect(applyEdit({ kind: 'set-count', species: neon, count: 3 }, state({ [neon]: 4 }), 'n')).toBeNull();
    expect(applyEdit({ kind: 'leave-out', species: neon }, state({ [neon]: 4 }), 'n')).toBeNull();
    expect(
      applyEdit({ kind: 'set-sexes', species: neon, males: 1, females: 3 }, state({ [neon]: 4 }), 'n'),
    ).toBeNull();
  });
  it('leaves out, sexes, covers, lays sand, heats and changes routine', () => {
    expect(lists(applyEdit({ kind: 'leave-out', species: neon }, state(), 'n'))).toEqual([]);
    expect(applyEdit({ kind: 'set-sexes', species: neon, males: 2, females: 6 }, state(), 'n')).toMatchObject(
      { listed: [{ group: { count: 8, males: 2, females: 6 } }] },
    );
    expect(applyEdit({ kind: 'set-lid', lid: true }, state(), 'n')).toMatchObject({
      tank: { tank: { lid: true } },
    });
    expect(applyEdit({ kind: 'set-substrate', substrate: 'sand' }, state(), 'n')).toMatchObject({
      tank: { tank: { substrate: 'sand' } },
    });
    expect(applyEdit({ kind: 'set-routine', changeFraction: 0.5, everyDays: 4 }, state(), 'n')).toMatchObject(
      { tank: { routine: { everyDays: 4 } } },
    );
  });
  it('forgets the words for a temperature that it changes', () => {
    expect(applyEdit({ kind: 'set-temperature', temperatureC: 26 }, state(), 'n')).toMatchObject({
      tank: { water: { temperatureC: 26 }, entered: {} },
    });
  });
  it('keeps known sexes known, and trims them when fewer are left', () => {
    const sexed: DraftGroup = { key: 'k', group: { species: neon, count: 10, males: 5, females: 5 } };
    expect(applyEdit({ kind: 'set-count', species: neon, count: 6 }, state({}, [sexed]), 'n')).toEqual({
      listed: [{ key: 'k', group: { species: neon, count: 6, males: 3, females: 3 } }],
    });
  });
  it('settles the finding that proposed it: every press that a broken list offers', () => {
    const groups: DraftGroup[] = [
      { key: 'a', group: { species: neon, count: 2 } },
      { key: 'b', group: { species: 'pterophyllum-scalare', count: 3 } },
      { key: 'c', group: { species: 'carnegiella-strigata', count: 8 } },
      { key: 'd', group: { species: 'maylandia-estherae', count: 6, males: 2, females: 4 } },
    ];
    const body = { ...tank, tank: { ...TANKS.pond, lid: false, substrate: 'gravel' as const } };
    const before = judge(roomPlan(body, [], groups, catalogue, '2026-11-23'));
    const pressed = before.findings.flatMap((finding) =>
      finding.severity === 'stop' || finding.severity === 'caution'
        ? finding.fixes.flatMap((fix) => ('edit' in fix ? [[finding, fix.edit] as const] : []))
        : [],
    );
    expect(pressed.length).toBeGreaterThan(8);
    for (const [finding, edit] of pressed) {
      const edited = applyEdit(
        edit,
        { tank: body, listed: groups, living: {}, profileOf: (id) => catalogue.byId.get(id) },
        'new',
      )!;
      const after = judge(
        roomPlan(
          'tank' in edited ? edited.tank : body,
          [],
          'listed' in edited ? edited.listed : groups,
          catalogue,
          '2026-11-23',
        ),
      );
      const still = after.findings.some(
        (other) => other.severity === finding.severity && signature(other) === signature(finding),
      );
      expect([signature(finding), still]).toEqual([signature(finding), false]);
    }
  });
});

describe('whatItAdds', () => {
  it('tells what comes with a species, and what it settles', () => {
    const few = judge(plan(TANKS.pond, [{ species: 'paracheirodon-innesi', count: 3 }]));
    const more = judge(
      plan(TANKS.pond, [
        { species: 'paracheirodon-innesi', count: 10 },
        { species: 'astronotus-ocellatus', count: 1 },
      ]),
    );
    const change = whatItAdds(few, more);
    expect(change.brings.map((finding) => finding.rule)).toContain('predation');
    expect(change.settles.map((finding) => finding.rule)).toEqual(['group-size']);
    expect(whatItAdds(few, few)).toEqual({ brings: [], settles: [] });
  });
});
