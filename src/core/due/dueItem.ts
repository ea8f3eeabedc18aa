/** Something that wants doing in a tank. */
export interface DueItem {
  readonly tank: string;
  readonly kind:
    | 'look'
    | 'quarantine-over'
    | 'watch'
    | 'count'
    | 'unnamed'
    | 'change'
    | 'test'
    | 'wave'
    | 'to-go'
    | 'stay'
    | 'care'
    | 'claim'
    | 'risk';
  readonly text: string;
  /** Days past due; 0 is today, negative is still to come. */
  readonly overdueDays: number;
}
