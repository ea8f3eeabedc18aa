'use client';

import Link from 'next/link';
import { format, parseISO } from 'date-fns';
import { type Piece, shapeOf, sightFrom, isInSight } from '@/core/sightlines';
import { useFloor } from '@/session/floor/useFloor';
import { type FloorStory, useFloorStory } from '@/session/floor/useFloorStory';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { countOf } from '@/words/en';
import { SQUARE_CM } from '@/core/floor';
import { FloorMap } from '@/ui/floor/FloorMap';

/** Contests an hour in words. */
const rateOf = ({ all, minutes }: FloorStory): string =>
  minutes > 0 ? `${((all / minutes) * 60).toFixed(1)} contests an hour` : 'not watched';

function OneMap({
  tank,
  title,
  story,
  pieces,
  holder,
}: {
  readonly tank: TankView;
  readonly title: string;
  readonly story: FloorStory;
  readonly pieces: readonly Piece[];
  readonly holder: readonly [number, number] | null;
}) {
  const words = useWords();
  const { lengthCm, widthCm } = tank.body.tank;
  const sight = holder
    ? sightFrom(holder, { lengthCm, widthCm, obstacles: pieces.filter(isInSight).map(shapeOf) })
    : null;
  const grounds = story.grounds
    .map(({ name, sureness, sightings }) => `${name} (${sureness}, ${countOf(sightings, 'sighting')})`)
    .join(', ');
  return (
    <figure className="min-w-0">
      <figcaption className="mb-1 flex flex-wrap items-baseline justify-between gap-x-3">
        <strong>{title}</strong>
        <span className="text-[12px] text-slate">
          {words.tank('length', lengthCm)} by {words.tank('length', widthCm)}, front below
        </span>
      </figcaption>
      <FloorMap
        lengthCm={lengthCm}
        widthCm={widthCm}
        pieces={pieces}
        levels={story.levels}
        contests={story.contests}
        grounds={story.grounds}
        seen={sight?.seen ?? null}
        holder={holder}
        label={`${title}: ${rateOf(story)}${grounds ? `; ground held by ${grounds}` : ''}`}
      />
      <p className="mt-1 text-[13px]">
        <strong>{rateOf(story)}</strong>{' '}
        <span className="text-slate">
          ({story.placed} of {story.all} with a place, {Math.round(story.minutes)} minutes).
        </span>
        {sight && <> The dominant fish sees {Math.round(sight.share * 100)}% of the floor.</>}
      </p>
      {grounds && <p className="text-[13px] text-slate">Ground: {grounds}.</p>}
    </figure>
  );
}

/** Where contests happen and who holds which ground: before the last intervention, and since. */
export function FloorStories({ tank, since }: { readonly tank: TankView; readonly since: string | null }) {
  const words = useWords();
  const { body, holder } = useFloor(tank);
  const after = useFloorStory(tank, since, null);
  const before = useFloorStory(tank, null, since);
  if (!after || !before) return null;
  const isCompared = since !== null && before.minutes > 0;
  const now = isCompared ? after : before.minutes > 0 ? before : after;
  if (now.placed + before.placed + now.grounds.length === 0) return null;
  const rates = [...new Set(now.rates.map((rate) => rate.toFixed(1)))].join(', ');
  return (
    <section aria-label="Where it happens" className="mb-5">
      <div className="grid gap-5 lg:grid-cols-2">
        {isCompared && (
          <OneMap
            tank={tank}
            title="Before"
            story={before}
            pieces={body.before ?? body.pieces}
            holder={holder ? [holder[0], holder[1]] : null}
          />
        )}
        <OneMap
          tank={tank}
          title={isCompared ? `Since ${format(parseISO(since), 'd MMM')}` : 'Where it happens'}
          story={now}
          pieces={body.pieces}
          holder={holder ? [holder[0], holder[1]] : null}
        />
      </div>
      <p className="mt-1 text-[12px] text-slate">
        {rates && (
          <>
            Shade: {rates} contests an hour on a square of {words.quantity('length', SQUARE_CM)}.{' '}
          </>
        )}
        Dashes: the ground of a holder; dots: a guess.{' '}
        <Link className="text-deep underline" href={`/aggression?tank=${tank.id}&part=sight`}>
          Place decor
        </Link>
      </p>
    </section>
  );
}
