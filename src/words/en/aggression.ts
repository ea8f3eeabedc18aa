import type { Against, NextStep, Pattern, PatternName, StepEffect } from '@/core/aggression';
import type { Step } from '@/core/events';
import { capital, countOf, everyOf, verb } from './names';
import { percent } from './quantities';
import { termOf } from './vocabulary';
import { dayName, fixed } from './locale';
import { type Words } from './words';

/** What else could look the same. */
const ELSE: Readonly<Record<PatternName, string>> = {
  'one boss': 'a guarding pair, or the boldest fish',
  'one victim': 'weak, sick or without cover',
  duel: 'an unsettled hierarchy, or courtship',
  'pair on guard': 'a dominant fish and its follower',
  'newcomer picked on': 'look-alikes of a resident',
  'feeding time': 'you mostly watched then',
  lights: 'you mostly watched then',
  'to one side': 'you see that end best',
  'too many holders': 'guarding females',
  'torn, nobody seen': 'a fish active at night, sharp decor, fin rot',
  'too few females': 'rivals of one rank, or males not told from females',
};

/** What the numbers show, and what else it could be. */
export function sayPattern(pattern: Pattern, nameOf: (id: string) => string): string {
  const { name, who, because, place, alone } = pattern;
  const [a = '', b = ''] = who.map(nameOf);
  const { contests = 0, own = 0 } = because;
  const share = `${percent(own / Math.max(1, contests))}; even share ${percent(because.evenShare ?? 0)}`;
  const other = ELSE[name];
  switch (name) {
    case 'one boss':
      return `${a} started ${own} of ${contests} contests (${share}); or ${other}.`;
    case 'one victim':
      return `${a} was the target in ${own} of ${contests} (${share}); or ${other}.`;
    case 'duel':
      return `${a} and ${b} fought ${own} of ${contests} contests; ${a} won ${because.wonByFirst ?? 0}; or ${other}.`;
    case 'pair on guard':
      return `${a} and ${b} started ${own} of ${contests} contests${place === '' ? '' : `, ${because.inOnePlace ?? 0} at ${place}`}; ${because.breedingNoted ? '' : 'no '}spawning recorded; or ${other}.`;
    case 'newcomer picked on':
      return `${everyOf(who.map(nameOf))} ${verb(who.length, 'is', 'are')} new and ${verb(who.length, 'was', 'were')} the target in ${own} of ${contests} (${share}); or ${other}.`;
    case 'feeding time':
    case 'lights':
      return `${own} of ${contests} known triggers; or ${other}.`;
    case 'to one side':
      return `${own} of ${contests} contests were at ${place}; or ${other}.`;
    case 'too many holders':
      return `${countOf(who.length, 'fish', 'fish')} hold one: ${everyOf(who.map(nameOf))}; or ${other}.`;
    case 'too few females': {
      const { males = 0, females = 0, unsexed = 0, wanted = 0 } = because;
      return `${countOf(males, 'male')}, ${countOf(females, 'female')}${unsexed > 0 ? `, ${unsexed} not sexed` : ''}; ${wanted} or more females a male are usual. Males started ${own} of ${contests} contests with their own species; or ${other}.`;
    }
    case 'torn, nobody seen':
      return `${a} has torn fins; no attack seen in ${countOf(Math.round(because.minutes ?? 0), 'minute')}; or ${alone ? `${other}, or tail biting` : other}.`;
  }
}

interface Told {
  readonly text: (step: NextStep, words: Words, nameOf: (id: string) => string) => string;
  readonly why: string;
}

const target = (step: NextStep, nameOf: (id: string) => string, otherwise: string): string =>
  step.who === null ? otherwise : nameOf(step.who);

const INTERVENTIONS: Readonly<Partial<Record<Step, Told>>> = {
  'fed more often': {
    text: ({ meals }) => `Feed ${meals} small meals a day.`,
    why: 'Hungry fish chase more.',
  },
  'shorter light': {
    text: ({ lightHours }) => `Light ${lightHours} hours a day.`,
    why: 'Long days mean more chasing.',
  },
  'slightly cooler': {
    text: ({ coolerC }, words) =>
      coolerC === null
        ? 'Lower the temperature a little over two days.'
        : `Lower to ${words.quantity('temperature', coolerC)} over two days.`,
    why: 'Cooler fish are calmer.',
  },
  'sight breaks': {
    text: () => 'Put slates, wood or tall plants between territories.',
    why: 'Fish chase what they see.',
  },
  'more refuges': { text: () => 'Add hiding places.', why: 'Chased fish need somewhere to go.' },
  'fewer hides': { text: () => 'Take some rock out.', why: 'Fewer can hold a territory.' },
  rearranged: {
    text: () => 'Move all rock and wood just before lights out.',
    why: 'No fish keeps its old territory.',
  },
  'dither fish': {
    text: () => 'Add a shoal of quick mid-water fish.',
    why: 'They draw the chasing.',
  },
  'more of the kind': {
    text: ({ species }, words) =>
      species === null
        ? 'Add three or more of the species together.'
        : `Add three or more ${words.many(species)} together.`,
    why: 'More fish share the chasing.',
  },
  'sex ratio': { text: () => 'Keep one male with 3 or 4 females.', why: 'Two males fight.' },
  'boss set aside': {
    text: (step, _words, nameOf) =>
      `Move ${target(step, nameOf, 'the dominant fish')} to a spare tank for some days.`,
    why: 'It often returns lower-ranked.',
  },
  'box or divider': {
    text: (step, _words, nameOf) => `Put ${target(step, nameOf, 'the target')} behind a divider tonight.`,
    why: 'Stops harm, not the cause.',
  },
  'larger tank': { text: () => 'Move to a larger tank; Line-ups shows which.', why: 'More floor for all.' },
  rehomed: {
    text: (step, _words, nameOf) => `Find ${target(step, nameOf, 'the dominant fish')} a new home.`,
    why: 'Last resort; bullies often calm down elsewhere.',
  },
};

