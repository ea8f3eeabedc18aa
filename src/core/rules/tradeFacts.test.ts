import { found, plan, severities, TANKS } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import type { PlanFile, PlanGroup } from '../model';
import { roomyNumber } from './riftNumbers';

/** Facts of the trade (common practice), both ways, with real fish; other facts are tested beside the assessment. */
const one = (species: string, count = 1, more: Partial<PlanGroup> = {}): PlanGroup => ({
  species,
  count,
  ...more,
});
const sexed = (species: string, males: number, females: number) =>
  one(species, males + females, { males, females });
type Asked = readonly [tank: PlanFile['tank'], groups: readonly PlanGroup[], rule: string, about?: string];
const said = (...[tank, groups, rule, about]: Asked) => severities(plan(tank, groups), rule, about);

const big = TANKS.pond;
const discus = one('symphysodon-aequifasciatus', 6);
const kribs = (breeding: boolean) => one('pelvicachromis-pulcher', 2, { breeding });
const dollars = one('metynnis-argenteus', 6);
const zebras = one('maylandia-estherae', 12, { since: '2026-01' });
const labs = (count: number, lengthCm = 10) => one('labidochromis-caeruleus', count, { lengthCm });
const jewels = (breeding: boolean) => ({ ...sexed('hemichromis-bimaculatus', 1, 1), breeding });
const peacocks = ['aulonocara-baenschi', 'copadichromis-azureus', 'protomelas-taeniolatus'].map((id) =>
  sexed(id, 1, 0),
);
const zebra = (lengthCm: number) => [
  one('maylandia-estherae', 1, { lengthCm: 12 }),
  one('pseudotropheus-elegans', 6, { lengthCm }),
];
const angels = (grownTogether: boolean) => one('pterophyllum-scalare', 5, { lengthCm: 4, grownTogether });
const shellies = ['neolamprologus-leleupi', 'julidochromis-transcriptus'];
const many = [
  ...shellies,
  'neolamprologus-cylindricus',
  'julidochromis-marlieri',
  'lamprologus-ocellatus',
  'chalinochromis-brichardi',
];

it.each<[string, Asked, readonly string[]]>([
  ['F35: show tanks of males work at six feet', [TANKS.us125, peacocks, 'all-male'], ['good']],
  ['F35: and not at four', [TANKS.us75, peacocks, 'all-male'], ['caution']],
  [
    'F35: all-male rock dwellers fail',
    [TANKS.us125, [sexed('maylandia-greshakei', 6, 0)], 'all-male'],
    ['stop'],
  ],
  [
    'F35: less so where both sexes are coloured',
    [TANKS.us125, [sexed('iodotropheus-sprengerae', 6, 0)], 'all-male'],
    ['caution'],
  ],
  ['F54: a grown one bullies the young', [TANKS.us125, zebra(4), 'temper'], ['caution']],
  ['F54: and leaves its equals', [TANKS.us125, zebra(9), 'temper'], []],
  ['F54: strangers fight', [TANKS.us40breeder, [angels(false)], 'conspecific-aggression'], ['caution']],
  [
    'F54: those that grew up together get on',
    [TANKS.us40breeder, [angels(true)], 'conspecific-aggression'],
    [],
  ],
  [
    'F65: the restless worry the slow',
    [big, [one('puntigrus-tetrazona', 10), one('trichogaster-chuna', 10)], 'temper'],
    ['caution'],
  ],
  [
    'F65: and out-eat them',
    [big, [one('sphaerichthys-osphromenoides', 6), one('pethia-conchonius', 10)], 'out-eating'],
    ['caution'],
  ],
  [
    'F66: catfish of the night empty a cave',
    [big, [kribs(true), one('agamyxis-pectinifrons')], 'egg-eating'],
    ['caution'],
  ],
  [
    'F66: where nothing breeds there are no eggs',
    [big, [kribs(false), one('agamyxis-pectinifrons')], 'egg-eating'],
    [],
  ],
  [
    'F67: plants are eaten',
    [{ ...TANKS.us125, plants: 'dense' }, [one('heros-efasciatus', 5)], 'plants-eaten'],
    ['caution'],
  ],
  [
    'F69: disputed with discus',
    [big, [discus, one('semaprochilodus-taeniurus')], 'slime-grazing'],
    ['caution'],
  ],
  [
    'F86, F93: one newcomer is picked on by all',
    [TANKS.us75, [zebras, labs(1)], 'settled-tank'],
    ['caution'],
  ],
  ['F86, F93: several share it', [TANKS.us75, [zebras, labs(4)], 'settled-tank'], ['note']],
  ['F86, F93: much smaller ones are ignored', [TANKS.us75, [zebras, labs(1, 3)], 'settled-tank'], ['note']],
  ['F87: two corners held are fine', [TANKS.us125, shellies.map((id) => sexed(id, 1, 1)), 'territory'], []],
  ['F87: six are too many', [TANKS.us75, many.map((id) => sexed(id, 1, 1)), 'territory'], ['caution']],
  [
    'F92: too few to share the chasing',
    [TANKS.us75, [one('tropheus-duboisi', 10)], 'under-stocked'],
    ['caution'],
  ],
  ['F92: enough', [TANKS.us75, [one('tropheus-duboisi', 12)], 'under-stocked'], []],
  ['F102: a lane to dash along', [TANKS.us29, [dollars], 'panic'], ['caution']],
  ['F102: smooth decor', [{ ...TANKS.us180, substrate: 'rock' }, [dollars], 'panic'], ['caution']],
  ['F102: both given', [TANKS.us180, [dollars], 'panic'], ['note']],
  ['F105: livebearers multiply', [big, [one('poecilia-reticulata', 6)], 'breeding'], ['note']],
  ['F105: not where all are of one sex', [big, [sexed('poecilia-reticulata', 6, 0)], 'breeding'], []],
  [
    'F111: bottom feeders can be reached',
    [big, [one('corydoras-aeneus', 8), one('glossolepis-incisus', 8)], 'out-eating'],
    ['note'],
  ],
  [
    'F112: shy fish hide in bold company',
    [big, [one('danio-erythromicron', 10), one('pethia-conchonius', 8)], 'shyness'],
    ['caution'],
  ],
])('%s', (_, asked, expected) => expect(said(...asked)).toEqual(expected));

