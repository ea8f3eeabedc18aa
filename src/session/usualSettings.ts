import { DEFAULT_SETTINGS, type DocumentBodies } from '@/core/records';
import { US } from '@/words/en';
import { zoneHere } from './zoneHere';

type Settings = DocumentBodies['settings'];

/** Zones of the United States that are named otherwise than the rest of America's. */
const US_ZONES: readonly string[] = ['Pacific/Honolulu'];

/** Where a browser stands, as it says itself. */
export interface Reader {
  readonly language: string;
  readonly timeZone: string;
}

/**
 * The settings of a room while its keeper chose none: US units where the browser speaks the English of the United States and its clock is
 * one of America's, else metric. Many browsers elsewhere speak that English too, so the language alone says too little.
 * @example usualSettings({ language: 'en-US', timeZone: 'America/Denver' }).length // 'in'
 */
export function usualSettings({ language, timeZone }: Reader): Settings {
  const isThere = timeZone.startsWith('America/') || US_ZONES.includes(timeZone);
  return language === 'en-US' && isThere
    ? { ...DEFAULT_SETTINGS, ...(US as Partial<Settings>) }
    : DEFAULT_SETTINGS;
}

let here: Settings | null = null;

/** Those of this browser; metric where there is none. */
export function settingsHere(): Settings {
  if (typeof window === 'undefined') return DEFAULT_SETTINGS;
  here ??= usualSettings({
    language: navigator.language,
    timeZone: zoneHere(),
  });
  return here;
}
