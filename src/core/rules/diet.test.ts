import { findingsAmong, listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlannedSpecies, RuleContext } from './context';
import { diet } from './diet';

const BOX = { lengthCm: 200, widthCm: 70, heightCm: 70 };
/** A grazing cichlid that is sensitive, and a cichlid that needs rich food at the bottom. */
const grazer = (more: Made = {}) =>
  madeUp('labidochromis-caeruleus', 'grazer', {
    ...more,
    mouth: { diet: 'algae', ...more.mouth },
    water: { sensitivity: 2, ...more.water },
  });
const hunter = (more: Made = {}, id = 'hunter') =>
  madeUp('labidochromis-caeruleus', id, {
    ...more,
    mouth: { diet: 'piscivore', ...more.mouth },
    company: { mode: 'group', ...more.company },
    layers: { top: 0.2, middle: 0.3, bottom: 0.5, ...more.layers },
  });
const OPEN: Made = { company: { mode: 'shoal' }, layers: { top: 0.3, middle: 0.4, bottom: 0.3 } };

const found = (...species: readonly ReturnType<typeof madeUp>[]) =>
  findingsAmong(
    'diet',
    species,
    species.map(({ id }) => ({ species: id, count: 3 })),
    BOX,
  );
const severity = (...species: readonly ReturnType<typeof madeUp>[]) =>
  found(...species).map((finding) => finding.severity);

describe('one that is asked about', () => {
  const [algae, open, bottom] = [grazer(), hunter(OPEN, 'open'), hunter({}, 'bottom')].map((one) =>
    listed(one, { count: 3 }),
  ) as [PlannedSpecies, PlannedSpecies, PlannedSpecies];
  const told = (focus: PlannedSpecies, ...others: readonly PlannedSpecies[]) =>
    diet.judge!({ planned: [...others, focus], focus } as unknown as RuleContext).map(
      ({ severity: how, species }) => `${how} ${species.join(' ')}`,
    );
  it('changes what is said where it is the first that needs rich food, or the first of these at the bottom', () => {
    expect(told(open, algae)).toEqual(['note grazer open']);
    expect(told(bottom, algae, open)).toEqual(['caution grazer open bottom']);
    expect(told(algae, open)).toEqual(['note grazer open']);
  });
  it('changes nothing where it is one more of them', () =>
    expect([...told(open, algae, bottom), ...told(open, algae, { ...open })]).toEqual([]));
});

describe('grazers beside those that need rich food', () => {
  it('fall ill where they are sensitive: said whole', () =>
    expect(found(grazer(), hunter())).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['grazer', 'hunter'],
        fact: { says: 'food/rich', ill: true },
        because: { diet: 'algae', sensitivity: 2, richFeeders: 1 },
        fixes: [
          { advice: { does: 'greens' } },
          { edit: { kind: 'leave-out', species: 'grazer', count: 3 } },
          { edit: { kind: 'leave-out', species: 'hunter', count: 3 } },
        ],
      }),
    ]));
  it('are a note where they are hardy, or where all the others are schools of open water', () => {
    expect(found(grazer({ water: { sensitivity: 1 } }), hunter())).toMatchObject([
      { severity: 'note', fact: { ill: false }, fixes: [{ advice: { does: 'greens' } }] },
    ]);
    expect(severity(grazer(), hunter(OPEN))).toEqual(['note']);
    expect(severity(grazer(), hunter(OPEN), hunter({}, 'other'))).toEqual(['caution']);
  });
  it.each<[string, Made]>([
    ['a shoal of the bottom', { ...OPEN, layers: { top: 0.3, middle: 0.3, bottom: 0.4 } }],
    ['one of open water that is no shoal', { ...OPEN, company: { mode: 'group' } }],
  ])('fall ill beside %s', (_what, more) => expect(severity(grazer(), hunter(more))).toEqual(['caution']));
  it.each(['invertivore', 'micro-predator'] as const)(
    'are harmed by the food of a cichlid that is a %s',
    (diet) => expect(severity(grazer(), hunter({ mouth: { diet } }))).toEqual(['caution']),
  );
  it('are none among grazers, beside other families, or where the grazer is no cichlid', () => {
    expect(found(grazer(), hunter({ mouth: { diet: 'herbivore' } }))).toEqual([]);
    expect(found(grazer(), hunter({ family: 'Percidae' }))).toEqual([]);
    expect(found(grazer({ family: 'Loricariidae' }), hunter())).toEqual([]);
    expect(found(hunter(), hunter({}, 'other'))).toEqual([]);
  });
});

describe('food that has to be at hand', () => {
  const fish = (more: Made) => found(madeUp('paracheirodon-innesi', 'fish', more));
  it('is wood for those that live on it or gnaw it', () => {
    expect(fish({ mouth: { diet: 'wood' } })).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['fish'],
        fact: { says: 'food/wood' },
        because: { diet: 'wood' },
      }),
    ]);
    expect(fish({ effect: { eatsWood: true } })).toMatchObject([{ fact: { says: 'food/wood' } }]);
  });
  it('is snails for fish that live on them, and nothing for snails that do', () => {
    expect(fish({ mouth: { diet: 'molluscs' } })).toMatchObject([{ fact: { says: 'food/snails' } }]);
    expect(fish({ mouth: { diet: 'molluscs' }, life: 'snail' })).toEqual([]);
    expect(fish({})).toEqual([]);
  });
});