const AGAINST: Readonly<Record<Exclude<Against, 'needs warmth'>, string>> = {
  'done already': 'already done.',
  'temperature unknown': 'enter the temperature of this tank first.',
  'pair guards': 'a pair is guarding.',
  'too many territories': 'too many territories already.',
  'nitrate full': 'the nitrate budget is full.',
  'no spare tank': 'no spare tank is free: use a divider.',
};

function sayAgainst(against: Against, { warmest }: NextStep, words: Words): string {
  if (against !== 'needs warmth') return AGAINST[against];
  return warmest === null
    ? ''
    : `${words.many(warmest.species)} need ${words.quantity('temperature', warmest.temperatureC)}.`;
}

const BEFORE: Readonly<Record<StepEffect['verdict'], string>> = {
  helped: 'Helped here.',
  worse: 'Made it worse here.',
  open: 'No clear difference here.',
  'nothing to go by': 'Tried here, not watched.',
  lasts: 'Lasts still.',
};

/** An intervention: what to do. */
export const sayStep = (step: NextStep, words: Words, nameOf: (id: string) => string): string =>
  INTERVENTIONS[step.step]?.text(step, words, nameOf) ?? `${capital(termOf(step.step))}.`;

/** Why it may help, or why not now; and what it did here before. */
export function sayStepWhy(next: NextStep, words: Words): string {
  const { step, against, before } = next;
  return [
    against === null ? (INTERVENTIONS[step]?.why ?? '') : `Not now: ${sayAgainst(against, next, words)}`,
    before === null ? '' : BEFORE[before],
  ]
    .filter(Boolean)
    .join(' ');
}

const anHour = (rate: number): string => fixed(rate, rate < 10 ? 1 : 0);
/** Ratios under this are told as so many percent fewer, over it as so many times. */
const SAME = 1;

/** Limits that include no change: as a ratio, for a difference that is not shown. */
function openLimits({ ratio: { interval } }: StepEffect): string {
  const [low, high] = interval;
  return low === null && high === null
    ? ''
    : ` (95% limits ${fixed(low ?? 0, 1)} to ${high === null ? 'any number of' : fixed(high, 1)} times the rate before)`;
}

function limitsOf({ ratio: { ratio, interval } }: StepEffect): string {
  const [low, high] = interval;
  if (ratio === null) return low === null ? '' : ` (at least ${fixed(low, 1)} times as many)`;
  if (ratio <= SAME) {
    const fewer = (of: number | null): string => (of === null ? '?' : String(Math.round((1 - of) * 100)));
    return ` (${percent(1 - ratio)} fewer; 95% limits ${fewer(high)} to ${fewer(low)}%)`;
  }
  return ` (95% limits ${fixed(low ?? 0, 1)} to ${high === null ? 'any number of' : fixed(high, 1)} times)`;
}

/** What was seen while a fish was put aside; nothing where nobody watched. */
function meanwhile({ before, during }: StepEffect): string {
  if (!during || during.minutes === 0) return '';
  const was = before.minutes > 0 ? `, ${anHour((60 * before.events) / before.minutes)} before` : '';
  return `${anHour((60 * during.events) / during.minutes)} contests an hour while it was away${was}.`;
}

function judged(effect: StepEffect): string {
  const { before, ratio, verdict, moreMinutes, countsFrom } = effect;
  const rates = `${anHour(ratio.beforePerHour)} an hour before, ${anHour(ratio.afterPerHour)} after`;
  switch (verdict) {
    case 'lasts':
      return 'Lasts still: only what you see after its return says whether it worked.';
    case 'nothing to go by':
      if (before.minutes === 0) return 'Nobody watched before, so it cannot be judged.';
      return effect.settling
        ? `Too early: fish act calmer for two days. Watch from ${dayName(countsFrom)}.`
        : 'Not watched since. Watch now; quiet minutes count.';
    case 'helped':
      return `Helped: contests fell from ${anHour(ratio.beforePerHour)} to ${anHour(ratio.afterPerHour)} an hour${limitsOf(effect)}.`;
    case 'worse':
      return `Worse: contests rose from ${anHour(ratio.beforePerHour)} to ${anHour(ratio.afterPerHour)} an hour${limitsOf(effect)}.`;
    case 'open':
      return moreMinutes === null
        ? `No clear difference: ${rates}${openLimits(effect)}. More watching is unlikely to settle it.`
        : `Too early to say: ${rates}${openLimits(effect)}. Watch ${countOf(moreMinutes, 'more minute')}.`;
  }
}

/** Whether an intervention worked, with its limits. */
export function sayEffect(effect: StepEffect): string {
  const { bundle, perPair, uneven, before, after } = effect;
  return [
    judged(effect),
    meanwhile(effect),
    bundle.steps.length > 1 ? `${bundle.steps.length} changes within an hour count as one.` : '',
    uneven ? 'Your watches vary, so the limits are wide.' : '',
    perPair === null
      ? ''
      : `${after.fish < before.fish ? 'Fewer' : 'More'} fish now: per pair, contests ${perPair <= SAME ? `fell ${percent(1 - perPair)}` : `rose ${fixed(perPair, 1)} times`}.`,
  ]
    .filter(Boolean)
    .join(' ');
}
