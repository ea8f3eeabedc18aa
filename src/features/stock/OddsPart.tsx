'use client';

import { SpeciesField } from '@/session/react/SpeciesField';
import { useWords } from '@/session/react/useWords';
import { useState } from 'react';
import { commonName, type SpeciesProfile } from '@/core/model';
import {
  atLeastChance,
  expectedSurplus,
  oddOneOutChance,
  oneMaleChance,
  pairChance,
  ratioChance,
  smallestPurchase,
  twoMalesChance,
} from '@/core/numbers';
import { fixed, tenth } from '@/words/en';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Ledger, Section } from '@/ui/Screen';
import type { useStock } from './useStock';
import { FishName } from '@/ui/plates/FishName';

const SURE = [0.5, 0.75, 0.9, 0.95, 0.99];
const MOST = 200;
const malesOf = (n: number): string => `${n} ${n === 1 ? 'male' : 'males'}`;
const femalesOf = (n: number): string => `${n} ${n === 1 ? 'female' : 'females'}`;
const percent = (chance: number): string =>
  `${fixed(chance * 100, chance > 0.995 || chance < 0.005 ? 1 : 0)}%`;
const whole = (text: string, most: number): number | null => {
  const value = Number(text);
  return text.trim() !== '' && Number.isInteger(value) && value >= 0 && value <= most ? value : null;
};

/** What a species usually wants, for the fields to begin with. */
const usual = (profile: SpeciesProfile | undefined) => {
  const ratio = profile?.company.femalesPerMale ?? 1;
  return {
    males: 1,
    females: Math.max(1, Math.ceil(ratio)),
    bought: Math.max(2, profile?.company.comfortableGroup ?? 6),
  };
};

function Answers({
  n,
  p,
  males,
  females,
  sure,
  profile,
  onBuy,
}: {
  readonly n: number;
  readonly p: number;
  readonly males: number;
  readonly females: number;
  readonly sure: number;
  readonly profile: SpeciesProfile | undefined;
  /** Puts so many on the shopping list; null when the species is not listed. */
  readonly onBuy: ((count: number) => void) | null;
}) {
  const words = useWords();
  const wanted = { males, females };
  const buy = smallestPurchase(sure, p, wanted);
  const over = expectedSurplus(n, p, wanted);
  const overBought = buy === null ? null : expectedSurplus(buy, p, wanted);
  const ratio = profile?.company.femalesPerMale ?? null;
  const avoid = profile?.company.badNumbers ?? [];
  const name = profile ? commonName(profile) : 'this species';
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
      <Section title={`Of ${n} unsexed`} aside="binomial, exact">
        <Ledger
          rows={[
            ['At least one of each sex', percent(pairChance(n, p))],
            [
              `At least ${malesOf(wanted.males)} and ${femalesOf(wanted.females)}`,
              percent(atLeastChance(n, p, wanted)),
            ],
            ['Exactly one male', percent(oneMaleChance(n, p))],
            ['Exactly two males', percent(twoMalesChance(n, p))],
            ['Uneven sexes', percent(oddOneOutChance(n, p))],
            ...(ratio === null
              ? []
              : ([
                  [
                    `${tenth(ratio)} ${ratio === 1 ? 'female' : 'females'} or more to each male`,
                    percent(ratioChance(n, p, ratio)),
                  ],
                ] as const)),
          ]}
        />
        {avoid.includes(n) && (
          <p className="mt-2 text-lamp">
            {n} is a number to avoid with {name} ({avoid.join(', ')}).
          </p>
        )}
      </Section>
      <Section
        title={`To be ${percent(sure)} sure of ${malesOf(wanted.males)} and ${femalesOf(wanted.females)}`}
      >
        {buy === null ? (
          <p>No purchase of up to {MOST} gives that.</p>
        ) : (
          <>
            <p className="text-[1rem]">
              Buy <strong className="fig">{buy}</strong>.
            </p>
            {onBuy && (
              <p className="mt-1">
                <Button onClick={() => onBuy(buy)}>Put {buy} on the shopping list</Button>
              </p>
            )}
            <p className="mt-1">
              On average <span className="fig">{tenth(overBought?.males ?? 0)}</span> males and{' '}
              <span className="fig">{tenth(overBought?.females ?? 0)}</span> females are left over then. Say
              now where they go: the surplus needs a taker before it fights.
            </p>
          </>
        )}
        <p className="mt-2 text-slate">
          With {n} bought, <span className="fig">{tenth(over.males)}</span> males and{' '}
          <span className="fig">{tenth(over.females)}</span> females are left over on average. Find a home for
          the surplus first.
        </p>
        {profile?.company.sexedFromCm ? (
          <p className="mt-2 text-slate">
            Sexes of {name} can be told from about {words.quantity('length', profile.company.sexedFromCm)}.
          </p>
        ) : null}
      </Section>
    </div>
  );
}

