import { NOBODY, type Presence } from '@/core/commands';
import { recall, remember } from './browserMemory';

const KEY = 'lomvik.presence';

/** What this browser knows of who was at the glass in a watch. */
export function presenceOf(watch: string): Presence {
  try {
    const kept = JSON.parse(recall('localStorage', KEY) ?? 'null') as
      (Presence & { readonly watch: string }) | null;
    return kept?.watch === watch ? { ...NOBODY, ...kept } : NOBODY;
  } catch {
    return NOBODY;
  }
}

/** Notes that somebody is at the glass. */
export const notePresence = (watch: string, more: Partial<Presence>): void =>
  remember('localStorage', KEY, JSON.stringify({ ...presenceOf(watch), ...more, watch }));
