'use client';

import { ExperienceLines } from '@/session/react/ExperienceLines';
import { useSayings } from '@/session/react/useSayings';
import { useWords } from '@/session/react/useWords';
import { useMemo, useState } from 'react';
import { type Candidate, candidatesFor, fishIn, groupByCause, offeredGroup, roomPlan } from '@/core/assess';
import {
  adultLengthCm,
  type Chosen,
  facetsOf,
  foldName,
  hasFacets,
  namesOf,
  type SpeciesProfile,
} from '@/core/model';
import { NITRATE_BUDGET, type Severity } from '@/core/rules';
import { countedOf, type Sayings, facetName } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCandidates } from '@/session/react/useCandidates';
import { useTabState } from '@/session/react/useTabState';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { LongList } from '@/ui/LongList';
import { Failed } from '@/ui/Failed';
import { classes } from '@/ui/classes';
import { FacetFilter } from '@/ui/FacetFilter';
import { TextField } from '@/ui/Field';
import { SeverityMark } from '@/ui/SeverityMark';
import { CauseLines } from './CauseLines';
import type { useStock } from './useStock';
import { FishPlate } from '@/ui/plates/FishPlate';

const ROW_PX = 52;

/** The worst that a candidate changes: what it brings by cause, what gets worse, or what is only a risk. */
function worstOf(
  { brings, grows, risks }: Candidate,
  say: Sayings,
  fishOf: (species: string) => number,
): readonly [Severity, string] | null {
  const [group] = groupByCause(brings.length > 0 ? brings : grows.length > 0 ? [] : risks, fishOf);
  const [growth] = grows;
  return group
    ? [group.severity, say.cause(group)]
    : growth
      ? [growth.finding.severity, say.grows(growth)]
      : null;
}

function Effect({
  effect,
  profile,
  fishOf,
  onAdd,
}: {
  readonly effect: Candidate;
  readonly profile: SpeciesProfile;
  readonly fishOf: (species: string) => number;
  readonly onAdd: () => void;
}) {
  const say = useSayings();
  const words = useWords();
  const { brings, grows, risks } = effect;
  const none = brings.length + grows.length + risks.length === 0;
  return (
    <div>
      <div className="flex items-end gap-4">
        <FishPlate profile={profile} className="h-16 w-32" />
        <h2 className="text-[1rem] font-semibold">{countedOf(effect.count, profile)}</h2>
      </div>
      <p className="mb-2 text-slate">
        <i>{profile.scientificName}</i>, {words.quantity('length', adultLengthCm(profile))} grown,{' '}
        {words.range('temperature', profile.water.tankBred.temperatureC)}
        {effect.sameWaters ? '; from the same waters as your list' : ''}
        {effect.fillsEmptyLayer ? '; fills an empty layer' : ''}.
      </p>
      {effect.already > 0 && (
        <p className="mb-2">{countedOf(effect.already, profile)} already in the tank or planned.</p>
      )}
      {none ? (
        <p className="mb-2">No new problems. Watch it all the same.</p>
      ) : (
        <div className="mb-2">
          <CauseLines groups={groupByCause(brings, fishOf)} />
          <ul>
            {grows.map((one) => (
              <li
                key={one.finding.rule + (one.finding.part ?? '')}
                className="grid grid-cols-[4.6rem_1fr] gap-1 border-b border-line py-1"
              >
                <SeverityMark severity={one.finding.severity} />
                <span>{say.grows(one)}</span>
              </li>
            ))}
          </ul>
          <CauseLines groups={groupByCause(risks, fishOf)} />
        </div>
      )}
      <p className="mb-2 text-slate">
        Nitrate at full size: {words.quantity('concentration', effect.nitrateMgLWeek)} a week; the budget is{' '}
        {words.quantity('concentration', NITRATE_BUDGET)}.
      </p>
      {profile.notes && <p className="mb-2 text-slate">{profile.notes}</p>}
      <div className="mb-2 text-[0.8125rem] text-slate empty:hidden">
        <ExperienceLines asked={{ species: profile.id }} outcome="trouble" />
      </div>
      <Button tone="main" onClick={onAdd}>
        Add {countedOf(effect.count, profile)}
      </Button>
    </div>
  );
}

