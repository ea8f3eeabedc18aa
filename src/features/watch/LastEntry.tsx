import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { OFFERED_CONTESTS, TRIGGERS } from '@/core/events';
import { useNames } from '@/session/react/useNames';
import { useTell } from '@/session/react/useTell';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { termOf } from '@/words/en';
import { Press, PressRow } from './Press';
import type { Holder } from './TankSketch';
import type { Contest, useWatch } from './useWatch';
import { WherePressed } from './WherePressed';

type Watch = ReturnType<typeof useWatch>;

const BAD = [
  [1, 'mild'],
  [2, 'hard'],
  [3, 'injury'],
] as const;

/** Who of the two had the better, or neither. */
function WhoWon({ contest, watch }: { readonly contest: Contest; readonly watch: Watch }) {
  const names = useNames();
  const { winner, loser, undecided } = contest;
  if (winner === loser) return null;
  return (
    <PressRow label="Won by">
      <Press on={!undecided} onPress={() => watch.tellMore({ undecided: false })}>
        {names.resident(winner)}
      </Press>
      <Press onPress={() => watch.tellMore({ winner: loser, loser: winner, undecided: false })}>
        {names.resident(loser)}
      </Press>
      <Press on={undecided === true} onPress={() => watch.tellMore({ undecided: true })}>
        neither
      </Press>
    </PressRow>
  );
}

/** The last thing that was logged, on top: take it back, or say more of it. It is what the next press of a place belongs to. */
export function LastEntry({
  tank,
  watch,
  holders,
}: {
  readonly tank: TankView;
  readonly watch: Watch;
  readonly holders: readonly Holder[];
}) {
  const tell = useTell();
  const { last } = watch;
  const [opened, setOpened] = useState<string | null>(null);
  if (!last) return null;
  const isOpen = opened === last.id;
  return (
    <section aria-label="Last entry" className="border-y border-line bg-water/60 px-3 py-2">
      <div className="flex items-start justify-between gap-3">
        <p className="min-w-0 font-semibold" aria-live="polite">
          {tell(last)}
        </p>
        <span className="flex shrink-0 gap-1.5">
          <Button
            large
            className="px-3 lg:hidden"
            aria-expanded={isOpen}
            onClick={() => setOpened(isOpen ? null : last.id)}
          >
            Details
          </Button>
          <Button large className="px-3" onClick={() => void watch.undo()} aria-label="Undo the last entry">
            <Undo2 size={16} aria-hidden="true" />
            <span className="max-sm:hidden">Undo</span>
          </Button>
        </span>
      </div>
      <div className={isOpen ? 'mt-2 flex flex-col gap-1.5' : 'mt-2 hidden flex-col gap-1.5 lg:flex'}>
        {last.type === 'chased' && (
          <>
            <PressRow label="What">
              {OFFERED_CONTESTS.map((what) => (
                <Press key={what} on={last.what === what} onPress={() => watch.tellMore({ what })}>
                  {what}
                </Press>
              ))}
            </PressRow>
            <WhoWon contest={last} watch={watch} />
            <PressRow label="Severity">
              {BAD.map(([bad, words]) => (
                <Press key={bad} on={last.bad === bad} onPress={() => watch.tellMore({ bad })}>
                  {words}
                </Press>
              ))}
            </PressRow>
            <PressRow label="Trigger">
              {TRIGGERS.map((trigger) => (
                <Press
                  key={trigger}
                  on={last.trigger === trigger}
                  onPress={() => watch.tellMore({ trigger: last.trigger === trigger ? undefined : trigger })}
                >
                  {termOf(trigger)}
                </Press>
              ))}
            </PressRow>
          </>
        )}
        <WherePressed
          tank={tank}
          place={last.place}
          onPlace={(place) => watch.tellMore({ place })}
          holders={holders}
        />
      </div>
    </section>
  );
}
