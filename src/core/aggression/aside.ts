import { ASIDE_STEPS, type Standing } from '../events';
import { HOUR_MS } from '../kernel';

/** A time for which one fish of a tank was put aside. */
export interface Aside {
  readonly resident: string;
  readonly from: string;
  /** Away still, back among the others, or gone for good: dead, given away, or moved on from its box. */
  readonly is: 'away' | 'back' | 'gone';
  /** When it came back; null where it did not. */
  readonly to: string | null;
}

interface Open extends Aside {
  readonly isElsewhere: boolean;
}

/** The times for which fish of a tank were put aside, behind a divider or in another tank, in the order of time. */
export function asidesOf(happenings: readonly Standing[], tank: string): readonly Aside[] {
  const asides: Open[] = [];
  const placeOf = (resident: string): number =>
    asides.findIndex((one) => one.resident === resident && one.is === 'away');
  for (const event of happenings) {
    if (event.type === 'stepped-in') {
      if (event.tank === tank && event.who && ASIDE_STEPS.includes(event.step) && placeOf(event.who) < 0)
        asides.push({ resident: event.who, from: event.on, is: 'away', to: null, isElsewhere: false });
      continue;
    }
    const at = 'resident' in event && typeof event.resident === 'string' ? placeOf(event.resident) : -1;
    const open = asides[at];
    if (open) asides[at] = { ...open, ...after(event, open, tank) };
  }
  return asides.map(({ isElsewhere: _isElsewhere, ...aside }) => aside);
}

/** What an event changes of a fish that is away. */
function after(event: Standing, { from, isElsewhere }: Open, tank: string): Partial<Open> {
  if (event.type === 'died' || event.type === 'rehomed') return { is: 'gone' };
  if (event.type === 'back-again' && event.what === 'out of the box') return { is: 'back', to: event.on };
  if (event.type !== 'moved') return {};
  if (event.tank === tank) return { is: 'back', to: event.on };
  // Moved within the hour it was put there by the step; out of its box into another tank it is gone.
  if (isElsewhere || Date.parse(event.on) - Date.parse(from) <= HOUR_MS) return { isElsewhere: true };
  return { is: 'gone' };
}
