/** Measures of the water that fish have ranges of. */
export type WaterName = 'temperatureC' | 'ph' | 'ghDh' | 'salinityPpt';
/** From the lowest to the highest. */
export type Span = readonly [number, number];

/** What a rule on the water found. The species of the finding are those it names, in order. */
export type WaterFact =
  /** A species cannot live well in the water of the tank. */
  | {
      readonly says: 'water/needs';
      readonly measure: WaterName;
      readonly range: Span;
      readonly tank: number;
      readonly count: number;
    }
  /** No water suits both. */
  | {
      readonly says: 'water/none for both';
      readonly measure: WaterName;
      readonly ranges: readonly [Span, Span];
    }
  /** They come from opposite waters, and share only the edge of both. */
  | { readonly says: 'water/opposite'; readonly measure: WaterName; readonly shared: Span }
  /** What all share is narrow. */
  | { readonly says: 'water/narrow'; readonly measure: WaterName; readonly range: Span }
  | { readonly says: 'water/suits all'; readonly measure: WaterName; readonly tank: number };

/** What was found, as plain data: the words layer says it in the keeper's language and units. */
export type Fact = WaterFact;
