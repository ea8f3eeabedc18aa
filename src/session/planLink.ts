import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import { canonicalJson } from '@/core/kernel';
import type { PlanFile } from '@/core/model';
import { PLAN_PATH } from './roomAddress';

/** The way in which links are written today; a higher one is from a newer program. */
const VERSION = 1;
/** A plan of 500 groups without long notes is shorter: more is not unpacked. Bytes. */
const MOST_BYTES = 200_000;
/** Nobody's plan is named at greater length. */
const LONGEST_NAME = 80;

/** Words of most plans: they cost nothing in a link. Part of version 1, and never changed under it. */
const COMMON = strToU8(
  '"format":"lomvik-plan","groups":[{"count":,"lengthCm":,"origin":"tank-bred","origin":"unknown","since":"2026-,"species":"males":,"females":,"until":"nextTank":"wayOut":"}],"name":"","plan":{"practice":{"tankSize":"usual"},"routine":{"changeFraction":0.5,"everyDays":7,"mealsPerDay":2},"tank":{"filterLph":,"hardscapeFraction":0.05,"heightCm":,"hides":,"lengthCm":,"lid":true,"lightHours":,"plants":"some","sightBreaks":,"substrate":"sand","substrateCm":,"widthCm":},"version":1,"water":{"ghDh":,"khDh":,"nitrateTapMgL":,"ph":7,"temperatureC":25}',
);

const toText = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');

const toBytes = (text: string): Uint8Array =>
  Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), (letter) => letter.charCodeAt(0));

/** Unpacks no more than a plan can be: a few letters can unpack to gigabytes. Throws where they are no whole packet. */
function unpacked(bytes: Uint8Array): string {
  const parts: Uint8Array[] = [];
  let size = 0;
  let whole = false;
  const inflate = new Inflate({ dictionary: COMMON }, (part, last) => {
    size += part.length;
    if (size > MOST_BYTES) throw new Error('too large');
    parts.push(part);
    whole = last;
  });
  inflate.push(bytes, true);
  if (!whole) throw new Error('cut short');
  const all = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return strFromU8(all);
}

/** A plan with the name of its tank, not yet checked. */
export interface LinkedPlan {
  readonly name: string;
  readonly plan: unknown;
}
export type LinkReading =
  | { readonly ok: true; readonly value: LinkedPlan }
  /** `newer`: written by a newer program. `broken`: cut short, or changed on the way. `none`: no plan at all. */
  | { readonly ok: false; readonly why: 'newer' | 'broken' | 'none' };

/**
 * The address of a plan: everything after the #, packed.
 * Null where the plan is longer than a link may unpack to: with long notes on hundreds of groups.
 * @param origin of the site that opens it: `https://fish.example`
 */
export function planLink(origin: string, name: string, plan: PlanFile): string | null {
  const bytes = strToU8(canonicalJson({ name: name.slice(0, LONGEST_NAME), plan }));
  if (bytes.length > MOST_BYTES) return null;
  const packed = deflateSync(bytes, { level: 9, dictionary: COMMON });
  return `${origin}${PLAN_PATH}#${VERSION}.${toText(packed)}`;
}

/**
 * What a link, or what stands after its #, holds.
 * @example readPlanLink('hello') // { ok: false, why: 'none' }
 */
export function readPlanLink(text: string): LinkReading {
  const found = /(?:^|#)(\d{1,4})\.([\w-]*)\s*$/.exec(text.trim());
  if (!found) return { ok: false, why: text.includes(`${PLAN_PATH}#`) ? 'broken' : 'none' };
  const [, version, packed = ''] = found;
  if (Number(version) > VERSION) return { ok: false, why: 'newer' };
  try {
    const value = JSON.parse(unpacked(toBytes(packed))) as Partial<LinkedPlan> | null;
    if (typeof value?.name !== 'string' || value.plan === undefined) return { ok: false, why: 'broken' };
    return { ok: true, value: { name: value.name.slice(0, LONGEST_NAME), plan: value.plan } };
  } catch {
    return { ok: false, why: 'broken' };
  }
}
