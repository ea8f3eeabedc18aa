'use client';

import { memo, useMemo } from 'react';
import { assess, roomPlan } from '@/core/assess';
import { listedIn } from '@/core/commands';
import { residentsOf } from '@/core/events';
import { lengthAfterMonths } from '@/core/growth';
import { monthOf, monthsBetween } from '@/core/kernel';
import { adultLengthCm, foldName } from '@/core/model';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { todayIso } from '@/session/today';
import { FishName } from '@/ui/plates/FishName';
import { Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { countedOf, monthName } from '@/words/en';
import type { StockLine } from './useStock';

/** So many months are shown after the last move. */
const AFTER = 12;
/** A block is never so narrow that it cannot be read, in percent. */
const LEAST_SHARE = 22;

interface Stay {
  readonly line: StockLine;
  readonly until: string;
  readonly months: number;
  readonly lengthCm: number;
  readonly nextTank: string;
}

function staysOf(lines: readonly StockLine[], today: string): readonly Stay[] {
  return lines.flatMap((line) => {
    const until = line.listed?.group.until ?? line.residents.find((one) => one.until)?.until;
    if (!until) return [];
    const now = line.listed?.group.lengthCm ?? (line.listed ? line.profile.size.soldCm : line.lengthCm);
    const months = Math.max(0, monthsBetween(today, monthOf(until)));
    return [
      {
        line,
        until: monthOf(until),
        months,
        lengthCm: lengthAfterMonths(line.profile, now, months),
        nextTank: line.listed?.group.nextTank ?? line.residents.find((one) => one.nextTank)?.nextTank ?? '',
      },
    ];
  });
}

/** The verdict on a tank of the room once these have come; null where it is no tank of the room. */
function useVerdictThere() {
  const catalogue = useCatalogue();
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const documents = useRoomState((state) => state.documents);
  return ({ nextTank, line, lengthCm }: Stay) => {
    const there = tanks.find(({ body }) => nextTank !== '' && foldName(body.name) === foldName(nextTank));
    if (!there) return null;
    const newcomer = { key: 'newcomer', group: { species: line.profile.id, count: line.count, lengthCm } };
    const plan = roomPlan(
      there.body,
      residentsOf(room, there.id),
      [...listedIn(documents, there.id), newcomer],
      catalogue,
      todayIso(),
    );
    return assess(plan, catalogue, todayIso());
  };
}

/** Who stays only for a while: this tank until then, the next one after it, to scale in months. Nothing where all stay. */
export const GrowingOn = memo(function GrowingOn({
  tank,
  lines,
}: {
  readonly tank: TankView;
  readonly lines: readonly StockLine[];
}) {
  const words = useWords();
  const stays = useMemo(() => staysOf(lines, todayIso()), [lines]);
  const verdictThere = useVerdictThere();
  if (stays.length === 0) return null;
  const all = Math.max(...stays.map(({ months }) => months)) + AFTER;
  return (
    <Section title="Growing on" aside="who stays only for a while">
      <ul>
        {stays.map((stay) => {
          const { line, until, months, lengthCm, nextTank } = stay;
          const there = verdictThere(stay);
          const share = Math.min(100 - LEAST_SHARE, Math.max(LEAST_SHARE, (months / all) * 100));
          return (
            <li
              key={line.key}
              className="grid grid-cols-1 gap-1 border-b border-line py-1.5 sm:grid-cols-[11rem_1fr]"
            >
              <FishName profile={line.profile}>{countedOf(line.count, line.profile)}</FishName>
              <span className="flex text-[0.8125rem]">
                <span
                  className="min-w-0 border border-deep bg-water px-2 py-0.5"
                  style={{ flexBasis: `${share}%`, borderLeftColor: line.colour, borderLeftWidth: 4 }}
                >
                  {tank.body.name} until {monthName(until)},{' '}
                  <span className="fig">{words.quantity('length', lengthCm)}</span>
                </span>
                <span
                  className={`min-w-0 flex-1 border px-2 py-0.5 ${nextTank === '' ? 'border-dashed border-lamp text-lamp' : 'border-slate'}`}
                >
                  {nextTank === '' ? (
                    'then nowhere yet: say which tank, or who takes them'
                  ) : (
                    <>
                      then {nextTank}, grown{' '}
                      <span className="fig">{words.quantity('length', adultLengthCm(line.profile))}</span>{' '}
                      {there && <VerdictMark verdict={there.today} later={there.later} small />}
                    </>
                  )}
                </span>
              </span>
            </li>
          );
        })}
      </ul>
    </Section>
  );
});
