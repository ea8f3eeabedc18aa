'use client';

import { useState } from 'react';
import { type Chosen, FACETS, facetsOf, hasFacets } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useLineUpsWorker } from '@/session/react/useLineUps';
import { useTabState } from '@/session/react/useTabState';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { failureWords, type WorkerFailure } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { SelectField } from '@/ui/Field';
import type { Wishes } from './useWishes';

/** A set that is added at one press is no longer than this. */
const MOST_OF_A_SET = 10;
const MET = { shop: 0, specialist: 1, club: 2 } as const;

/** Adds at one press what goes under a theme or comes from a region, as far as it can live in this tank. */
export function QuickSets({ tank, wishes }: { readonly tank: TankView; readonly wishes: Wishes }) {
  const catalogue = useCatalogue();
  const { ask, own } = useLineUpsWorker();
  const [failure, setFailure] = useState<WorkerFailure | null>(null);
  const [chosen, setChosen] = useTabState<Chosen>('wishes.facets', {});
  const [said, setSaid] = useState('');
  const { tank: box, water, routine, practice } = tank.body;
  const add = async (): Promise<void> => {
    const there = new Set([...wishes.living.keys(), ...wishes.body.wishes.map((wish) => wish.species)]);
    const matching = catalogue.all
      .filter((profile) => !there.has(profile.id) && hasFacets(facetsOf(profile), chosen))
      .sort((a, b) => MET[a.trade.met] - MET[b.trade.met] || a.confidence - b.confidence);
    setFailure(null);
    const asked = await ask((remote) =>
      remote.fitting(
        { tank: box, water, routine, practice, wishes: [] },
        own,
        todayIso(),
        matching.map((profile) => profile.id),
      ),
    );
    if (!asked.ok) return setFailure(asked.why === 'cancelled' ? null : asked.why);
    const fitting = asked.value;
    const first = fitting.slice(0, MOST_OF_A_SET);
    setSaid(
      fitting.length > first.length
        ? `The first ${first.length} of ${fitting.length} that can live here.`
        : fitting.length === 0
          ? `None of ${matching.length} can live here alone.`
          : '',
    );
    wishes.add(
      first.flatMap((id) => {
        const profile = catalogue.byId.get(id);
        return profile ? [profile] : [];
      }),
    );
  };
  const pick = (name: 'theme' | 'region' | 'layer', label: string) => (
    <SelectField
      label={label}
      value={chosen[name] ?? ''}
      onChange={(event) => setChosen({ ...chosen, [name]: event.target.value })}
    >
      <option value="">any</option>
      {FACETS[name].map((value) => (
        <option key={value} value={value}>
          {value}
        </option>
      ))}
    </SelectField>
  );
  return (
    <div>
      <div className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2">
        {pick('theme', 'Theme')}
        {pick('region', 'Region')}
        {pick('layer', 'Layer')}
        <Button disabled={!Object.values(chosen).some(Boolean)} onClick={() => add()}>
          Add set
        </Button>
      </div>
      {failure !== null && <Failed why={failureWords(failure) ?? ''} onAgain={() => void add()} />}
      <p aria-live="polite" className="min-h-4 text-[0.75rem] text-slate">
        {said}
      </p>
    </div>
  );
}
