'use client';

import { draftChange, tankChange } from '@/core/commands';
import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useCallback, useMemo, useState } from 'react';
import { type StandardTank, tanksSold } from '@/catalogue/standardTanks';
import type { TankOffer, WishedFish } from '@/core/assess';
import { type Approach, commonName, type SpeciesProfile } from '@/core/model';
import { parseQuantity, type TankId } from '@/core/kernel';
import { ASK_ENGINEER_L, fishFirst, type Place, sizesForPlace, USUAL_CLEARANCE_CM } from '@/core/tank';
import { manyOf } from '@/words/en';
import { newId } from '@/session/browserStamp';
import { FishFields } from '@/session/react/FishFields';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { StepsWait } from '@/session/react/StepsWait';
import { useInSteps } from '@/session/react/useInSteps';
import { useSettings, useTanks } from '@/session/react/useTanks';
import { useTabState } from '@/session/react/useTabState';
import { useWords } from '@/session/react/useWords';
import { todayIso } from '@/session/today';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { Caution } from '@/ui/Screen';
import { planIn, tankIn } from '@/session/planIn';
import { OfferRows, PlaceFirst } from './TankOffers';
import { FishName } from '@/ui/plates/FishName';

interface PlaceTexts {
  readonly width: string;
  readonly clearance: string;
  readonly depth: string;
  readonly height: string;
}
const PLACE_FIELDS = [
  ['width', 'Length of the wall'],
  ['clearance', 'Free space at each end'],
  ['depth', 'Depth'],
  ['height', 'Height of the place'],
] as const;

/** A length as typed; null when blank, undefined when it is none. */
function lengthOf(text: string, unit: string): number | null | undefined {
  if (text.trim() === '') return null;
  const parsed = parseQuantity('length', text, unit);
  return parsed.ok && parsed.quantity.core > 0 ? parsed.quantity.core : undefined;
}

/** A whole number of fish as typed; null for anything else. */
/** Nobody buys more of one species at a time. */
const MOST = 500;

const countIn = (text: string): number | null =>
  /^\d{1,3}$/.test(text.trim()) && Number(text) > 0 && Number(text) <= MOST ? Number(text) : null;

/** So many sizes are offered by each approach. */
const OFFERED = 3;

type Offers = Readonly<Record<Approach, readonly TankOffer<StandardTank>[]>>;

