'use client';

import { memo } from 'react';
import type { Assessment, Trouble } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import type { SpeciesProfile } from '@/core/model';
import { everyOf, manyOf } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useTrouble } from '@/session/react/useTrouble';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { VerdictMark } from '@/ui/SeverityMark';

/** So many kinds are named one by one. */
const NAMED = 3;

interface Way {
  readonly species: readonly string[];
  readonly said: string;
  readonly verdict: Assessment['verdict'];
}

function waysOf(trouble: Trouble | null): readonly Way[] {
  if (trouble === null) return [];
  const { most, least } = trouble;
  return [
    ...(least && least.species.length > 1
      ? [{ ...least, said: `${least.settles} solved, no stops left` }]
      : []),
    // What settles one thing only has its fix beside that thing.
    ...most
      .filter((one) => one.settles > 1)
      .slice(0, NAMED)
      .map(({ species, settles, stops, brings, verdict }) => ({
        species: [species],
        said: `${settles} gone${stops > 0 ? `, ${stops} of them stops` : ''}${brings > 0 ? `, ${brings} new` : ''}`,
        verdict,
      })),
  ];
}

/** Which of the listed kinds most of the trouble hangs on, and the fewest without which no stop is left; each one press. */
export const MainCauses = memo(function MainCauses({
  tank,
  residents,
  listed,
  assessment,
  leaveOut,
}: {
  readonly tank: TankView;
  readonly residents: readonly Resident[];
  readonly listed: readonly DraftGroup[];
  readonly assessment: Assessment;
  readonly leaveOut: (kinds: readonly SpeciesProfile[]) => unknown;
}) {
  const catalogue = useCatalogue();
  const trouble = useTrouble(tank, residents, listed, assessment);
  const there = new Set<string>(listed.map((one) => one.group.species));
  const ways = waysOf(trouble).filter(({ species }) => species.every((id) => there.has(id)));
  if (trouble !== null && ways.length === 0) return null;
  return (
    // Room is kept while it is looked into: nothing below jumps under the finger.
    <div className={classes('no-print mt-2', trouble === null && 'min-h-36')}>
      <p className="text-[12px] text-slate">Main causes of trouble</p>
      {ways.length > 0 && (
        <ul aria-label="Main causes of trouble" className="flex flex-col gap-1">
          {ways.map(({ species, said, verdict }) => {
            const kinds = species.flatMap((id) => catalogue.byId.get(id) ?? []);
            return (
              <li key={species.join()} className="flex flex-wrap items-center gap-x-3">
                <Button onClick={() => leaveOut(kinds)}>
                  Without {everyOf(kinds.map((kind) => `the ${manyOf(kind)}`))}
                </Button>
                <span className="inline-flex min-h-6 items-center gap-x-3 text-[13px] whitespace-nowrap">
                  {said}
                  <VerdictMark verdict={verdict} small />
                </span>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
});
