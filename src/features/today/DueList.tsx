'use client';

import { bodyOf, PUT_OFF, putOff } from '@/core/commands';
import { Link } from '@/ui/Link';
import { useEffect, useMemo, useState } from 'react';
import { dueId, type DueItem, dueItems, dueKey, spareWarning } from '@/core/due';
import { addDays } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useWords } from '@/session/react/useWords';
import { useTanks } from '@/session/react/useTanks';
import { todayIso, whenNow } from '@/session/today';
import { Button } from '@/ui/Button';
import { INPUT } from '@/ui/Field';
import { saveText } from '@/session/saveFile';
import { Caution, Empty, Section } from '@/ui/Screen';
import { sayDue, sayLateness, saySpare } from '@/words/en';

/** Where each kind of due thing is done. */
const PLACES: Readonly<Record<DueItem['kind'], string>> = {
  look: '/arrivals',
  'quarantine-over': '/arrivals',
  watch: '/watch',
  count: '/watch',
  unnamed: '/stock',
  change: '/water',
  test: '/water',
  wave: '/arrivals',
  'to-go': '/departures',
  stay: '/arrivals',
  boxed: '/aggression',
  care: '/water',
  claim: '/arrivals',
  risk: '/watch',
};
/** What a press on a row begins. */
const ACTS: Readonly<Record<DueItem['kind'], string>> = {
  look: 'Look',
  'quarantine-over': 'Quarantine',
  watch: 'Watch',
  count: 'Count',
  unnamed: 'Name',
  change: 'Change',
  test: 'Test',
  wave: 'See wave',
  'to-go': 'Rehome',
  stay: 'Move',
  boxed: 'Decide',
  care: 'See care',
  claim: 'Close claim',
  risk: 'Watch',
};
/** Parts of Arrivals on which some of them are done. */
const PARTS: Readonly<Partial<Record<DueItem['kind'], string>>> = {
  wave: 'waves',
  look: 'follow-up',
  'quarantine-over': 'quarantine',
};
const DELAYS: readonly (readonly [number, string])[] = [
  [1, 'a day'],
  [3, 'three days'],
  [7, 'a week'],
];

function PutOff({
  label,
  onKeep,
  onClose,
}: {
  readonly label: string;
  readonly onKeep: (days: number, why: string) => void;
  readonly onClose: () => void;
}) {
  const [why, setWhy] = useState('');
  return (
    <div
      className="flex flex-wrap items-center gap-2 pb-2 pl-[5.5rem]"
      role="group"
      aria-label={`Snooze: ${label}`}
    >
      <input
        aria-label="Reason"
        placeholder="reason"
        className={`${INPUT} max-w-44`}
        maxLength={200}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && onClose()}
      />
      {DELAYS.map(([days, words]) => (
        <Button key={days} disabled={why.trim() === ''} onClick={() => onKeep(days, why.trim())}>
          {words}
        </Button>
      ))}
    </div>
  );
}

/** What is due over all tanks, overdue first; each can be put off with a reason, and all goes into a calendar. */
export function DueList() {
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const documents = useRoomState((state) => state.documents);
  const { run } = useCommands();
  const words = useWords();
  const [open, setOpen] = useState<string | null>(null);
  const waiting = useMemo(() => bodyOf(documents, 'put-off', PUT_OFF)?.items ?? [], [documents]);
  const due = useMemo(() => {
    const waves = Object.values(documents).flatMap((document) =>
      document.kind === 'waves' && document.body ? [document.body] : [],
    );
    const care = Object.values(documents).flatMap((document) =>
      document.kind === 'care' && document.body ? [document.body] : [],
    );
    return dueItems(tanks, room, whenNow(), { waves, care, putOff: waiting });
  }, [tanks, room, documents, waiting]);
  const late = due.filter(({ overdueDays }) => overdueDays >= 0).length;
  // On a home screen the icon says how much is due, where the system shows it.
  useEffect(() => {
    void navigator.setAppBadge?.(late).catch(() => undefined);
  }, [late]);
  const spare = spareWarning(tanks, room, todayIso());
  const today = todayIso();
  const off = waiting.filter((item) => item.until > today);
  const nameOf = (id: string): string => tanks.find((tank) => tank.id === id)?.body.name ?? '';
  const delay = (item: DueItem, days: number, why: string): void => {
    const until = addDays(today, days);
    void run(`Snoozed until ${until}`, ({ documents }) =>
      putOff(documents, { key: dueKey(item), until, why, today }),
    );
    setOpen(null);
  };
  const save = async (): Promise<void> => {
    const { calendarText } = await import('@/core/formats/calendar');
    const entries = due.map((item) => ({
      uid: `${item.tank}-${item.kind}-${today}`,
      title: `${nameOf(item.tank)}: ${sayDue(item.fact, words)}`,
      on: addDays(today, Math.max(0, -item.overdueDays)),
      days: 1,
      about: '',
    }));
    saveText('lomvik-due.ics', calendarText('Due', entries), 'text/calendar');
  };
  return (
    <Section
      title="Due"
      aside={
        due.length > 0 && (
          <Button tone="quiet" onClick={() => save()}>
            Export to calendar
          </Button>
        )
      }
    >
      {spare && <Caution>{saySpare(spare)}</Caution>}
      {due.length === 0 && <Empty>Nothing is due; a quiet watch still counts.</Empty>}
      <ul>
        {due.map((item) => {
          const key = dueId(item);
          const text = sayDue(item.fact, words);
          return (
            <li key={key} className="border-b border-line">
              <div className="flex items-center hover:bg-panel">
                <Link
                  href={`${PLACES[item.kind]}?tank=${item.tank}${PARTS[item.kind] ? `&part=${PARTS[item.kind]}` : ''}`}
                  className="grid min-h-11 flex-1 grid-cols-[1fr_auto] items-center gap-x-2 py-1.5 desk:min-h-0 desk:grid-cols-[5rem_1fr_auto]"
                >
                  <span
                    className={`fig max-desk:col-start-1 max-desk:text-[0.75rem] ${item.overdueDays > 0 ? 'text-buoy' : 'text-slate'}`}
                  >
                    {sayLateness(item.overdueDays)}
                  </span>
                  <span className="max-desk:col-start-1">
                    <span className="font-semibold">{nameOf(item.tank)}</span> {text}
                  </span>
                  <span className="inline-flex min-h-7 max-desk:min-h-8 items-center rounded-xs border border-edge bg-panel px-2.5 text-[0.8125rem] font-medium max-desk:col-start-2 max-desk:row-span-2 max-desk:row-start-1 max-desk:min-h-11">
                    {ACTS[item.kind]}
                  </span>
                </Link>
                {item.overdueDays >= 0 && (
                  <Button
                    tone="quiet"
                    aria-expanded={open === key}
                    aria-label={`Snooze: ${nameOf(item.tank)}, ${text}`}
                    className="ml-2 max-desk:min-h-11"
                    onClick={() => setOpen(open === key ? null : key)}
                  >
                    Snooze
                  </Button>
                )}
              </div>
              {open === key && (
                <PutOff
                  label={text}
                  onKeep={(days, why) => delay(item, days, why)}
                  onClose={() => setOpen(null)}
                />
              )}
            </li>
          );
        })}
      </ul>
      {off.length > 0 && (
        <p className="mt-1 text-[0.75rem] text-slate">
          Snoozed:{' '}
          {off
            .map((item) => `${nameOf(item.key.split(':')[0] ?? '')} until ${item.until} (${item.why})`)
            .join(', ')}
          .
        </p>
      )}
    </Section>
  );
}