/** From the fish: the wished species, what each approach asks for them together and why, and whether a place takes it. */
export function FromFish({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const router = useRouter();
  const settings = useSettings();
  const words = useWords();
  const { run } = useCommands();
  const tanks = useTanks();
  const catalogue = useCatalogue();
  const [kept, setKept] = useTabState<readonly { readonly species: string; readonly count: number }[]>(
    'fish-first.wished',
    [],
  );
  const wished = useMemo<readonly WishedFish[]>(
    () =>
      kept.flatMap(({ species, count }) => {
        const profile = catalogue.byId.get(species);
        return profile ? [{ profile, count }] : [];
      }),
    [kept, catalogue],
  );
  const setWished = (fish: readonly WishedFish[]): void =>
    setKept(fish.map(({ profile, count }) => ({ species: profile.id, count })));
  const [texts, setTexts] = useTabState<PlaceTexts>(`fish-first.place.${settings.length}`, {
    width: '',
    clearance: settings.length === 'in' ? '5 in' : `${USUAL_CLEARANCE_CM} cm`,
    depth: '',
    height: '',
  });
  const place = useMemo<Place>(
    () => ({
      widthCm: lengthOf(texts.width, settings.length) ?? null,
      clearanceCm: lengthOf(texts.clearance, settings.length) ?? 0,
      depthCm: lengthOf(texts.depth, settings.length) ?? null,
      heightCm: lengthOf(texts.height, settings.length) ?? null,
    }),
    [texts, settings.length],
  );
  const asked = place.widthCm !== null || place.depthCm !== null || place.heightCm !== null;
  const answers = useMemo(
    () =>
      fishFirst(
        wished.map(({ profile }) => profile),
        place,
        tanksSold(settings),
      ),
    [wished, place, settings],
  );
  const offersOf = useCallback(async () => {
    const { tankOffers, wishedGroups } = await import('@/core/assess/tankOffers');
    const groups = wishedGroups(wished);
    return (function* (): Generator<undefined, Offers> {
      const found: Partial<Record<Approach, readonly TankOffer<StandardTank>[]>> = {};
      for (const { approach, carry, fit } of answers) {
        found[approach] = tankOffers(
          asked ? fit : carry,
          (size) => planIn(size, approach, groups),
          { clearanceCm: place.clearanceCm, most: OFFERED },
          catalogue,
          todayIso(),
        );
        yield;
      }
      return found as Offers;
    })();
  }, [wished, answers, asked, place.clearanceCm, catalogue]);
  const trying = useInSteps(offersOf);
  const { last: offers, current, failed } = trying;
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});

  const wish = (more: readonly WishedFish[]): void =>
    setWished([...wished, ...more.filter(({ profile }) => !wished.some((one) => one.profile === profile))]);
  const wishOne = (profile: SpeciesProfile, count: number | null = null): void => {
    // Named again with a number: that is its number now.
    if (count !== null && wished.some((one) => one.profile === profile)) recount(profile, String(count));
    else wish([{ profile, count: count ?? profile.company.comfortableGroup }]);
  };
  const recount = (profile: SpeciesProfile, text: string): void => {
    setTyped({ ...typed, [profile.id]: text });
    const count = countIn(text);
    if (count !== null) setWished(wished.map((one) => (one.profile === profile ? { profile, count } : one)));
  };
  const start = async (size: StandardTank, approach: Approach): Promise<void> => {
    const id = newId<TankId>();
    const [first] = wished;
    if (!first) return;
    const name = `${commonName(first.profile)} tank`;
    const { wishedGroups } = await import('@/core/assess/tankOffers');
    const groups = wishedGroups(wished).map((group) => ({ key: newId<string>(), group }));
    if (
      !(await run(`New tank: ${name}`, [
        tankChange(id, tankIn(size, approach, name, tanks.length + 1)),
        draftChange(id, groups),
      ]))
    )
      return;
    setWished([]);
    onOpenChange(false);
    router.push(`/stock?tank=${id}`);
  };

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="Start with fish"
      about="Name the fish you want and how many, the place, or both. Lomvik finds the tanks that carry them, each with the verdict that the stock list will give."
    >
      <div className="flex max-h-[75dvh] flex-col gap-3 overflow-y-auto">
        <FishFields
          label="A fish you want"
          onPick={wishOne}
          onTake={(taken) => wish(taken.map(({ profile, group }) => ({ profile, count: group.count })))}
        />
        {wished.length > 0 && (
          <ul className="flex flex-wrap gap-1.5">
            {wished.map(({ profile, count }) => (
              <li key={profile.id} className="flex items-center gap-1 border border-line px-2">
                <input
                  aria-label={`How many ${manyOf(profile)}`}
                  aria-invalid={countIn(typed[profile.id] ?? String(count)) === null || undefined}
                  className="fig w-12 rounded-xs border border-line bg-panel px-1 aria-[invalid=true]:border-buoy"
                  inputMode="numeric"
                  value={typed[profile.id] ?? String(count)}
                  onChange={(event) => recount(profile, event.target.value)}
                />
                <FishName profile={profile}>{count === 1 ? commonName(profile) : manyOf(profile)}</FishName>
                <button
                  type="button"
                  className="grid size-6 max-desk:size-8 place-items-center text-slate"
                  aria-label={`Without ${commonName(profile)}`}
                  onClick={() => setWished(wished.filter((one) => one.profile !== profile))}
                >
                  <X size={13} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        )}
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
          {PLACE_FIELDS.map(([name, label]) => (
            <TextField
              key={name}
              label={label}
              placeholder={name === 'clearance' ? '' : 'any'}
              value={texts[name]}
              error={
                lengthOf(texts[name], settings.length) === undefined
                  ? 'Type a length such as 120 cm or 4 ft.'
                  : undefined
              }
              onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
            />
          ))}
        </div>
        {wished.length === 0 && asked && (
          <PlaceFirst sizes={sizesForPlace(place, tanksSold(settings))} onWish={wishOne} />
        )}
        {wished.length > 0 && (
          <>
            <StepsWait of={trying}>{null}</StepsWait>
            <div aria-busy={!current && !failed} className="grid gap-3">
              {answers.map((answer) => (
                <OfferRows
                  key={answer.approach}
                  answer={answer}
                  asked={asked}
                  offers={current ? (offers?.[answer.approach] ?? []) : []}
                  onStart={(size, approach) => void start(size, approach)}
                />
              ))}
            </div>
            <Caution>
              Sizes are nominal: measure before you buy. A filled tank is heavy; from about{' '}
              {words.quantity('volume', ASK_ENGINEER_L)}, and in old or rented buildings, ask a structural
              engineer.
            </Caution>
          </>
        )}
      </div>
    </Dialog>
  );
}
