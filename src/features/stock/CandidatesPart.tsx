'use client';

import { useSayings, useWords } from '@/session/react/useSayings';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { type Candidate, candidatesFor, offeredGroup, roomPlan } from '@/core/assess';
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
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { classes } from '@/ui/classes';
import { FacetFilter } from '@/ui/FacetFilter';
import { TextField } from '@/ui/Field';
import { SeverityMark } from '@/ui/SeverityMark';
import type { useStock } from './useStock';

const ROW_PX = 52;
const SHOWN = 6;

/** What a candidate changes, worst first: what it brings, what gets worse, and what is only a risk. */
function linesOf(
  { brings, grows, risks }: Candidate,
  say: Sayings,
): readonly (readonly [Severity, string])[] {
  return [
    ...brings.map((one) => [one.severity, say.finding(one)] as const),
    ...grows.map((one) => [one.finding.severity, say.grows(one)] as const),
    ...risks.map((one) => [one.severity, say.finding(one)] as const),
  ];
}

function Effect({
  effect,
  profile,
  onAdd,
}: {
  readonly effect: Candidate;
  readonly profile: SpeciesProfile;
  readonly onAdd: () => void;
}) {
  const say = useSayings();
  const words = useWords();
  const lines = linesOf(effect, say);
  const more = lines.length - SHOWN;
  return (
    <div>
      <h2 className="text-[16px] font-semibold">{countedOf(effect.count, profile)}</h2>
      <p className="mb-2 text-slate">
        <i>{profile.scientificName}</i>, {words.quantity('length', adultLengthCm(profile))} grown,{' '}
        {words.range('temperature', profile.water.tankBred.temperatureC)}
        {effect.sameWaters ? '; from the same waters as your list' : ''}
        {effect.fillsEmptyLayer ? '; fills an empty layer' : ''}.
      </p>
      {effect.already > 0 && (
        <p className="mb-2">{countedOf(effect.already, profile)} already in the tank or planned.</p>
      )}
      {lines.length === 0 ? (
        <p className="mb-2">No new problems. Watch it all the same.</p>
      ) : (
        <ul className="mb-2">
          {lines.slice(0, SHOWN).map(([severity, said]) => (
            <li key={said} className="grid grid-cols-[4.6rem_1fr] gap-1 border-b border-line py-1">
              <SeverityMark severity={severity} />
              <span>{said}</span>
            </li>
          ))}
          {more > 0 && <li className="text-slate">and {more} more</li>}
        </ul>
      )}
      <p className="mb-2 text-slate">
        Nitrate at full size: {words.quantity('concentration', effect.nitrateMgLWeek)} a week, budget{' '}
        {NITRATE_BUDGET}.
      </p>
      {profile.notes && <p className="mb-2 text-slate">{profile.notes}</p>}
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
  const [chosen, setChosen] = useState<Chosen>({});
  const words = useWords();
  const [typed, setTyped] = useState('');
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
  const scroller = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
  });
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
      <div className="grid gap-2 lg:grid-cols-[14rem_1fr]">
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
      <div className="grid gap-6 lg:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
        <div>
          <p className="text-[12px] text-slate" aria-live="polite">
            {effects === null
              ? failure === null
                ? 'Checking…'
                : ''
              : `${shown.length} of ${effects.length} species`}
          </p>
          <div
            ref={scroller}
            tabIndex={0}
            role="region"
            aria-label="Species by how well they fit"
            data-answered={answered}
            data-took-ms={tookMs ?? undefined}
            className="h-[26rem] overflow-y-auto border-t border-line lg:h-[calc(100dvh-21rem)]"
          >
            <ul className="relative" style={{ height: rows.getTotalSize() }}>
              {rows.getVirtualItems().map((row) => {
                const effect = shown[row.index] as Candidate;
                const one = catalogue.byId.get(effect.species) as SpeciesProfile;
                const [worst] = linesOf(effect, say);
                return (
                  <li
                    key={effect.species}
                    className="absolute inset-x-0"
                    style={{ height: ROW_PX, transform: `translateY(${row.start}px)` }}
                  >
                    <button
                      type="button"
                      aria-current={effect === current ? 'true' : undefined}
                      onClick={() => setPicked(effect.species)}
                      onFocus={() => setPicked(effect.species)}
                      className={classes(
                        'grid h-full w-full grid-cols-[4.6rem_1fr] items-start gap-x-2 border-b border-line px-1 py-1.5 text-left hover:bg-panel',
                        effect === current && 'bg-panel',
                      )}
                    >
                      <SeverityMark severity={worst?.[0] ?? 'good'} />
                      <span className="min-w-0">
                        <span className="block truncate font-medium">
                          {countedOf(effect.count, one)}{' '}
                          <span className="fig font-normal text-slate">
                            {words.quantity('length', adultLengthCm(one))}
                          </span>
                        </span>
                        <span className="block truncate text-[12px] text-slate">
                          {effect.already > 0 && `${effect.already} already here. `}
                          {worst?.[1] ??
                            (effect.fillsEmptyLayer
                              ? 'No new problems; fills an empty layer.'
                              : 'No new problems.')}
                        </span>
                      </span>
                    </button>
                  </li>
                );
              })}
            </ul>
          </div>
        </div>
        <div aria-live="polite">
          {whole && profile && (
            <Effect
              effect={whole}
              profile={profile}
              onAdd={() => void stock.add(offeredGroup(profile), profile)}
            />
          )}
        </div>
      </div>
    </div>
  );
}
