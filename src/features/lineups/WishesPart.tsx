'use client';

import { newList } from '@/core/commands';
import { useMemo, useState } from 'react';
import { assess } from '@/core/assess';
import { planWith, type WishesFile } from '@/core/lineups';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useLineUps } from '@/session/react/useLineUps';
import { type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import type { Found } from '@/workers/lineUpsWork';
import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { classes } from '@/ui/classes';
import { coloursFor } from '@/ui/colourOf';
import { Caution, Empty } from '@/ui/Screen';
import { countOf, fixed, sayWishesMet } from '@/words/en';
import { LeftOutList } from './LeftOutList';
import { LineUpColumn } from './LineUpColumn';
import type { Wishes } from './useWishes';
import { WishList } from './WishList';

type Way = 'best' | 'around';

/** Values closer than this are one: what decides between equals is no difference. */
const EVEN = 1e-3;

/** How far the search is, and what its answer is worth. */
function Proof({ search, way }: { readonly search: ReturnType<typeof useLineUps>; readonly way: Way }) {
  const { running, cancelled, failure, soFar, answer, around } = search;
  if (failure !== null) return <Failed why={failureWords(failure) ?? ''} onAgain={search.again} />;
  if (cancelled)
    return (
      <p className="flex items-center gap-2 text-slate">
        Stopped. <Button onClick={search.again}>Search again</Button>
      </p>
    );
  if (running)
    return (
      <p className="flex items-center gap-3" aria-live="polite">
        <span>
          Searching
          {soFar[0] ? `: a list of ${countOf(soFar[0].groups.length, 'species', 'species')} so far` : '…'}
        </span>
        <Button onClick={search.cancel}>Stop</Button>
      </p>
    );
  if (!answer) return null;
  const took = <span className="fig">{fixed(answer.tookMs / 1000, answer.tookMs < 950 ? 2 : 1)} s</span>;
  return (
    <p className="text-slate" aria-live="polite">
      {answer.best.length === 0 ? (
        'No line-up works with what must be there. Unlock a species, or read the problems on the stock list.'
      ) : answer.proven ? (
        <>
          <strong className="text-kelp">Proven:</strong> no other list meets more of these wishes.
        </>
      ) : (
        <>
          <strong className="text-lamp">Not proven:</strong> stopped after {took}; another list may meet more
          of them.
        </>
      )}{' '}
      {way === 'around' && !around && 'Looking around the favourites…'}
    </p>
  );
}

/** Line-ups side by side, the chosen one with what it leaves out. */
function Columns({
  tank,
  wishes,
  file,
  best,
}: {
  readonly tank: TankView;
  readonly wishes: Wishes;
  readonly file: WishesFile;
  readonly best: readonly Found[];
}) {
  const catalogue = useCatalogue();
  const { session, run } = useCommands();
  const [at, setAt] = useState(0);
  const colours = useMemo(() => coloursFor(file.wishes.map((wish) => wish.species)), [file]);
  const judged = useMemo(
    () =>
      best.map((found) => ({
        found,
        assessment: assess(planWith(file, found.groups), catalogue, todayIso()),
      })),
    [best, file, catalogue],
  );
  const chosen = best[at] ?? best[0];
  const adopt = (found: Found, place: number) => {
    const groups = found.groups.flatMap((group) => {
      const count = group.count - (wishes.living.get(group.species) ?? 0);
      const price = wishes.body.wishes.find((wish) => wish.species === group.species)?.price;
      return count > 0 ? [{ group: { ...group, count }, ...(price === undefined ? {} : { price }) }] : [];
    });
    const kept = new Set(found.groups.map(({ species }) => species));
    const name = `Line-up ${place}: ${sayWishesMet(kept, wishes.body.wishes)}`;
    return run(`${name} saved as a draft`, ({ documents }) => [
      newList(documents, tank.id, { name, groups }, session.stamp),
    ]);
  };
  return (
    <div className="flex min-w-0 flex-col gap-4">
      <div
        className="flex gap-5 overflow-x-auto pb-2"
        tabIndex={0}
        role="region"
        aria-label="Line-ups side by side"
      >
        {judged.map(({ found, assessment }, index) => (
          <LineUpColumn
            key={found.groups.map((group) => `${group.count}${group.species}`).join()}
            tank={tank}
            wishes={wishes}
            found={found}
            assessment={assessment}
            place={index + 1}
            best={(best[0]?.groups ?? []).map(({ species }) => species)}
            isAsGood={found.value >= (best[0]?.value ?? 0) - EVEN}
            colours={colours}
            chosen={index === Math.min(at, best.length - 1)}
            onChoose={() => setAt(index)}
            onAdopt={() => adopt(found, index + 1)}
          />
        ))}
      </div>
      {chosen && (
        <LeftOutList
          key={chosen.groups.map((group) => group.species).join()}
          file={file}
          found={chosen}
          place={Math.min(at, best.length - 1) + 1}
        />
      )}
    </div>
  );
}

/** From a wish list to the best line-ups, with proof. */
export function WishesPart({ tank, wishes }: { readonly tank: TankView; readonly wishes: Wishes }) {
  const search = useLineUps(wishes.file);
  const [way, setWay] = useState<Way>('best');
  const { answer, around } = search;
  const shown = way === 'best' ? answer?.best : around;
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[21rem_minmax(0,1fr)]">
      <WishList tank={tank} wishes={wishes} />
      {/* On a phone the answer comes before the fields. */}
      <div className="flex min-w-0 flex-col gap-3 max-lg:order-first">
        {wishes.file === null ? (
          <Empty>
            Add fish you would like, and how much you want each. Lomvik finds the best lists, proves that none
            meets more of them, and says why the rest is left out.
          </Empty>
        ) : (
          <>
            <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
              <Proof search={search} way={way} />
              <div role="radiogroup" aria-label="Which line-ups" className="inline-flex border border-edge">
                {(
                  [
                    ['best', 'The best ten'],
                    ['around', 'One for each set of favourites'],
                  ] as const
                ).map(([id, words]) => (
                  <label
                    key={id}
                    className={classes(
                      'inline-flex min-h-8 cursor-pointer items-center px-2.5 text-[0.8125rem] has-focus-visible:outline-2',
                      way === id ? 'bg-deep text-on-deep' : 'bg-panel',
                    )}
                  >
                    <input
                      type="radio"
                      name="way"
                      className="sr-only"
                      checked={way === id}
                      onChange={() => setWay(id)}
                    />
                    {words}
                  </label>
                ))}
              </div>
            </div>
            <Caution>Each line-up has its problems. Read them before you buy; fish differ.</Caution>
            {shown && shown.length > 0 && (
              <Columns key={way} tank={tank} wishes={wishes} file={wishes.file} best={shown} />
            )}
          </>
        )}
      </div>
    </div>
  );
}
