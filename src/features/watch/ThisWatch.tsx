'use client';

import { OFFERED_CONTESTS } from '@/core/events';
import { useTell } from '@/session/react/useTell';
import { Section } from '@/ui/Screen';
import { Press, PressRow } from './Press';
import type { useWatch } from './useWatch';

const BAD = [
  [1, 'mild'],
  [2, 'hard'],
  [3, 'injury'],
] as const;
const SHOWN = 8;

/** A third press says what the last contest was, and how bad. */
export function SayNearer({ watch }: { readonly watch: ReturnType<typeof useWatch> }) {
  const last = watch.last?.type === 'chased' ? watch.last : null;
  if (!last) return null;
  return (
    <div className="flex flex-col gap-1.5">
      <PressRow label="The last one was a">
        {OFFERED_CONTESTS.map((what) => (
          <Press key={what} on={last.what === what} onPress={() => watch.call({ what })}>
            {what}
          </Press>
        ))}
      </PressRow>
      <PressRow label="Severity">
        {BAD.map(([bad, words]) => (
          <Press key={bad} on={last.bad === bad} onPress={() => watch.call({ bad })}>
            {words}
          </Press>
        ))}
      </PressRow>
    </div>
  );
}

/** What was logged in this watch. */
export function ThisWatch({
  watch,
  note,
  onNote,
}: {
  readonly watch: ReturnType<typeof useWatch>;
  readonly note: string;
  readonly onNote: (note: string) => void;
}) {
  const tell = useTell();
  return (
    <Section title="This watch" aside={`${watch.logged.length} logged`}>
      <ol data-testid="logged">
        {watch.logged.slice(0, SHOWN).map((event) => (
          <li key={event.id} className="border-b border-line py-0.5">
            {tell(event)}
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
