import type { Dated } from '@/core/events';
import { addMonths, type EntryId, monthOf } from '@/core/kernel';
import { DEMO_TANKS } from './demoTanks';

/** An entry that another one names. */
interface Named {
  readonly id: EntryId;
  readonly event: Dated;
}

/** What the rules warned of when the made-up keeper's fish came, and what he said of two of these warnings since. */
export function demoScore(on: (daysAgo: number, minutes?: number) => string): readonly Named[] {
  const { skerry, fen, nursery } = DEMO_TANKS;
  const said = (
    name: string,
    daysAgo: number,
    tank: typeof skerry,
    warnings: readonly (readonly [rule: string, species: readonly string[], inMonths?: number])[],
  ): Named => {
    const month = monthOf(on(daysAgo));
    return {
      id: `demo-score-${name}` as EntryId,
      event: {
        type: 'predicted',
        on: on(daysAgo, 1),
        tank,
        warnings: warnings.map(([rule, species, inMonths = 0]) => ({
          rule,
          severity: 'caution',
          species: [...species],
          from: inMonths === 0 ? null : addMonths(month, inMonths),
          until: addMonths(month, inMonths + 12),
        })),
      },
    };
  };
  const settled = (
    daysAgo: number,
    of: string,
    tank: typeof skerry,
    about: { readonly rule: string; readonly species: string[] },
    outcome: 'happened' | 'did not happen',
  ): Named => ({
    id: `demo-settled-${of}` as EntryId,
    event: {
      type: 'settled',
      on: on(daysAgo),
      tank,
      of: `demo-score-${of}` as EntryId,
      about,
      outcome,
      note: '',
    },
  });
  return [
    said('harlequins', 260, fen, [['lid', ['trigonostigma-heteromorpha']]]),
    said('kuhlis', 230, fen, [['lid', ['pangio-kuhlii']]]),
    said('embers', 150, fen, [['lid', ['hyphessobrycon-amandae']]]),
    said('calvus', 160, skerry, [
      ['predation', ['altolamprologus-calvus', 'neolamprologus-multifasciatus'], 17],
    ]),
    said('leleupi', 75, skerry, [
      ['conspecific-aggression', ['neolamprologus-leleupi']],
      ['temper', ['neolamprologus-leleupi', 'julidochromis-transcriptus']],
    ]),
    said('loaches', 64, nursery, [['nitrate', [], 19]]),
    settled(
      34,
      'leleupi',
      skerry,
      { rule: 'conspecific-aggression', species: ['neolamprologus-leleupi'] },
      'happened',
    ),
    settled(
      12,
      'harlequins',
      fen,
      { rule: 'lid', species: ['trigonostigma-heteromorpha'] },
      'did not happen',
    ),
  ];
}
