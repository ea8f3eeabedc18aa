import type { Asked, OutcomeName } from './outcomes';
import type { OutcomeSum } from './summed';

/** What would come true of a finding, by its rule; rules that are not here warn of nothing that a stay can show. */
const WARNS: Readonly<Record<string, OutcomeName>> = {
  predation: 'lost to other fish',
  'fin-nipping': 'torn',
  temper: 'trouble',
  territory: 'trouble',
  'look-alike': 'trouble',
  'conspecific-aggression': 'trouble',
  'all-male': 'trouble',
  'sex-ratio': 'trouble',
  solitary: 'trouble',
  'group-size': 'trouble',
  'group-number': 'trouble',
  'contested-number': 'trouble',
  shyness: 'hiding',
  lid: 'jumped',
};

/** What no stay of other keepers shows, and a room's own record does. */
const WARNS_HERE: Readonly<Record<string, 'nitrate' | 'outgrown'>> = {
  nitrate: 'nitrate',
  outgrows: 'outgrown',
};
export type PredictedOutcome = OutcomeName | 'nitrate' | 'outgrown';

/** What would come true of a warning of a rule; null where the record cannot show it. */
export const warnedOf = (rule: string): PredictedOutcome | null => WARNS[rule] ?? WARNS_HERE[rule] ?? null;

/** What a finding says, as far as experience is concerned. */
export interface Warning {
  readonly rule: string;
  readonly severity: string;
  readonly species: readonly string[];
}

/** Rules on what a kind does to itself. */
const AMONG_ITSELF: ReadonlySet<string> = new Set([
  'conspecific-aggression',
  'all-male',
  'sex-ratio',
  'group-size',
  'group-number',
  'contested-number',
]);
/** Rules that name who does it first, and who suffers it then. */
const ONE_SIDED: ReadonlySet<string> = new Set(['predation', 'fin-nipping']);

/** Whom to ask experience about, and which outcome would bear out a finding; null where stays say nothing of it. */
export function askedBy({
  rule,
  species,
}: Warning): { readonly asked: Asked; readonly outcome: OutcomeName } | null {
  const outcome = WARNS[rule];
  const [one, other] = species;
  if (outcome === undefined || one === undefined || species.length > 2) return null;
  const beside = other ?? (AMONG_ITSELF.has(rule) ? one : undefined);
  const harmed = ONE_SIDED.has(rule) ? other : undefined;
  return { asked: { species: one, with: beside, harmed }, outcome };
}

/** Fewer keepers say nothing for or against a warning (from memory). */
export const LEAST_KEEPERS = 8;
/** A warning is worth heeding where it comes true in one tank of five (from memory). */
export const WORTH_A_WARNING = 0.2;

/**
 * Whether experience bears a warning out: `confirmed` where the lower limit of the share of tanks in which it came true is above one in
 * five, `contested` where the upper limit is below it; null where keepers are too few, or the limits hold it.
 */
export function bornOut({
  keepers,
  limits,
}: Pick<OutcomeSum, 'keepers' | 'limits'>): 'confirmed' | 'contested' | null {
  if (keepers < LEAST_KEEPERS || limits === null) return null;
  const [low, high] = limits;
  return low > WORTH_A_WARNING ? 'confirmed' : high < WORTH_A_WARNING ? 'contested' : null;
}