/** What could I add? The whole catalogue for the tank at hand, best first, with what each species would change. */
export function CandidatesPart({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const catalogue = useCatalogue();
  const say = useSayings();
  const { effects, failure, again, tookMs, answered } = useCandidates(tank, stock.residents, stock.listed);
  const [chosen, setChosen] = useTabState<Chosen>('candidates.facets', {});
  const words = useWords();
  const [typed, setTyped] = useTabState('candidates.typed', '');
  const [picked, setPicked] = useState<string | null>(null);
  const facets = useMemo(
    () => new Map(catalogue.all.map((profile) => [profile.id, facetsOf(profile)])),
    [catalogue],
  );
  const shown = useMemo(() => {
    const parts = foldName(typed).split(' ').filter(Boolean);
    return (effects ?? []).filter((effect) => {
      const profile = catalogue.byId.get(effect.species);
      const has = facets.get(effect.species);
      if (!profile || !has || !hasFacets(has, chosen)) return false;
      const text = namesOf(profile).join(' ');
      return parts.every((part) => text.includes(part));
    });
  }, [effects, facets, chosen, typed, catalogue]);
  const fishOf = fishIn(stock.assessment.context.planned);
  const current = shown.find((effect) => effect.species === picked) ?? shown[0];
  const profile = current && catalogue.byId.get(current.species);
  // All that the one that is looked at would bring; the list tells only the worst of each.
  const whole = useMemo(
    () =>
      profile &&
      candidatesFor(
        roomPlan(tank.body, stock.residents, stock.listed, catalogue, todayIso()),
        catalogue,
        todayIso(),
        [profile],
      )[0],
    [profile, tank.body, stock.residents, stock.listed, catalogue],
  );
  return (
    <div className="flex flex-col gap-3">
      <p className="max-w-[84ch] text-slate">Every species checked against this list, best first.</p>
      <div className="grid grid-cols-1 gap-2 lg:grid-cols-[14rem_1fr]">
        <TextField
          label="Name"
          type="search"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <FacetFilter
          chosen={chosen}
          onChange={setChosen}
          nameOf={(facet, value) => facetName(facet, value, words)}
        />
      </div>
      {failure !== null && <Failed why={failureWords(failure) ?? ''} onAgain={again} />}
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
        <div>
          <p className="text-[0.75rem] text-slate" aria-live="polite">
            {effects === null
              ? failure === null
                ? 'Checking…'
                : ''
              : `${shown.length} of ${effects.length} species`}
          </p>
          <LongList
            label="Species by how well they fit"
            items={shown}
            keyOf={({ species }) => species}
            rowPx={ROW_PX}
            first={shown.findIndex(({ species }) => species === picked)}
            data-answered={answered}
            data-took-ms={tookMs ?? undefined}
            className="h-[26rem] lg:h-[calc(100dvh-21rem)]"
          >
            {(effect, tabIndex) => {
              const one = catalogue.byId.get(effect.species) as SpeciesProfile;
              const worst = worstOf(effect, say, fishOf);
              return (
                <button
                  type="button"
                  tabIndex={tabIndex}
                  aria-current={effect === current ? 'true' : undefined}
                  onClick={() => setPicked(effect.species)}
                  onFocus={() => setPicked(effect.species)}
                  className={classes(
                    'grid h-full w-full grid-cols-[4.6rem_3.5rem_1fr] items-start gap-x-2 border-b border-line px-1 py-1.5 text-left hover:bg-panel',
                    effect === current && 'bg-panel',
                  )}
                >
                  <SeverityMark severity={worst?.[0] ?? 'good'} />
                  <FishPlate profile={one} className="h-9 w-14" />
                  <span className="min-w-0">
                    <span className="block truncate font-medium">
                      {countedOf(effect.count, one)}{' '}
                      <span className="fig font-normal text-slate">
                        {words.quantity('length', adultLengthCm(one))}
                      </span>
                    </span>
                    <span className="block truncate text-[0.75rem] text-slate">
                      {effect.already > 0 && `${effect.already} already here. `}
                      {worst?.[1] ??
                        (effect.fillsEmptyLayer
                          ? 'No new problems; fills an empty layer.'
                          : 'No new problems.')}
                    </span>
                  </span>
                </button>
              );
            }}
          </LongList>
        </div>
        <div aria-live="polite">
          {whole && profile && (
            <Effect
              effect={whole}
              profile={profile}
              fishOf={fishOf}
              onAdd={() => void stock.add(offeredGroup(profile), profile)}
            />
          )}
        </div>
      </div>
    </div>
  );
}
