import { X } from 'lucide-react';
import { adultLengthCm, commonName, mainLayer } from '@/core/model';
import { FishFields } from '@/session/react/FishFields';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useWords } from '@/session/react/useWords';
import { FishPlate } from '@/ui/plates/FishPlate';
import { Stepper } from '@/ui/Stepper';
import { capital, manyOf } from '@/words/en';
import type { FirstPlan } from './useFirstPlan';

/** Which fish do you want? Searched in place, counted with one press. */
export function FirstFish({
  plan,
  heading = 'Which fish do you want?',
}: {
  readonly plan: FirstPlan;
  readonly heading?: string;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  return (
    <section aria-labelledby="first-fish">
      <h2 id="first-fish" className="mb-1 text-[1rem] font-semibold">
        {heading}
      </h2>
      <FishFields
        label="Add a fish"
        onPick={plan.add}
        onTake={(taken) => plan.addAll(taken.map(({ group }) => group))}
      />
      <ul className="mt-1">
        {plan.listed.map(({ key, group }) => {
          const profile = catalogue.byId.get(group.species);
          if (!profile) return null;
          return (
            <li
              key={key}
              className="grid grid-cols-[3.5rem_1fr_auto_auto] items-center gap-x-2 border-b border-line py-1.5 max-[21rem]:grid-cols-[3.5rem_1fr_auto] desk:grid-cols-[5rem_1fr_auto_auto] desk:gap-x-3"
            >
              <FishPlate profile={profile} className="h-8 w-14 desk:h-10 desk:w-20" />
              <span className="min-w-0">
                <strong className="block">{capital(commonName(profile))}</strong>
                <span className="text-[0.8125rem] text-slate">
                  {words.quantity('length', adultLengthCm(profile))} grown, {mainLayer(profile)}
                </span>
              </span>
              <Stepper
                value={group.count}
                label={manyOf(profile)}
                onChange={(how) => plan.recount(key, how)}
              />
              <button
                type="button"
                className="grid size-8 place-items-center text-slate hover:text-ink max-desk:size-11"
                aria-label={`Without ${manyOf(profile)}`}
                onClick={() => plan.remove(key)}
              >
                <X size={16} aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
      {plan.listed.length > 0 && (
        <p className="mt-1 text-[0.8125rem] text-slate">
          Every fish is checked grown as well, not only on the day you buy it.
        </p>
      )}
    </section>
  );
}
