'use client';

import dynamic from 'next/dynamic';
import { useWords } from '@/session/react/useWords';
import { Link } from '@/ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { lengthToday } from '@/core/assess';
import type { Resident } from '@/core/events';
import { commonName } from '@/core/model';
import { countedOf, dayOfYear } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useResidentName } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useListed, useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Empty, Screen, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { AcclimationPart } from './AcclimationPart';
import { BringHome } from './BringHome';
import { Claims } from './Claims';
import { FollowUpPart } from './FollowUpPart';
import { QuarantinePart } from './QuarantinePart';
import { ReleasePart } from './ReleasePart';
import { lifeHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';
import { wearerOf } from '@/ui/plates/wearerOf';

const SourcePart = dynamic(() => import('./SourcePart').then((file) => file.SourcePart), { ssr: false });
const WavesPart = dynamic(() => import('./WavesPart').then((file) => file.WavesPart), { ssr: false });
const ResidentDialog = dynamic(
  () => import('@/session/react/ResidentDialog').then((file) => file.ResidentDialog),
  {
    ssr: false,
  },
);
const MovingPart = dynamic(() => import('./MovingPart').then((file) => file.MovingPart), { ssr: false });

export function ArrivalsScreen() {
  const tank = useTank();
  return tank ? <Arrivals tank={tank} /> : <NoTank title="Arrivals" />;
}

function Listed({ tank }: { readonly tank: TankView }) {
  const router = useRouter();
  const chosen = useSearchParams().get('bring');
  const listed = useListed(tank.id);
  const catalogue = useCatalogue();
  const choose = (key: string | null): void =>
    router.replace(`/arrivals?tank=${tank.id}${key ? `&bring=${key}` : ''}`, { scroll: false });
  if (listed.length === 0) {
    return (
      <Empty>
        No fish planned for {tank.body.name}.{' '}
        <Link href={`/stock?tank=${tank.id}`} className="text-deep underline">
          Plan the stock list
        </Link>
        , read the verdict, then bring the fish home here.
      </Empty>
    );
  }
  return (
    <ul>
      {listed.map((entry) => {
        const profile = catalogue.byId.get(entry.group.species);
        if (!profile) return null;
        return (
          <li key={entry.key} className="border-b border-line py-2">
            <div className="flex items-center justify-between gap-3">
              <span>
                <FishName profile={profile}>
                  {countedOf(entry.group.count, profile)}{' '}
                  <span className="text-slate italic">{profile.scientificName}</span>
                </FishName>
              </span>
              {chosen !== entry.key && (
                <Button className="shrink-0 whitespace-nowrap" onClick={() => choose(entry.key)}>
                  Bring home
                </Button>
              )}
            </div>
            {chosen === entry.key && (
              <div className="mt-2">
                <BringHome entry={entry} profile={profile} tank={tank} onDone={() => choose(null)} />
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function Here({ tank }: { readonly tank: TankView }) {
  const words = useWords();
  const residents = useResidents(tank.id);
  const catalogue = useCatalogue();
  const colours = useResidentColours(residents);
  const nameOf = useResidentName();
  const [open, setOpen] = useState<Resident | null>(null);
  if (residents.length === 0) return <Empty>No fish in {tank.body.name} yet.</Empty>;
  return (
    <>
      <Table
        caption={`In ${tank.body.name}`}
        heads={[
          'Who',
          { name: 'Species', wide: true },
          { name: 'Number', figures: true },
          { name: 'Sex', wide: true },
          { name: 'Estimated length', figures: true, wide: true },
          { name: 'Arrived', figures: true },
          { name: 'Actions', hidden: true },
        ]}
      >
        {residents.map((resident) => {
          const profile = catalogue.byId.get(resident.species);
          return (
            <Row key={resident.id}>
              <Cell>
                <span
                  className="mr-1 inline-block size-2.5"
                  style={{ background: colours.get(resident.id) }}
                  aria-hidden="true"
                />
                <FishName profile={profile} wearer={profile && wearerOf(profile, null, resident.sex)}>
                  <Link href={lifeHref(tank.id, resident.id)} className="underline-offset-2 hover:underline">
                    {nameOf(resident)}
                  </Link>
                </FishName>
                {resident.quarantine === 'none' && (
                  <span
                    className="ml-1 inline-block text-[0.75rem] text-lamp"
                    title="No quarantine: a risk to the others"
                  >
                    no quarantine
                  </span>
                )}
                {resident.until && (
                  <span className="ml-1 text-[0.75rem] text-slate">until {resident.until}</span>
                )}
              </Cell>
              <Cell wide>{profile ? commonName(profile) : resident.species}</Cell>
              <Cell figures>{resident.count}</Cell>
              <Cell wide>
                {resident.individual
                  ? `${resident.sex}${resident.sex === 'unknown' ? '' : `, ${resident.sexSure}`}`
                  : '–'}
              </Cell>
              <Cell figures wide>
                {words.quantity('length', lengthToday(resident, catalogue, todayIso()))}
              </Cell>
              <Cell figures>{dayOfYear(resident.cameOn)}</Cell>
              <Cell figures>
                <Button
                  tone="quiet"
                  className="font-sans"
                  onClick={() => setOpen(resident)}
                  aria-label={`Add an entry about ${nameOf(resident)}`}
                >
                  record
                </Button>
              </Cell>
            </Row>
          );
        })}
      </Table>
      {open && <ResidentDialog resident={open} onClose={() => setOpen(null)} />}
    </>
  );
}

const PARTS = [
  ['here', 'Planned and here'],
  ['source', 'Where to buy'],
  ['waves', 'Waves'],
  ['quarantine', 'Quarantine'],
  ['acclimation', 'Acclimation'],
  ['release', 'Release'],
  ['follow-up', 'Follow-up check'],
  ['moving', 'Moving tanks'],
] as const;
/** Parts by the names that their addresses had before. */
const FORMER = { bag: 'acclimation', look: 'follow-up' } as const;

/** From list to tank: in waves, from the bag, by a run sheet; and who is here is kept account of. */
function Arrivals({ tank }: { readonly tank: TankView }) {
  const part = usePart(PARTS, FORMER);
  return (
    <Screen title={`Arrivals in ${tank.body.name}`}>
      <PartNav
        label="Steps of an arrival"
        parts={PARTS}
        current={part}
        href={(id) => `/arrivals?tank=${tank.id}${id === 'here' ? '' : `&part=${id}`}`}
      />
      {part === 'here' && (
        <>
          <Section title="Planned">
            <Listed tank={tank} />
          </Section>
          <Claims tank={tank} />
          <Section
            title="In the tank"
            aside={
              <Link href={`/departures?tank=${tank.id}&part=several`} className="text-deep underline">
                Several at once
              </Link>
            }
          >
            <Here tank={tank} />
          </Section>
        </>
      )}
      {part === 'waves' && <WavesPart tank={tank} />}
      {part === 'release' && <ReleasePart tank={tank} />}
      {part === 'acclimation' && <AcclimationPart tank={tank} />}
      {part === 'source' && <SourcePart tank={tank} />}
      {part === 'quarantine' && <QuarantinePart tank={tank} />}
      {part === 'follow-up' && <FollowUpPart tank={tank} />}
      {part === 'moving' && <MovingPart tank={tank} />}
    </Screen>
  );
}
