import type { ContestKind, Dated } from '@/core/events';
import type { ResidentId } from '@/core/kernel';
import { DEMO_TANKS } from './demoTanks';

const id = (name: string): ResidentId => `demo-${name}` as ResidentId;

/** Young loaches that look alike: contests of one on another, two of them undecided. */
function lookAlikes(on: (daysAgo: number, minutes?: number) => string): readonly Dated[] {
  const watch = 'demo-watch-clowns';
  const spar = (minute: number, what: ContestKind, undecided?: boolean): Dated => ({
    type: 'chased',
    on: on(5, minute),
    tank: DEMO_TANKS.nursery,
    watch,
    winner: id('clowns'),
    loser: id('clowns'),
    what,
    place: '',
    trigger: 'feeding',
    ...(undecided && { undecided }),
  });
  return [
    spar(2, 'chase'),
    spar(4, 'lock', true),
    spar(7, 'chase'),
    spar(9, 'flare', true),
    {
      type: 'watched',
      on: on(5, 15),
      tank: DEMO_TANKS.nursery,
      watch,
      minutes: 15,
      note: 'Grey stripes over the food, then quiet.',
    },
  ];
}

/** Fish that went and came back: out of quarantine, boxed, found alive, returned by its new keeper; and look-alikes watched. */
export function demoReturns(on: (daysAgo: number, minutes?: number) => string): readonly Dated[] {
  const { skerry, quay } = DEMO_TANKS;
  return [
    {
      type: 'quarantine',
      on: on(192, 10),
      tank: quay,
      what: 'begun',
      days: 28,
      checked: ['seeded filter runs', 'dechlorinated', 'own nets and hoses'],
      note: '',
    },
    { type: 'quarantine', on: on(161), tank: quay, what: 'passed', note: '' },
    ...(['slate', 'inky', 'soot'] as const).map((name, i): Dated => ({
      type: 'moved',
      on: on(160, i),
      resident: id(name),
      tank: skerry,
      note: '',
    })),
    {
      type: 'stepped-in',
      on: on(49),
      tank: skerry,
      step: 'box or divider',
      who: id('amber'),
      until: on(44).slice(0, 10),
      note: 'Behind a divider at the right end.',
    },
    {
      type: 'back-again',
      on: on(44),
      resident: id('amber'),
      tank: skerry,
      what: 'out of the box',
      count: 1,
      note: '',
    },
    {
      type: 'back-again',
      on: on(31),
      resident: id('ochre'),
      tank: quay,
      what: 'returned',
      count: 1,
      quarantine: 'here',
      note: 'Too small a tank, back with a healed tail.',
    },
    {
      type: 'rehomed',
      on: on(24),
      resident: id('ochre'),
      count: 1,
      reason: 'surplus',
      taker: 'Ylva, club table',
      credit: '',
      note: 'Joins her group of nine.',
    },
    {
      type: 'died',
      on: on(22),
      resident: id('rung'),
      count: 1,
      how: 'missing',
      cause: '',
      note: 'Not at the cave for four days.',
    },
    {
      type: 'back-again',
      on: on(21, 5),
      resident: id('rung'),
      tank: skerry,
      what: 'found alive',
      count: 1,
      note: 'Behind the filter inlet, when the slates went in.',
    },
    ...lookAlikes(on),
  ];
}
