'use client';

import { Link } from '@/ui/Link';
import { lifeHref } from '@/ui/hrefs';
import { useDeferredValue } from 'react';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';
import { classes } from '@/ui/classes';
import { SpanBar } from '@/ui/SpanBar';
import { Cell, Row, Table } from '@/ui/Table';
import { fixed } from '@/words/en';

/** So many rows are made with the screen; the rest follow at once, when these have been drawn. */
const AT_ONCE = 24;

interface Props {
  readonly answer: HierarchyAnswer;
  readonly tank: string;
  readonly nameOf: (id: string) => string;
  readonly colours: ReadonlyMap<string, string>;
}

/** The middle of a place on a line of all places. */
const along = (place: number, of: number): number => (place - 0.5) / of;

/** The ranking: those that cannot be told apart stand on one rank, with a bracket; how sure each place is is drawn. */
export function RankTable({ answer, tank, nameOf, colours }: Props) {
  const { ranking, ranks } = answer;
  const all = ranks.flat();
  const others = Math.max(0, ranking.ranked.length + ranking.unmet.length - 1);
  const shown = useDeferredValue(all.length, AT_ONCE);
  const of = new Map(ranking.ranked.map((rank) => [rank.id, rank]));
  return (
    <Table
      caption="Ranking, highest first"
      heads={[
        'Rank',
        'Who',
        { name: 'Likely ranks', wide: true },
        { name: 'Score', figures: true },
        { name: 'Rating', figures: true, wide: true },
        { name: 'Won', figures: true },
        { name: 'Lost', figures: true },
        { name: 'Opponents', figures: true },
      ]}
    >
      {ranks.flatMap((rank) =>
        rank.map((id, within) => {
          const at = all.indexOf(id) + 1;
          if (at > shown) return null;
          const first = all.indexOf(rank[0] as string) + 1;
          const index = answer.ids.indexOf(id);
          const places = index >= 0 ? answer.certainty.places[index] : undefined;
          const measured = answer.measures.fish.find((fish) => fish.id === id);
          const elo = of.get(id);
          return (
            <Row key={id} className={rank.length > 1 && within < rank.length - 1 ? 'border-b-0' : ''}>
              <Cell>
                <span className="fig whitespace-nowrap">
                  {rank.length > 1 ? (within === 0 ? `${first} to ${first + rank.length - 1}` : '') : at}
                </span>
                {rank.length > 1 && within > 0 && (
                  <span className="sr-only">tied, {`${first} to ${first + rank.length - 1}`}</span>
                )}
                {rank.length > 1 && within === 0 && (
                  <span className="block text-[0.75rem] text-slate">tied</span>
                )}
              </Cell>
              <Cell>
                <span
                  className={classes(
                    'whitespace-nowrap',
                    rank.length > 1 ? 'border-l-2 border-slate pl-2' : 'pl-2.5',
                  )}
                >
                  <span
                    className="mr-2 inline-block h-3 w-1.5"
                    style={{ background: colours.get(id) }}
                    aria-hidden="true"
                  />
                  <Link href={lifeHref(tank, id)} prefetch={false} className="font-medium hover:underline">
                    {nameOf(id)}
                  </Link>
                </span>
              </Cell>
              <Cell wide>
                {places && (
                  <>
                    <SpanBar
                      from={along(places[0], all.length)}
                      to={along(places[1], all.length)}
                      at={along(at, all.length)}
                    />
                    <span className="sr-only">
                      between {places[0]} and {places[1]}
                    </span>
                  </>
                )}
              </Cell>
              <Cell figures>{measured ? fixed(measured.normalisedDavidsScore, 2) : '…'}</Cell>
              <Cell figures wide>
                {elo ? Math.round(elo.rating) : ''}
              </Cell>
              <Cell figures>{elo?.wins ?? 0}</Cell>
              <Cell figures>{elo?.losses ?? 0}</Cell>
              <Cell figures>
                {elo?.met ?? 0} of {others}
              </Cell>
            </Row>
          );
        }),
      )}
    </Table>
  );
}
