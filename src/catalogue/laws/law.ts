import type { SpeciesProfile } from '@/core/model';

/** An entry as a law looks at it. */
export interface Entry {
  readonly profile: SpeciesProfile;
  /** Why a field has its value, as the files say; empty where they say nothing. */
  readonly why: (path: string) => string;
  /** The other species of its genus, or of its family in its group where the genus has few. */
  readonly siblings: readonly SpeciesProfile[];
}

/** What breaks a law: the field, and what the law asks. */
export interface Breach {
  readonly law: string;
  readonly path: string;
  readonly asks: string;
}

/** A law that every entry keeps, or is excused from by name. */
export interface Law {
  readonly name: string;
  readonly breaches: (entry: Entry) => readonly Breach[];
}

type Rule = readonly [holds: boolean, path: string, asks: string];

/** A law of plain sentences, each with the field it speaks of. */
export const lawOf = (name: string, rules: (entry: Entry) => readonly Rule[]): Law => ({
  name,
  breaches: (entry) =>
    rules(entry)
      .filter(([holds]) => !holds)
      .map(([, path, asks]) => ({ law: name, path, asks })),
});
