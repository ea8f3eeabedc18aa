import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup } from '../model';

/** A fish that eats eggs beside one that guards its own. */
function found(
  thief: Made = {},
  parent: Made = {},
  groups: readonly Partial<PlanGroup>[] = [{ breeding: true }],
) {
  const one = madeUp('agamyxis-pectinifrons', 'thief', {
    ...thief,
    mouth: { eatsEggs: true, ...thief.mouth },
    habits: { nightActive: false, ...thief.habits },
  });
  const other = madeUp('pelvicachromis-pulcher', 'parent', {
    ...parent,
    mouth: { eatsEggs: false },
    company: { pairs: 'guards', ...parent.company },
  });
  return findingsAmong(
    'egg-eating',
    [one, other],
    [{ species: 'thief', count: 3 }, ...groups.map((group) => ({ species: 'parent', count: 2, ...group }))],
    { lengthCm: 150, widthCm: 60, heightCm: 60 },
  );
}

describe('an egg eater beside fish that breed', () => {
  const leave = (species: string, count: number) => ({ edit: { kind: 'leave-out', species, count } });
  const ownTank = { advice: { does: 'own tank' } };
  it('takes the brood: said whole', () =>
    expect(found()).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['thief', 'parent'],
        fact: { says: 'pair/eats brood', counts: [3, 2], atNight: false },
        because: { nightActive: false },
        fixes: [leave('thief', 3), ownTank],
      }),
    ]));
  it('of the night is a caution, and a light at night helps', () =>
    expect(found({ habits: { nightActive: true } })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        fact: { says: 'pair/eats brood', counts: [3, 2], atNight: true },
        because: { nightActive: true },
        fixes: [leave('thief', 3), { advice: { does: 'night light' } }, ownTank],
      }),
    ]));
  it.each<[string, Made, Made, readonly Partial<PlanGroup>[], number]>([
    ['that scatter their eggs', {}, { company: { pairs: 'scatters' } }, [{ breeding: true }], 1],
    ['of which one group breeds', {}, {}, [{}, { breeding: true }], 1],
    ['that do not breed here', {}, {}, [{}], 0],
    ['that carry them in the mouth', {}, { company: { pairs: 'mouthbroods' } }, [{ breeding: true }], 0],
    ['without harm', { mouth: { eatsEggs: false } }, {}, [{ breeding: true }], 0],
  ])('%s', (_what, thief, parent, groups, count) => expect(found(thief, parent, groups)).toHaveLength(count));
});
