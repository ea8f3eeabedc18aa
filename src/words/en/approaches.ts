/** Approaches of keepers as files name them, in the words of the trade. */
const NAMES: Readonly<Record<string, string>> = {
  cautious: 'strict',
  middle: 'usual',
  tried: 'lenient',
  'try with a way out': 'try with an exit plan',
  'all-male': 'all males',
  'one-each': 'one male per species',
};

/** The name of an approach: "strict", "dense". */
export const approachName = (approach: string): string => NAMES[approach] ?? approach;
