'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { useTanks } from '@/session/react/useTanks';
import { Boundary } from '@/ui/Boundary';
import { Screen, Section } from '@/ui/Screen';
import { AsidePart } from './AsidePart';
import { DemoPart } from './DemoPart';
import { ExperiencePart } from './ExperiencePart';
import { OpenPart } from './OpenPart';
import { SavePart } from './SavePart';
import { UnitsPart } from './UnitsPart';

const TablesPart = dynamic(() => import('./TablesPart').then((file) => file.TablesPart), { ssr: false });

/** Fetched when the page stands: its room is kept free, so that nothing moves under a finger. */
function Tables() {
  const some = useTanks().length > 0;
  return (
    some && (
      <Section title="Tables as CSV" aside="contests, watches, water tests, departures, stock; save and read">
        <div className="min-h-41 max-desk:min-h-42">
          <TablesPart />
        </div>
      </Section>
    )
  );
}

/** Each part by itself: one that fails leaves the way to save open. */
const PARTS: readonly (readonly [string, () => ReactNode])[] = [
  ['Saving', () => <SavePart />],
  ['Opening', () => <OpenPart />],
  ['Damaged records', () => <AsidePart />],
  ['Tables', () => <Tables />],
  ['Experience', () => <ExperiencePart />],
  [
    'Units',
    () => (
      <Section title="Units">
        <UnitsPart />
      </Section>
    ),
  ],
  ['The demo room', () => <DemoPart />],
];

/** Take everything away in a file, bring it back, choose units, change rooms. */
export function FilesScreen() {
  return (
    <Screen
      title="Files"
      about="Your room is only in this browser until you save it. A saved room opens on any machine."
    >
      <div className="grid grid-cols-1 max-w-5xl gap-6 lg:grid-cols-2">
        {PARTS.map(([name, part]) => (
          <Boundary key={name} what={name}>
            {part()}
          </Boundary>
        ))}
      </div>
    </Screen>
  );
}
