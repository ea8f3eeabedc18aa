import { useCallback } from 'react';
import { type StandardTank, tanksSold } from '@/catalogue/standardTanks';
import type { TankOffer } from '@/core/assess';
import { commonName, type SpeciesProfile } from '@/core/model';
import { fishFirst, litresOf, USUAL_CLEARANCE_CM } from '@/core/tank';
import { planIn } from '@/session/planIn';
import { useCatalogue } from '@/session/react/RoomProvider';
import { StepsWait } from '@/session/react/StepsWait';
import { useInSteps } from '@/session/react/useInSteps';
import { useUnits } from '@/session/react/useUnits';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { FishPlate } from '@/ui/plates/FishPlate';
import { Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { capital, type Words } from '@/words/en';
import type { FirstPlan } from './useFirstPlan';

const OFFERED = 4;
const NAMED = 12;
/** Anywhere: no place was said yet. */
const ANY_PLACE = { widthCm: null, clearanceCm: USUAL_CLEARANCE_CM, depthCm: null, heightCm: null };

/** What the name of a size does not say: its measures, or how much it holds where the measures are the name. */
function besideName(size: StandardTank, words: Words): string {
  const { name, lengthCm, widthCm, heightCm } = size;
  const isMeasured = name.startsWith(`${lengthCm} x `);
  return isMeasured
    ? words.tank('volume', litresOf(size))
    : [lengthCm, widthCm, heightCm].map((cm) => words.tank('length', cm)).join(' × ');
}

/** Only fish so far: the common sizes that carry them, each with the verdict that it will get. */
export function TanksForFish({ plan }: { readonly plan: FirstPlan }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const units = useUnits();
  const { listed } = plan;
  const begin = useCallback(async () => {
    const { tankOffers } = await import('@/core/assess/tankOffers');
    const groups = listed.map(({ group }) => group);
    const profiles = groups.flatMap(({ species }) => catalogue.byId.get(species) ?? []);
    const usual = fishFirst(profiles, ANY_PLACE, tanksSold(units)).find(
      ({ approach }) => approach === 'middle',
    );
    return (function* (): Generator<undefined, readonly TankOffer<StandardTank>[]> {
      yield undefined;
      return tankOffers(
        usual?.carry ?? [],
        (size) => planIn(size, 'middle', groups),
        { clearanceCm: USUAL_CLEARANCE_CM, most: OFFERED },
        catalogue,
        todayIso(),
      );
    })();
  }, [listed, catalogue, units]);
  const tried = useInSteps(begin);
  const { last: offers, current } = tried;
  return (
    <Section title="Common tanks that carry them" aside="smallest first">
      {!current || !offers ? (
        <StepsWait of={tried}>
          <p className="text-slate">Trying the common sizes…</p>
        </StepsWait>
      ) : offers.length === 0 ? (
        <p>No common size carries them together: type a tank of your own, or take a fish off.</p>
      ) : (
        <ul>
          {offers.map(({ size, answer }) => (
            <li
              key={size.name}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1.5"
            >
              <Button className="min-w-40" onClick={() => plan.type(size.name)}>
                {size.name}
              </Button>
              <span className="fig min-w-44 text-slate">{besideName(size, words)}</span>
              <VerdictMark verdict={answer.today} later={answer.later} small />
            </li>
          ))}
        </ul>
      )}
    </Section>
  );
}

/** Only a tank so far: species of most shops that fit it by themselves. */
export function FishForTank({ plan, tank }: { readonly plan: FirstPlan; readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const { lengthCm, widthCm, heightCm } = tank.body.tank;
  const begin = useCallback(async () => {
    const { whoCouldLive } = await import('@/core/assess/tankOffers');
    return (function* (): Generator<undefined, readonly SpeciesProfile[]> {
      yield undefined;
      const size = { name: '', lengthCm, widthCm, heightCm };
      return whoCouldLive(planIn(size, 'middle', []), NAMED, catalogue, todayIso());
    })();
  }, [lengthCm, widthCm, heightCm, catalogue]);
  const looked = useInSteps(begin);
  const { last: found, current } = looked;
  return (
    <Section title="Fish that fit it by themselves" aside="of those that most shops have">
      {!current || !found ? (
        <StepsWait of={looked}>
          <p className="text-slate">Looking through the catalogue…</p>
        </StepsWait>
      ) : (
        <ul className="grid grid-cols-2 gap-x-4 sm:grid-cols-3 lg:grid-cols-4">
          {found.map((profile) => (
            <li key={profile.id} className="border-b border-line">
              <button
                type="button"
                className="flex min-h-12 w-full items-center gap-2 text-left hover:bg-panel"
                onClick={() => plan.add(profile)}
              >
                <FishPlate profile={profile} className="h-8 w-16 shrink-0" />
                {capital(commonName(profile))}
              </button>
            </li>
          ))}
        </ul>
      )}
    </Section>
  );
}
