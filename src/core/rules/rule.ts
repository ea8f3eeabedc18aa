import type { Place, PlannedSpecies, RuleContext } from './context';
import type { Finding } from './finding';
import type { PrintedTable } from './severityTable';

/** What a finding on two species may know beside them: this month, and whether they live in a pond; nothing else of the list or the tank. */
export type HereAndNow = Pick<RuleContext, 'month' | 'pond'>;

/**
 * One rule of compatibility. It knows no other rule, and says what it finds in up to five ways. What is said of one species rests
 * on it and the place, and what is said of two on these two alone, whoever else is there: so an answer holds for every list that
 * they are in.
 */
export interface Rule {
  readonly name: string;
  /**
   * Whom its findings are about, where that is not just the species they name: the first of them, to which the others do
   * something and may come and go, or the whole tank, where whom they name changes with the list.
   */
  readonly about?: 'the first' | 'the whole tank';
  /** Why fish leave for what it finds: `harm` is done by the first species of the finding, to itself or to the others. */
  readonly leaveFor?: 'too big' | 'too messy' | 'water' | 'harm';
  /** Rules beside which it has nothing to add, where they say as much or worse, as soon, of the same. */
  readonly silentBeside?: readonly {
    readonly rules: readonly string[];
    readonly of: 'the first species' | 'the pair';
    /** Only what is less than a caution goes. */
    readonly mild?: true;
  }[];
  /** How bad it calls what it finds, for `docs/rules.md`; the rule itself judges by the same tables. */
  readonly severities: readonly PrintedTable[];
  /** Of one species where it lives, whoever else is there. */
  readonly ofOne?: (species: PlannedSpecies, place: Place) => readonly Finding[];
  /** Of one species among its own kind: its forms are counted and judged as one. */
  readonly ofKind?: (species: PlannedSpecies, place: Place) => readonly Finding[];
  /** Of the list as a whole, and of several of it together. */
  readonly judge?: (context: RuleContext) => readonly Finding[];
  /** What one species does to another. Both ways are asked. */
  readonly toAnother?: (actor: PlannedSpecies, other: PlannedSpecies, now: HereAndNow) => Finding | null;
  /** What two species are to each other. Asked once, in the order of the list. */
  readonly together?: (a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow) => Finding | null;
}
