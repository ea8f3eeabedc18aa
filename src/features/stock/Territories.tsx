'use client';

import { Link } from '@/ui/Link';
import { memo, useMemo } from 'react';
import type { Assessment } from '@/core/assess';
import { settle, type Settler } from '@/core/floor';
import type { SpeciesProfile } from '@/core/model';
import { manyOf } from '@/words/en';
import { groundClaims } from '@/core/rules';
import type { Point, Polygon } from '@/core/sightlines';
import { useFloor } from '@/session/floor/useFloor';
import { useCatalogue } from '@/session/react/RoomProvider';
import type { TankView } from '@/session/react/useTanks';
import { FloorMap } from '@/ui/floor/FloorMap';
import { FishName } from '@/ui/plates/FishName';
import { Section } from '@/ui/Screen';

interface Props {
  readonly tank: TankView;
  readonly assessment: Assessment;
  readonly colours: ReadonlyMap<string, string>;
}

/** What a holder without a home of its own kind lacks. */
const LACKS: Readonly<Record<string, string>> = {
  cave: 'cave',
  shell: 'shells',
  rock: 'rock',
  plants: 'plants',
  corner: 'corner',
};
/** Grounds of a species up to this many are all named on the map; of more, the first. */
const NAMED = 3;

const middleOf = (shape: Polygon): Point => [
  shape.reduce((sum, [x]) => sum + x, 0) / shape.length,
  shape.reduce((sum, [, y]) => sum + y, 0) / shape.length,
];

function Found({
  profile,
  settlers,
  hasMap,
}: {
  readonly profile: SpeciesProfile;
  readonly settlers: readonly Settler[];
  readonly hasMap: boolean;
}) {
  const found = settlers.filter(({ findsGround }) => findsGround).length;
  const homeless = hasMap ? settlers.filter(({ findsHome }) => !findsHome).length : 0;
  const lack = LACKS[profile.company.holds];
  const isShort = found < settlers.length;
  return (
    <li>
      <FishName profile={profile}>
        <span className={isShort ? 'text-lamp' : ''}>
          {settlers.length === 1
            ? `The one that holds ground finds ${isShort ? 'none' : 'it'}`
            : `${found} of ${settlers.length} holders find ground`}
        </span>
        {homeless > 0 && lack && (
          <span className="text-slate">
            ; {homeless} without {lack} on the map
          </span>
        )}
      </FishName>
    </li>
  );
}

/** Whether each holder of the list finds a territory on this floor: one way in which they may share it. */
export const Territories = memo(function Territories({ tank, assessment, colours }: Props) {
  const catalogue = useCatalogue();
  const { body } = useFloor(tank);
  const { lengthCm, widthCm } = tank.body.tank;
  // The same claims find the same ground, whatever else changes in the list.
  const asked = JSON.stringify(groundClaims(assessment.context));
  const settlers = useMemo(() => {
    const { claims, breaks } = JSON.parse(asked) as ReturnType<typeof groundClaims>;
    return settle(claims, { lengthCm, widthCm }, body.pieces, breaks);
  }, [asked, lengthCm, widthCm, body.pieces]);
  if (settlers.length === 0) return null;
  const bySpecies = new Map(
    settlers.map(({ species }) => [species, settlers.filter((one) => one.species === species)]),
  );
  const grounds = [...bySpecies].flatMap(([species, own]) => {
    const profile = catalogue.byId.get(species);
    return own.flatMap(({ rings: [shape] }, i) =>
      shape && profile
        ? [
            {
              id: `${species}${i}`,
              name: i === 0 || own.length <= NAMED ? manyOf(profile) : '',
              colour: colours.get(species) ?? 'var(--slate)',
              shape,
              centre: middleOf(shape),
              sureness: 'likely' as const,
            },
          ]
        : [],
    );
  });
  const hasMap = body.pieces.length > 0;
  return (
    <Section title="Territories" aside="one way to share the floor, the largest first">
      <FloorMap
        lengthCm={lengthCm}
        widthCm={widthCm}
        pieces={body.pieces}
        grounds={grounds}
        label={`Territories on the floor from above: ${grounds.length} of ${settlers.length} holders find ground`}
      />
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-[0.8125rem]">
        {[...bySpecies].map(([species, own]) => {
          const profile = catalogue.byId.get(species);
          return profile && <Found key={species} profile={profile} settlers={own} hasMap={hasMap} />;
        })}
      </ul>
      <p className="text-[0.75rem] text-slate">
        {!hasMap && 'Nothing stands on the floor map yet. '}
        Front below.{' '}
        <Link className="text-deep underline" href={`/tank?tank=${tank.id}&part=floor`}>
          Place decor
        </Link>
      </p>
    </Section>
  );
});
