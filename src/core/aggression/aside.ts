import { ASIDE_STEPS, type Standing } from '../events';

/** A time for which one fish of a tank was put aside. */
export interface Aside {
  readonly resident: string;
  readonly from: string;
  /** When it came back among the others; null while it is away, or where it never did. */
  readonly to: string | null;
}

/** Moved this soon after the step, it was put into another tank by it. */
const SAME_STEP_MS = 3_600_000;

/**
 * The times for which fish of a tank were put aside, behind a divider or in another tank, in the order of time. One that died
 * or was given away meanwhile never came back.
 */
export function asidesOf(happenings: readonly Standing[], tank: string): readonly Aside[] {
  const asides: {
    resident: string;
    from: string;
    to: string | null;
    isElsewhere: boolean;
    isOver: boolean;
  }[] = [];
  const openOf = (resident: string) => asides.find((one) => one.resident === resident && !one.isOver);
  for (const event of happenings) {
    if (event.type === 'stepped-in') {
      if (event.tank === tank && event.who && ASIDE_STEPS.includes(event.step) && !openOf(event.who))
        asides.push({ resident: event.who, from: event.on, to: null, isElsewhere: false, isOver: false });
      continue;
    }
    const open =
      'resident' in event && typeof event.resident === 'string' ? openOf(event.resident) : undefined;
    if (!open) continue;
    const end = (to: string | null): void => void Object.assign(open, { to, isOver: true });
    if (event.type === 'moved') {
      if (event.tank === tank) end(event.on);
      else if (open.isElsewhere || Date.parse(event.on) - Date.parse(open.from) > SAME_STEP_MS) {
        // From one stay away to the next it is still away; out of its box to another tank it is gone.
        if (!open.isElsewhere) end(null);
      } else open.isElsewhere = true;
    } else if (event.type === 'back-again' && event.what === 'out of the box') end(event.on);
    else if (event.type === 'died' || event.type === 'rehomed') end(null);
  }
  return asides.map(({ resident, from, to }) => ({ resident, from, to }));
}
