'use client';

import { useWords } from '@/session/react/useWords';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { lengthToday } from '@/core/assess';
import { canonicalJson } from '@/core/kernel';
import { newLifeFile } from '@/core/formats';
import type { RecordKind } from '@/core/commands';
import { broodOf, lifeStory, type LifeStory } from '@/core/departures';
import type { Standing } from '@/core/events';
import { commonName } from '@/core/model';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useHappenings, useNames, useResidentName } from '@/session/react/useNames';
import { useTell } from '@/session/react/useTell';
import { useSettings, useTanks } from '@/session/react/useTanks';
import { dayOf, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { saveText } from '@/session/saveFile';
import { Empty, Ledger, Screen, Section } from '@/ui/Screen';
import { BackAgain } from './BackAgain';
import { GrowthLine } from './GrowthLine';
import { FishPlate } from '@/ui/plates/FishPlate';
import { wearerOf } from '@/ui/plates/wearerOf';
import { Photos } from './Photos';
import { RankLine } from './RankLine';
import { dayOfYear } from '@/words/en';

const ResidentDialog = dynamic(
  () => import('@/session/react/ResidentDialog').then((file) => file.ResidentDialog),
  { ssr: false },
);

/** The biography of a fish or a shoal: everything it went through, for this keeper and the next. */
export function LifeScreen() {
  const fish = useSearchParams().get('fish') ?? '';
  const happenings = useHappenings();
  const room = useRoomState((state) => state.room);
  const story = useMemo(
    () => (happenings ? lifeStory(happenings, room, fish) : null),
    [happenings, room, fish],
  );
  if (!happenings)
    return (
      <Screen title="History of a fish">
        <p className="text-slate">Loading…</p>
      </Screen>
    );
  return story ? <Life key={fish} story={story} happenings={happenings} /> : <Choose />;
}

/** Whose story? */
function Choose() {
  const router = useRouter();
  const room = useRoomState((state) => state.room);
  const nameOf = useResidentName();
  const tank = useSearchParams().get('tank') ?? '';
  const all = Object.values(room.residents);
  return (
    <Screen title="History of a fish">
      {all.length === 0 ? (
        <Empty>No arrivals yet.</Empty>
      ) : (
        <SelectField
          label="Which fish?"
          wrap="max-w-80"
          value=""
          onChange={(event) => router.replace(`/life?tank=${tank}&fish=${event.target.value}`)}
        >
          <option value="">choose</option>
          {all.map((one) => (
            <option key={one.id} value={one.id}>
              {nameOf(one)}
              {one.count === 0 ? ' (gone)' : ''}
            </option>
          ))}
        </SelectField>
      )}
    </Screen>
  );
}

function Life({
  story,
  happenings,
}: {
  readonly story: LifeStory;
  readonly happenings: readonly Standing[];
}) {
  const words = useWords();
  const { resident, events, lengths, tanks } = story;
  const catalogue = useCatalogue();
  const names = useNames();
  const tell = useTell();
  const nameOf = useResidentName();
  const settings = useSettings();
  const inRack = useTanks().some((tank) => tank.id === resident.tank);
  const former = useRoomState((state) => state.documents[`former-life-${resident.id}`]);
  const before = former?.kind === 'former-life' ? former.body : null;
  const profile = catalogue.byId.get(resident.species);
  const kind = profile ? commonName(profile) : resident.species;
  const today = todayIso();
  const now = profile ? lengthToday(resident, catalogue, today) : resident.lengthCm;
  const end = resident.leftOn ?? `${today}T12:00:00.000Z`;
  const days = differenceInCalendarDays(parseISO(end), parseISO(resident.cameOn));
  const [recording, setRecording] = useState<RecordKind | null>(null);
  const [contests, setContests] = useState(false);
  const fights = events.filter((event) => event.type === 'chased').length;
  const lines = [
    ...(before?.story ?? []),
    ...events
      .filter((event) => contests || event.type !== 'chased')
      .map((event) => ({ on: event.on, text: tell(event) })),
  ];
  const save = (): void =>
    saveText(
      `${nameOf(resident)
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')}.lomvik-life.json`,
      canonicalJson(
        newLifeFile({
          name: resident.name,
          species: resident.species,
          count: Math.max(1, resident.count),
          sex: resident.sex,
          lengthCm: Math.round(now * 10) / 10,
          origin: resident.origin,
          bornAbout: resident.bornAbout || (resident.bornHere ? dayOf(resident.cameOn) : ''),
          keeper: settings.keeper,
          story: lines,
          lengths: [...(before?.lengths ?? []), ...lengths],
        }),
      ),
    );
  return (
    <Screen
      title={nameOf(resident)}
      about={
        <>
          {kind} {profile && <span className="italic">{profile.scientificName}</span>}
          {resident.individual ? '' : `, a group of ${resident.count}`}
          {resident.leftOn ? `, gone since ${dayOfYear(resident.leftOn)}` : ''}
        </>
      }
      actions={
        <>
          {inRack && !resident.leftOn && (
            <>
              <Button onClick={() => setRecording('moved')}>Add entry</Button>
              <Button onClick={() => setRecording('identified')}>Another species</Button>
              {!resident.individual && (
                <Button onClick={() => setRecording('number corrected')}>Correct number</Button>
              )}
            </>
          )}
          <Button onClick={() => window.print()}>Print</Button>
          <Button tone="main" onClick={save}>
            Save history
          </Button>
        </>
      }
    >
      {recording && (
        <ResidentDialog resident={resident} first={recording} onClose={() => setRecording(null)} />
      )}
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
        <div className="flex flex-col gap-5">
          {profile && (
            <FishPlate
              profile={profile}
              wearer={wearerOf(profile, now, resident.individual ? resident.sex : null)}
              detail="plate"
              label={`A ${kind}, drawn`}
              className="h-28 w-56"
            />
          )}
          <BackAgain resident={resident} hasBrood={broodOf(happenings, resident)} />
          <Ledger
            rows={[
              [resident.bornHere ? 'Born here' : 'Arrived', dayOfYear(resident.cameOn)],
              ['Here for', `${days} days`],
              ['From', resident.source || 'not said'],
              ...events.flatMap((event) =>
                event.type === 'rehomed'
                  ? [['Went to', `${event.taker}, ${dayOfYear(event.on)}`] as const]
                  : [],
              ),
              ['How acquired', resident.way ?? 'not said'],
              ['Born', resident.bornAbout || 'not known'],
              ['Origin', resident.origin],
              [
                'Sex',
                resident.individual
                  ? resident.sex === 'unknown'
                    ? 'unknown'
                    : `${resident.sex}, ${resident.sexSure}`
                  : `${resident.males ?? '?'} male, ${resident.females ?? '?'} female`,
              ],
              [
                'Quarantine',
                resident.quarantine === 'done'
                  ? 'done'
                  : resident.quarantine === 'none'
                    ? 'none: a risk'
                    : resident.quarantine === 'here'
                      ? 'in it'
                      : 'not said',
              ],
              ['Estimated length', words.quantity('length', now)],
              ['Paired with', resident.pairedWith ? names.resident(resident.pairedWith) : '–'],
              ['Tanks', tanks.map((one) => names.tank(one.tank)).join(' → ') || names.tank(resident.tank)],
              ...(resident.toGo
                ? ([
                    [
                      'To go',
                      `${resident.toGo.reason}${resident.toGo.taker ? `, to ${resident.toGo.taker}` : ''}`,
                    ],
                  ] as const)
                : []),
              ...(resident.until
                ? ([
                    [
                      'Stays until',
                      `${resident.until}${resident.nextTank ? `, then ${resident.nextTank}` : ''}`,
                    ],
                  ] as const)
                : []),
            ]}
          />
          {profile && (
            <GrowthLine profile={profile} lengths={[...(before?.lengths ?? []), ...lengths]} until={end} />
          )}
          <RankLine resident={resident} />
          <Photos resident={resident} />
        </div>
        <Section
          title="History"
          aside={
            fights > 0 ? (
              <label className="flex items-center gap-1.5 max-desk:min-h-8">
                <input
                  type="checkbox"
                  className="size-4 accent-(--deep)"
                  checked={contests}
                  onChange={(event) => setContests(event.target.checked)}
                />
                with its {fights} contests
              </label>
            ) : (
              `${lines.length} lines`
            )
          }
        >
          {before && (
            <p className="mb-1 text-slate">
              The first {before.story.length} entries are by its former keeper
              {before.keeper ? `, ${before.keeper}` : ''}.
            </p>
          )}
          <ol>
            {lines.map((line, index) => (
              <li
                key={`${line.on}${index}`}
                className="grid grid-cols-[6.5rem_1fr] gap-2 border-b border-line py-1"
              >
                <time dateTime={line.on} className="fig text-slate">
                  {dayOfYear(line.on)}
                </time>
                <span>{line.text}</span>
              </li>
            ))}
          </ol>
        </Section>
      </div>
    </Screen>
  );
}
