/** Why a field of an entry has its value, and where that is said. */
export interface ReasonOfValue {
  readonly path: string;
  readonly why: string;
  /** "genus Betta", the identifier of the species of a form; empty where the entry says it itself. */
  readonly from: string;
}
