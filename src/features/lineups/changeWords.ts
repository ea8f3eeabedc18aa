import type { Change } from '@/core/lineups';
import { type Catalogue, commonName } from '@/core/model';
import { everyOf, tenth, type Words } from '@/words/en';

/** So many of the species that could go instead are named. */
const NAMED = 4;

const WORDS: {
  readonly [K in Exclude<Change['kind'], 'without'>]: (
    change: Extract<Change, { kind: K }>,
    words: Words,
  ) => string;
} = {
  nothing: () => 'no change: it fits as it is',
  lid: () => 'a lid',
  sand: () => 'sand on the floor',
  plants: () => 'dense planting (its uptake is a rough figure)',
  temperature: ({ temperatureC }, words) => words.quantity('temperature', temperatureC),
  ph: ({ ph }) => `pH ${tenth(ph)}`,
  hardness: ({ ghDh }, words) => `GH ${words.quantity('hardness', ghDh)}`,
  routine: ({ changeFraction, everyDays }) =>
    `${tenth(changeFraction * 100)}% of the water changed every ${everyDays} days, for more nitrate than the budget`,
  tank: ({ size }) => `a larger tank: ${size.name} is the smallest standard one that serves`,
};

/** What single changes let a wish in, in a sentence or two. */
export function changeWords(changes: readonly Change[], catalogue: Catalogue, words: Words): string {
  if (changes.length === 0)
    return 'No single change of tank, water, routine or one other species lets it in.';
  const instead = changes.flatMap((change) => {
    const profile = change.kind === 'without' ? catalogue.byId.get(change.species) : undefined;
    return profile ? [profile] : [];
  });
  const others = changes.filter((change) => change.kind !== 'without');
  const one = others.map((change) =>
    (WORDS[change.kind] as (change: Change, words: Words) => string)(change, words),
  );
  const said: string[] = [];
  if (one.length > 0) said.push(`It would need ${everyOf(one, 'or')}.`);
  if (instead.length > 0)
    said.push(
      instead.length > NAMED
        ? `It could replace any one of ${instead.length} species, such as ${instead.slice(0, NAMED).map(commonName).join(', ')}.`
        : `It could replace ${everyOf(
            instead.map((profile) => `the ${commonName(profile)}`),
            'or',
          )}.`,
    );
  return said.join(' ');
}
