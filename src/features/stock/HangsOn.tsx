'use client';

import { memo, useMemo } from 'react';
import type { Assessment } from '@/core/assess/assess';
import { roomPlan } from '@/core/assess/roomPlan';
import { settlesMost } from '@/core/assess/settlesMost';
import type { DraftGroup } from '@/core/journal/documents';
import type { Resident } from '@/core/journal/room';
import type { Fix } from '@/core/rules/finding';
import { the } from '@/core/rules/words';
import { useCatalogue } from '@/session/react/RoomProvider';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { VerdictMark } from '@/ui/SeverityMark';

/** So many kinds are named. */
const NAMED = 3;

/** Which of the listed kinds most of the trouble hangs on, each left out with one press. */
export const HangsOn = memo(function HangsOn({
  tank,
  residents,
  listed,
  assessment,
  onFix,
}: {
  readonly tank: TankView;
  readonly residents: readonly Resident[];
  readonly listed: readonly DraftGroup[];
  readonly assessment: Assessment;
  readonly onFix: (fix: Fix) => void;
}) {
  const catalogue = useCatalogue();
  const most = useMemo(() => {
    const living = new Set(residents.map((one) => one.species));
    const removable = [...new Set(listed.map((one) => one.group.species))].filter((id) => !living.has(id));
    const today = todayIso();
    const plan = roomPlan(tank.body, residents, listed, catalogue, today);
    return settlesMost(plan, assessment, catalogue, today, removable).slice(0, NAMED);
  }, [tank.body, residents, listed, assessment, catalogue]);
  if (most.length === 0) return null;
  return (
    <div className="no-print mt-2">
      <p className="text-[12px] text-slate">Most of it hangs on</p>
      <ul aria-label="Kinds that most of the trouble hangs on">
        {most.map(({ species, settles, brings, verdict }) => {
          const profile = catalogue.byId.get(species);
          if (!profile) return null;
          return (
            <li key={species} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-0.5">
              <Button
                onClick={() =>
                  onFix({ text: `Left out ${the(profile)}`, edit: { kind: 'leave-out', species } })
                }
              >
                Without {the(profile)}
              </Button>
              <span>
                <span className="fig">{settles}</span> gone
                {brings > 0 && (
                  <>
                    , <span className="fig">{brings}</span> new
                  </>
                )}
                , the rest says
              </span>
              <VerdictMark verdict={verdict} small />
            </li>
          );
        })}
      </ul>
    </div>
  );
});
