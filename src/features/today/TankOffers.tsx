'use client';

import { useState } from 'react';
import type { StandardTank } from '@/catalogue/standardTanks';
import type { TankOffer } from '@/core/assess';
import type { Approach, SpeciesProfile, TankFigure } from '@/core/model';
import type { ApproachAnswer } from '@/core/tank';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useWords } from '@/session/react/useWords';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { VerdictMark } from '@/ui/SeverityMark';
import { capital, countedOf, everyOf, manyOf, termOf, type Words } from '@/words/en';
import { planIn } from '@/session/planIn';

/** So many species are named that could live in a place. */
const NAMED = 10;

/** What the place makes of an approach's answer, in one sentence. */
function placeWords(answer: ApproachAnswer<StandardTank>, asked: boolean): string {
  if (answer.carry.length === 0)
    return 'No common size carries them together: choose a custom tank, or fewer species.';
  const [smallest] = answer.carry;
  return asked && answer.fit.length === 0
    ? `No size that carries them fits this place: the smallest is ${smallest?.name ?? ''}.`
    : '';
}

/** Sizes of one approach, each with its measures and with what the list will say in it. */
export function OfferRows({
  answer,
  asked,
  offers,
  onStart,
}: {
  readonly answer: ApproachAnswer<StandardTank>;
  readonly asked: boolean;
  readonly offers: readonly TankOffer<StandardTank>[];
  readonly onStart: (size: StandardTank, approach: Approach) => void;
}) {
  const words = useWords();
  const none = placeWords(answer, asked);
  return (
    <section aria-label={`By the ${termOf(answer.approach)} approach`}>
      <h3 className="text-[0.8125rem] font-semibold">
        {capital(termOf(answer.approach))}: at least {needWords(answer, words)}
      </h3>
      {none !== '' && <p className="text-slate">{none}</p>}
      <ul>
        {offers.map(({ size, answer: verdict, wallCm, floorCm2, filledKg, nitrateMgLWeek }, index) => (
          <li
            key={size.name}
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1"
          >
            <Button tone={index === 0 ? 'main' : 'plain'} onClick={() => onStart(size, answer.approach)}>
              Start with {size.name}
            </Button>
            <VerdictMark verdict={verdict.today} later={verdict.later} small />
            <span className="text-[0.8125rem] text-slate">
              {[size.lengthCm, size.widthCm, size.heightCm].map((cm) => words.tank('length', cm)).join(' × ')}
              ; wall {words.tank('length', wallCm)}, floor {words.area(floorCm2)}, about{' '}
              {words.quantity('mass', filledKg)} filled, {words.quantity('concentration', nitrateMgLWeek)} of
              nitrate a week
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The least tank of an approach, with who asks for it. */
function needWords({ least, drivers }: ApproachAnswer<StandardTank>, words: Words): string {
  const names = (measure: keyof TankFigure): string => everyOf(drivers[measure].map(manyOf));
  return [
    least.lengthCm === null ? '' : `${words.tank('length', least.lengthCm)} long (${names('lengthCm')})`,
    least.widthCm === null ? '' : `${words.tank('length', least.widthCm)} wide (${names('widthCm')})`,
    least.litres === null ? '' : `${words.tank('volume', least.litres)} (${names('litres')})`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** Which sizes a place takes, and what could live in one of them. */
export function PlaceFirst({
  sizes,
  onWish,
}: {
  readonly sizes: readonly StandardTank[];
  readonly onWish: (profile: SpeciesProfile) => void;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  const [looked, setLooked] = useState<StandardTank | null>(null);
  const [found, setFound] = useState<readonly SpeciesProfile[] | null>(null);
  const look = async (size: StandardTank): Promise<void> => {
    setLooked(size);
    setFound(null);
    const { whoCouldLive } = await import('@/core/assess/tankOffers');
    setFound(whoCouldLive(planIn(size, 'middle', []), NAMED, catalogue, todayIso()));
  };
  if (sizes.length === 0) return <p className="text-slate">No common size stands in this place.</p>;
  return (
    <section aria-label="Sizes for this place">
      <p className="text-slate">These common sizes stand there. What could live in one of them?</p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {sizes.map((size) => (
          <Button key={size.name} tone={size === looked ? 'main' : 'plain'} onClick={() => void look(size)}>
            {size.name}
          </Button>
        ))}
      </div>
      {looked && (
        <p className="mt-1" role="status">
          {found === null
            ? `Looking through the catalogue for ${looked.name}…`
            : `${looked.name}, ${words.tank('length', looked.lengthCm)} by ${words.tank('length', looked.widthCm)}, takes by themselves, among others:`}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-1.5">
        {found?.map((profile) => (
          <Button key={profile.id} onClick={() => onWish(profile)}>
            {countedOf(profile.company.comfortableGroup, profile)}
          </Button>
        ))}
      </div>
    </section>
  );
}
