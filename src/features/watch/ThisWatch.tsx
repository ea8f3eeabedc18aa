'use client';

import { describeEvent } from '@/core/journal/describeEvent';
import { OFFERED_CONTESTS } from '@/core/journal/events';
import { useNames } from '@/session/react/useNames';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import type { useWatch } from './useWatch';

const BAD = [
  [1, 'in passing'],
  [2, 'hard'],
  [3, 'to hurt'],
] as const;
const SHOWN = 8;

/** What was logged in this watch; a third press says what the last contest was, and how bad. */
export function ThisWatch({
  watch,
  note,
  onNote,
}: {
  readonly watch: ReturnType<typeof useWatch>;
  readonly note: string;
  readonly onNote: (note: string) => void;
}) {
  const names = useNames();
  const last = watch.last?.type === 'chased' ? watch.last : null;
  return (
    <Section title="This watch" aside={`${watch.logged.length} logged`}>
      {last && (
        <div className="mb-2 flex flex-col gap-1.5">
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="The last one was a">
            {OFFERED_CONTESTS.map((what) => (
              <Button
                key={what}
                large
                aria-pressed={last.what === what}
                className={last.what === what ? 'border-deep px-3 text-deep' : 'px-3'}
                onClick={() => watch.call({ what })}
              >
                {what}
              </Button>
            ))}
          </div>
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="How bad it was">
            {BAD.map(([bad, words]) => (
              <Button
                key={bad}
                large
                aria-pressed={last.bad === bad}
                className={last.bad === bad ? 'border-deep text-deep' : ''}
                onClick={() => watch.call({ bad })}
              >
                {words}
              </Button>
            ))}
          </div>
        </div>
      )}
      <ol data-testid="logged">
        {watch.logged.slice(0, SHOWN).map((event) => (
          <li key={event.id} className="border-b border-line py-0.5">
            {describeEvent(event, names)}
          </li>
        ))}
      </ol>
      {watch.watching && (
        <label className="mt-2 block text-[12px] text-slate">
          Note for this watch
          <input
            value={note}
            onChange={(event) => onNote(event.target.value)}
            className="min-h-9 w-full border border-line bg-panel px-2 text-[14px] text-ink"
          />
        </label>
      )}
    </Section>
  );
}
