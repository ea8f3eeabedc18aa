import { HOUR_MS } from '../kernel';
import { CLEAR_DAYS, QUARANTINE_DAYS } from './quarantineDays';
import type { QuarantineLife, QuarantineRun, Resident, Room } from './room';
import { lifeOf, withResident, withTank } from './roomChanges';
import type { QuarantineStep, Sign } from './vocabulary';

/** Signs that make a quarantine longer. */
export const ILLNESS: ReadonlySet<Sign> = new Set([
  'flashing',
  'spots or film',
  'gasping',
  'bloated',
  'thin',
  'not eating',
  'torn',
]);

/** Fish that come within a day of the first are one batch. */
const BATCH_HOURS = 24;

/** A step of a quarantine. Without residents it is about everybody in the tank. */
interface Step {
  readonly tank: string;
  readonly what: QuarantineStep;
  readonly days?: number | undefined;
  readonly residents?: readonly string[] | undefined;
  readonly on: string;
}

/** A fish of another tank that is here for a while, as company for a newcomer: it runs no quarantine. */
export const isGuest = (one: Resident): boolean => one.until !== null && one.inTankSince > one.cameOn;

/** Begun or not, its quarantine is not over. */
const isUnfinished = (one: Resident): boolean => !isGuest(one) && (one.run?.passedOn ?? null) === null;

/** The run of a fish after a step; null when none runs for it. */
function runAfter(one: Resident, { what, days, on }: Step): QuarantineRun | null {
  const run = one.run ?? { begunOn: one.inTankSince, days: QUARANTINE_DAYS, passedOn: null };
  switch (what) {
    case 'begun':
      return { begunOn: on, days: days ?? QUARANTINE_DAYS, passedOn: null };
    case 'extended':
      return { ...run, days: days ?? run.days + CLEAR_DAYS };
    case 'passed':
      return { ...run, passedOn: on };
    case 'given up':
      return null;
  }
}

/** The tank's own side of a step: it is in use until the last batch has finished. */
function lifeAfter(
  life: QuarantineLife,
  { what, days, on }: Step,
  anybody: boolean,
  others: boolean,
): QuarantineLife {
  switch (what) {
    case 'begun':
      return {
        begunOn: on,
        days: days ?? QUARANTINE_DAYS,
        takenOn: anybody ? on : null,
        lastSign: others ? life.lastSign : null,
        passedOn: null,
      };
    case 'extended':
      return others ? life : { ...life, days: days ?? life.days + CLEAR_DAYS };
    case 'passed':
      return others ? life : { ...life, begunOn: null, passedOn: on };
    case 'given up':
      return others ? life : { ...life, begunOn: null };
  }
}

/** A step of a quarantine, for the batch it names or for all in the tank; other batches keep their own. */
export function afterQuarantine(room: Room, step: Step): Room {
  const here = Object.values(room.residents).filter((one) => one.tank === step.tank && one.count > 0);
  const meant = here.filter((one) => step.residents?.includes(one.id) ?? true);
  const others = here.some((one) => !meant.includes(one) && isUnfinished(one));
  return withTank(
    meant.reduce((after, one) => withResident(after, { ...one, run: runAfter(one, step) }), room),
    step.tank,
    { quarantine: lifeAfter(lifeOf(room, step.tank).quarantine, step, meant.length > 0, others) },
  );
}

/** Fish in a tank whose quarantine was begun before they came take that run: those of the first day only. */
export function takesRun(room: Room, tank: string, on: string): QuarantineRun | null {
  const { begunOn, days, takenOn = null } = lifeOf(room, tank).quarantine;
  if (begunOn === null || begunOn > on) return null;
  const late = takenOn !== null && Date.parse(on) - Date.parse(takenOn) > BATCH_HOURS * HOUR_MS;
  return late ? null : { begunOn, days, passedOn: null };
}

/** A tank after newcomers: those of a quarantine that waited for them have come. */
export function afterComing(room: Room, tank: string, on: string): Room {
  const { quarantine } = lifeOf(room, tank);
  return withTank(room, tank, {
    lastArrival: on,
    looks: [],
    ...(quarantine.begunOn !== null && (quarantine.takenOn ?? null) === null
      ? { quarantine: { ...quarantine, takenOn: on } }
      : {}),
  });
}
