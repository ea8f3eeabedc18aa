import type { KeptUnit } from '../units/quantities';

/** What a value can name: it has to be in the room, the file or the catalogue. */
export type Reference = 'tank' | 'resident' | 'species';

/** A number in the unit it is kept in; without one it is a plain number. */
interface Figure {
  readonly unit?: KeptUnit | undefined;
}

/** What a value has to be by itself. Bounds are included unless they are called `above` or `below`. */
type Shape =
  | { readonly is: 'text'; readonly most?: number }
  /** Something where nothing stands. */
  | { readonly is: 'filled' }
  | ({ readonly is: 'number'; readonly from: number; readonly to: number } & Figure)
  | ({ readonly is: 'positive'; readonly to: number } & Figure)
  | { readonly is: 'whole'; readonly from: number; readonly to: number | null }
  | { readonly is: 'yes or no' }
  | { readonly is: 'choice'; readonly of: readonly string[] }
  | { readonly is: 'list'; readonly least?: number; readonly most?: number }
  | { readonly is: 'object'; readonly orNull?: boolean }
  | ({ readonly is: 'range'; readonly from: number; readonly to: number } & Figure)
  | { readonly is: 'day' | 'moment' | 'month' | 'id' | 'lower-case id' }
  /** A picture as a data address of at most so many letters. */
  | { readonly is: 'picture'; readonly most: number }
  /** A day or a moment as people type it into a table. */
  | { readonly is: 'day and hour' }
  | { readonly is: 'texts'; readonly most: number }
  | { readonly is: 'nested'; readonly most: number }
  /** A quantity with its unit. */
  | { readonly is: 'quantity'; readonly kind: 'length' | 'temperature range' };

/** What a value has to be beside another one, named `than`, `with` or `of` by its part. */
type Beside =
  | ({ readonly is: 'at most'; readonly most: number; readonly than: string } & Figure)
  | ({ readonly is: 'at least'; readonly least: number; readonly than: string } & Figure)
  | ({ readonly is: 'below'; readonly below: number; readonly than: string } & Figure)
  | ({ readonly is: 'above'; readonly above: number; readonly than: string } & Figure)
  | { readonly is: 'exactly'; readonly value: number; readonly for: string }
  | ({ readonly is: 'around'; readonly range: readonly [number, number]; readonly of: string } & Figure)
  | { readonly is: 'without'; readonly value: number; readonly of: string }
  | { readonly is: 'ordered'; readonly parts: readonly string[] }
  | { readonly is: 'sum'; readonly of: number }
  /** No longer than fish of its family get. */
  | ({ readonly is: 'like its family'; readonly most: number; readonly largest: string } & Figure)
  /** Another one than stands in that part. */
  | { readonly is: 'another'; readonly than: string }
  /** Known males and females of so many animals. */
  | { readonly is: 'sexes'; readonly males: number; readonly females: number; readonly count: number }
  /** One of these parts, whichever. */
  | { readonly is: 'one part'; readonly of: string }
  /** Nobody else has it. */
  | { readonly is: 'unique'; readonly holder?: string };

/** What a value has to be beside the room and the clock. Days and moments are ISO. */
type InTheRoom =
  | { readonly is: 'known'; readonly what: Reference | 'entry'; readonly nearest?: string | null }
  | { readonly is: 'not in the future' }
  | { readonly is: 'arrived by'; readonly on: string }
  | { readonly is: 'still here on'; readonly leftOn: string }
  | { readonly is: 'here'; readonly count: number }
  | { readonly is: 'new here' }
  | { readonly is: 'not recorded yet' }
  | { readonly is: 'truth or null' };

/** What a file has to be as a whole. */
type OfAFile =
  | { readonly is: 'JSON'; readonly cut: boolean }
  | { readonly is: 'zip'; readonly holding?: string }
  | { readonly is: 'format'; readonly of: readonly string[] }
  | { readonly is: 'version'; readonly to: number; readonly newer: boolean }
  | { readonly is: 'column'; readonly name: string }
  | { readonly is: 'known column' }
  | { readonly is: 'cells'; readonly count: number }
  | { readonly is: 'quotation marks' }
  | { readonly is: 'rows' };

/** What should have stood in a place, as facts. The words layer says them, in the keeper's units where he reads them. */
export type Expected = Shape | Beside | InTheRoom | OfAFile;

/** What stood there instead. */
export type Received =
  /** `damage` is not worth a word. */
  | { readonly is: 'nothing' | 'object' | 'empty file' | 'damage' }
  | { readonly is: 'list'; readonly length: number }
  /** As it stands in the file, cut short. */
  | { readonly is: 'value'; readonly text: string }
  /** Text that cannot be read from there on. */
  | { readonly is: 'break'; readonly line: number; readonly column: number };

/** The longest excerpt of a foreign value that a message repeats. */
const EXCERPT = 60;

/** What stood there, short enough for a sentence. */
export function receivedOf(value: unknown): Received {
  if (value === undefined) return { is: 'nothing' };
  if (Array.isArray(value)) return { is: 'list', length: value.length };
  if (value !== null && typeof value === 'object') return { is: 'object' };
  const text = typeof value === 'number' ? String(value) : (JSON.stringify(value) ?? String(value));
  return { is: 'value', text: text.length > EXCERPT ? `${text.slice(0, EXCERPT)}…` : text };
}