/** How many unsexed juveniles to buy, and what is left over. */
export function OddsPart({ stock }: { readonly stock: ReturnType<typeof useStock> }) {
  const [profile, setProfile] = useState<SpeciesProfile | undefined>(
    () => stock.lines.find((line) => line.listed)?.profile ?? stock.lines[0]?.profile,
  );
  const first = usual(profile);
  const [bought, setBought] = useState(String(first.bought));
  const [males, setMales] = useState(String(first.males));
  const [females, setFemales] = useState(String(first.females));
  const [sure, setSure] = useState(0.9);
  const [share, setShare] = useState('50');
  const take = (next: SpeciesProfile): void => {
    const fresh = usual(next);
    setProfile(next);
    setBought(String(fresh.bought));
    setMales(String(fresh.males));
    setFemales(String(fresh.females));
  };
  const n = whole(bought, MOST);
  const m = whole(males, MOST);
  const f = whole(females, MOST);
  const p = whole(share, 100);
  const entry = stock.lines.find((line) => line.listed && line.profile.id === profile?.id)?.listed;
  const onBuy = entry
    ? (count: number): void => void stock.order(entry.key, { price: entry.price, buy: count })
    : null;
  const wrong = (value: number | null, most: number): string | undefined =>
    value === null ? `A whole number from 0 to ${most}` : undefined;
  return (
    <div className="flex max-w-[64rem] flex-col gap-4">
      <p className="max-w-[84ch] text-slate">Young fish cannot be sexed. How many should you buy?</p>
      <div className="grid grid-cols-1 gap-3 lg:grid-cols-[18rem_1fr]">
        <div>
          <SpeciesField label="Species" onPick={take} />
          {profile && (
            <p className="mt-1 font-medium">
              <FishName profile={profile} />
            </p>
          )}
        </div>
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
          <TextField
            label="Bought"
            inputMode="numeric"
            value={bought}
            error={wrong(n, MOST)}
            onChange={(event) => setBought(event.target.value)}
          />
          <TextField
            label="Males wanted"
            inputMode="numeric"
            value={males}
            error={wrong(m, MOST)}
            onChange={(event) => setMales(event.target.value)}
          />
          <TextField
            label="Females wanted"
            inputMode="numeric"
            value={females}
            error={wrong(f, MOST)}
            onChange={(event) => setFemales(event.target.value)}
          />
          <SelectField
            label="How sure"
            value={sure}
            onChange={(event) => setSure(Number(event.target.value))}
          >
            {SURE.map((one) => (
              <option key={one} value={one}>
                {percent(one)}
              </option>
            ))}
          </SelectField>
          <TextField
            label="Males among young, %"
            inputMode="numeric"
            value={share}
            error={wrong(p, 100)}
            onChange={(event) => setShare(event.target.value)}
          />
        </div>
      </div>
      {n !== null && m !== null && f !== null && p !== null && (
        <Answers n={n} p={p / 100} males={m} females={f} sure={sure} profile={profile} onBuy={onBuy} />
      )}
    </div>
  );
}
