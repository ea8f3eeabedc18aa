'use client';

import { SpeciesField } from '@/session/react/SpeciesField';
import { useSayings } from '@/session/react/useSayings';
import { useWords } from '@/session/react/useWords';
import { useMemo, useState } from 'react';
import { impulse } from '@/core/arrivals';
import { assess, roomPlan, signature } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import { commonName, type SpeciesProfile } from '@/core/model';
import { countedOf, dayWords, everyOf } from '@/words/en';
import { addGroups } from '@/core/commands';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Section } from '@/ui/Screen';
import { SeverityMark } from '@/ui/SeverityMark';
import type { Waves } from './useWaves';

const KEY = 'impulse';
const TOLD = 5;

/** A fish seen at the shop that nobody planned: what it would change to the list and to the waves, before it is paid for. */
export function ImpulsePart({ tank, waves }: { readonly tank: TankView; readonly waves: Waves }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const say = useSayings();
  const { session, run } = useCommands();
  const listed = useListed(tank.id);
  const residents = useResidents(tank.id);
  const [profile, setProfile] = useState<SpeciesProfile | null>(null);
  const [text, setText] = useState('1');
  const count = Number(text);
  const sound = Number.isInteger(count) && count >= 1 && count <= 10_000;
  const told = useMemo(() => {
    if (!profile || !sound) return null;
    const entry: DraftGroup = {
      key: KEY,
      group: { species: profile.id, count, lengthCm: profile.size.soldCm },
    };
    const judge = (groups: readonly DraftGroup[]) =>
      assess(roomPlan(tank.body, residents, groups, catalogue, waves.today), catalogue, waves.today);
    const before = judge(listed);
    const after = judge([...listed, entry]);
    const known = new Set(before.findings.map(signature));
    const fresh = after.findings.filter(
      (finding) =>
        (finding.severity === 'stop' || finding.severity === 'caution') && !known.has(signature(finding)),
    );
    const load = Math.max(0, after.context.load.nitrateMgLWeek - before.context.load.nitrateMgLWeek);
    const wave = impulse(
      { key: KEY, profile, count, loadMgLWeek: load, favourite: false },
      waves.toCome,
      waves.lanes,
      waves.rules,
    );
    return { entry, fresh, load, wave };
  }, [profile, sound, count, tank.body, residents, listed, catalogue, waves]);
  const nameOf = (key: string): string => {
    const one = waves.toCome.find((each) => each.key === key);
    return one ? commonName(one.profile) : key;
  };
  return (
    <Section title="Impulse buy" aside="what it would change">
      <div className="grid max-w-[46rem] grid-cols-[1fr_6rem] items-end gap-3">
        <SpeciesField label="Species" onPick={setProfile} />
        <TextField
          label="How many"
          inputMode="numeric"
          value={text}
          error={sound ? undefined : 'A whole number from 1'}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {told && profile && (
        <div className="mt-2 max-w-[60rem]" role="status">
          <p>
            <strong>{countedOf(count, profile)}</strong>: in{' '}
            {told.wave.lane === null ? 'straight' : `quarantine from ${dayWords(told.wave.arrives)}`},
            released {dayWords(told.wave.releases)}; {words.fine('concentration', told.load)} of nitrate a
            week more at full size.{' '}
            {told.wave.later.length === 0
              ? 'No planned fish waits longer.'
              : `Waiting longer: ${everyOf(told.wave.later.map((one) => `${nameOf(one.key)} by ${one.days} days`))}.`}
          </p>
          {told.fresh.length === 0 ? (
            <p className="text-kelp">No new stops or cautions.</p>
          ) : (
            <ul className="mt-1">
              {told.fresh.slice(0, TOLD).map((finding) => (
                <li key={signature(finding)} className="grid grid-cols-[4.5rem_1fr] gap-2 py-0.5">
                  <SeverityMark severity={finding.severity} />
                  <span>{say.finding(finding)}</span>
                </li>
              ))}
              {told.fresh.length > TOLD && (
                <li className="text-slate">And {told.fresh.length - TOLD} more.</li>
              )}
            </ul>
          )}
          <Button
            className="mt-2"
            onClick={() =>
              run(`Added ${countedOf(count, profile)}`, ({ documents }) => [
                addGroups(documents, tank.id, [told.entry.group], session.stamp),
              ]).then((done) => done && setProfile(null))
            }
          >
            Add to the list anyway
          </Button>
        </div>
      )}
    </Section>
  );
}
