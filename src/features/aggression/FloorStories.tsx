'use client';

import { Link } from '@/ui/Link';
import { type Piece, type Point, shapeOf, sightFrom, isInSight } from '@/core/sightlines';
import { useFloor } from '@/session/floor/useFloor';
import { type FloorStory, useFloorStory } from '@/session/floor/useFloorStory';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { countOf, dayWords, fixed } from '@/words/en';
import { useState } from 'react';
import { SQUARE_CM } from '@/core/floor';
import { SelectField } from '@/ui/Field';
import { FloorMap } from '@/ui/floor/FloorMap';

/** Contests an hour in words. */
const rateOf = ({ all, minutes }: FloorStory): string =>
  minutes > 0 ? `${fixed((all / minutes) * 60, 1)} contests an hour` : 'not watched';

/** Somebody who looks over the floor. */
interface Watcher {
  readonly name: string;
  /** Where it sits on a map: the middle of its ground then, or where the map has it. */
  readonly from: (story: FloorStory) => Point | null;
}

/** The one whose place is set by hand on the map. */
const SET = 'set';
const NOBODY = 'nobody';

function OneMap({
  tank,
  title,
  story,
  pieces,
  watcher,
}: {
  readonly tank: TankView;
  readonly title: string;
  readonly story: FloorStory;
  readonly pieces: readonly Piece[];
  /** Who looks, and from where; null draws no sight lines. */
  readonly watcher: Watcher | null;
}) {
  const words = useWords();
  const holder = watcher?.from(story) ?? null;
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
        <span className="text-[0.75rem] text-slate">
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
      <p className="mt-1 text-[0.8125rem]">
        <strong>{rateOf(story)}</strong>{' '}
        <span className="text-slate">
          ({story.placed} of {story.all} with a place, {Math.round(story.minutes)} minutes).
        </span>
        {sight && watcher && (
          <>
            {' '}
            {watcher.name} sees {Math.round(sight.share * 100)}% of the floor.
          </>
        )}
      </p>
      {grounds && <p className="text-[0.8125rem] text-slate">Ground: {grounds}.</p>}
    </figure>
  );
}

/** Where contests happen and who holds which ground: before the last intervention, and since. */
export function FloorStories({ tank, since }: { readonly tank: TankView; readonly since: string | null }) {
  const words = useWords();
  const { body, holder } = useFloor(tank);
  const after = useFloorStory(tank, since, null);
  const before = useFloorStory(tank, null, since);
  const [asked, setAsked] = useState<string | null>(null);
  if (!after || !before) return null;
  const isCompared = since !== null && before.minutes > 0;
  const now = isCompared ? after : before.minutes > 0 ? before : after;
  if (now.placed + before.placed + now.grounds.length === 0) return null;
  const known = new Map([...before.grounds, ...after.grounds].map(({ id, name }) => [id, name]));
  const ofGround = (id: string): Watcher => ({
    name: known.get(id) ?? '',
    from: ({ grounds }) => grounds.find((ground) => ground.id === id)?.centre ?? null,
  });
  const chosen = asked ?? (holder ? SET : NOBODY);
  const watcher: Watcher | null =
    chosen === SET
      ? { name: 'The dominant fish', from: () => holder }
      : chosen === NOBODY
        ? null
        : ofGround(chosen);
  const rates = [...new Set(now.rates.map((rate) => fixed(rate, 1)))].join(', ');
  return (
    <section aria-label="Where it happens" className="mb-5">
      {(known.size > 0 || holder) && (
        <SelectField
          label="Sight lines from"
          wrap="mb-2 max-w-64"
          value={chosen}
          onChange={({ target }) => setAsked(target.value)}
        >
          <option value={NOBODY}>nobody</option>
          {holder && <option value={SET}>the place on the map</option>}
          {[...known].map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      <div className="grid grid-cols-1 gap-5 lg:grid-cols-2">
        {isCompared && (
          <OneMap
            tank={tank}
            title="Before"
            story={before}
            pieces={body.before ?? body.pieces}
            watcher={watcher}
          />
        )}
        <OneMap
          tank={tank}
          title={isCompared ? `Since ${dayWords(since)}` : 'Where it happens'}
          story={now}
          pieces={body.pieces}
          watcher={watcher}
        />
      </div>
      <p className="mt-1 text-[0.75rem] text-slate">
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