it('F36, F88: a guarding pair takes half the tank', () => {
  const guards = (tank: PlanFile['tank'], breeding: boolean) =>
    found(plan(tank, [jewels(breeding), one('hyphessobrycon-columbianus', 10)]), 'breeding').flatMap(
      ({ because, severity }) => ('guarding' in because ? [severity] : []),
    );
  expect(guards(TANKS.us20long, true)).toEqual(['stop']);
  expect(guards(big, true)).toEqual(['caution']);
});

it.each([
  [284, 10],
  [473, 25],
  [908, 35],
  // Larger tanks go on in proportion; a small one carries its share of ten.
  [1816, 70],
  [142, 5],
])('F90: %d L carry %d peacocks and haps by the roomy approach', (litres, number) =>
  expect(roomyNumber(litres)).toBe(number),
);

const at = (more: Partial<PlanFile>) => (groups: string, rule: string) =>
  severities(plan({ ...TANKS.us180 }, groupsOf(groups), more), rule);
it.each<[string, Partial<PlanFile>, string, string, readonly string[]]>([
  [
    'neons in water a little warm',
    { water: { temperatureC: 27 } },
    '10 neon tetra',
    'water-temperature',
    ['caution'],
  ],
  [
    'neons in water that is too warm',
    { water: { temperatureC: 27.1 } },
    '10 neon tetra',
    'water-temperature',
    ['stop'],
  ],
  ['neons in cold water', { water: { temperatureC: 18 } }, '10 neon tetra', 'water-temperature', ['stop']],
  ['zebras in acid water', { water: { ph: 6.5 } }, '8 red zebra', 'water-ph', ['stop']],
  ['zebras in their water', { water: { ph: 8.2 } }, '8 red zebra', 'water-ph', []],
  ['zebras in soft water', { water: { ghDh: 1 } }, '8 red zebra', 'water-hardness', ['stop']],
  ['neons in salt', { water: { salinityPpt: 5 } }, '10 neon tetra', 'water-salinity', ['stop']],
])('%s', (_, more, groups, rule, expected) => expect(at(more)(groups, rule)).toEqual(expected));

it.each<[string, string, string, boolean]>([
  [
    'goldfish beside tropical corys, on the one degree that both stand',
    '4 goldfish, 6 sterbai cory',
    'water-temperature',
    true,
  ],
  ['goldfish beside dojo loaches', '4 goldfish, 4 dojo loach', 'water-temperature', false],
  ['rock dwellers beside small fish', '6 yellow lab, 10 neon tetra', 'temper', true],
  ['rock dwellers beside slow long fins', '6 yellow lab, 3 angelfish', 'temper', true],
  ['rock dwellers beside armour', '6 yellow lab, 1 bristlenose pleco', 'temper', false],
  ['a killer beside a gentle fish of any size', '6 auratus, 2 goldfish', 'temper', true],
  ['claws beside what rests on the bottom', '1 red swamp crayfish, 6 panda cory', 'predation', true],
  ['claws beside what swims above', '1 red swamp crayfish, 8 zebra danio', 'predation', false],
  ['prey as long as the eater, however thin', '1 Senegal bichir, 3 rope fish', 'predation', false],
  ['small prey', '1 Senegal bichir, 10 neon tetra', 'predation', true],
  ['a couple, that holds one ground', '1+1 jewel cichlid', 'conspecific-aggression', false],
  [
    'natives of opposite waters on a sliver that captive lines share',
    '10 cardinal tetra, 10 yellow lab',
    'water-ph',
    true,
  ],
])('a stop or none: %s', (_, groups, rule, isStop) =>
  expect(at({})(groups, rule).includes('stop')).toBe(isStop),
);
