import { useTell } from '@/session/react/useTell';
import { Section } from '@/ui/Screen';
import type { useWatch } from './useWatch';

const SHOWN = 8;

/** What was logged in this watch, and a note for it. */
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
    <Section
      title={watch.watching ? 'This watch' : 'Seen in passing'}
      aside={`${watch.logged.length} logged`}
    >
      <ol data-testid="logged">
        {watch.logged.slice(0, SHOWN).map((event) => (
          <li key={event.id} className="border-b border-line py-0.5">
            {tell(event)}
          </li>
        ))}
      </ol>
      {watch.watching && (
        <label className="mt-2 block text-[0.75rem] text-slate">
          Note for this watch
          <input
            value={note}
            onChange={(event) => onNote(event.target.value)}
            className="min-h-9 w-full border border-edge bg-panel px-2 text-[0.875rem] text-ink"
          />
        </label>
      )}
    </Section>
  );
}
