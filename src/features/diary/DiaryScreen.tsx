'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { type Dated, eventFields, type Standing } from '@/core/events';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, correctChange, useCommands } from '@/session/react/useCommands';
import { useHappenings } from '@/session/react/useNames';
import { useTabState } from '@/session/react/useTabState';
import { useTell } from '@/session/react/useTell';
import { momentOn, todayIso } from '@/session/today';
import { pastDay } from '@/ui/form/dayFields';
import { useRoomForm } from '@/session/react/useRoomForm';
import { useTank } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { LongList } from '@/ui/LongList';
import { Empty, Screen } from '@/ui/Screen';
import { momentName } from '@/words/en';
import { CorrectDialog } from './CorrectDialog';
import { diaryRows, filterRows, type DiaryRow } from './diaryRows';

const ROW_PX = 40;

function Check({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-8 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4 accent-(--deep)"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

/** An entry without what only the journal adds. */
function datedOf(event: Standing): Dated {
  const { id: _id, seq: _seq, corrected: _corrected, ...rest } = event;
  const { recorded: _recorded, ...dated } = rest;
  return dated;
}

function Row({
  row,
  onCorrect,
  onStrike,
  onRestore,
  tabIndex,
}: {
  readonly row: DiaryRow;
  readonly tabIndex: number;
  readonly onCorrect: () => void;
  readonly onStrike: () => void;
  readonly onRestore: () => void;
}) {
  const { event, struck, text } = row;
  return (
    <div className="grid grid-cols-[8.8rem_1fr_auto] items-center gap-2 border-b border-line py-1.5 max-sm:grid-cols-1 max-sm:gap-0">
      <time dateTime={event.on} className="fig text-[0.8125rem] text-slate">
        {momentName(event.on)}
      </time>
      <span className={classes(struck && 'text-slate line-through')}>
        {text}
        {event.corrected && !struck && <span className="text-[0.75rem] text-slate"> (corrected)</span>}
      </span>
      <span className="no-print flex gap-3 whitespace-nowrap">
        {struck ? (
          <Button tone="quiet" tabIndex={tabIndex} onClick={onRestore}>
            restore
          </Button>
        ) : (
          <>
            <Button tone="quiet" tabIndex={tabIndex} onClick={onCorrect}>
              correct
            </Button>
            <Button tone="quiet" tabIndex={tabIndex} onClick={onStrike}>
              strike out
            </Button>
          </>
        )}
      </span>
    </div>
  );
}

/** Everything that was written down, in order, searchable, correctable, undoable. */
export function DiaryScreen() {
  const tank = useTank();
  const entries = useRoomState((state) => state.entries);
  const tell = useTell();
  const { session, run, keep } = useCommands();
  useHappenings();
  const [words, setWords] = useTabState('diary.words', '');
  const [all, setAll] = useTabState('diary.all', false);
  const [struck, setStruck] = useTabState('diary.struck', false);
  const [contests, setContests] = useTabState('diary.contests', true);
  const [correcting, setCorrecting] = useState<Standing | null>(null);
  const sought = useDeferredValue(words);
  const rows = useMemo(() => (entries ? diaryRows(entries, tell) : []), [entries, tell]);
  const shown = useMemo(
    () => filterRows(rows, { tank: all ? null : (tank?.id ?? null), words: sought, struck, contests }),
    [rows, all, tank, sought, struck, contests],
  );

  const form = useRoomForm({
    unfinished: 'note',
    fields: { text: eventFields('noted').text, on: pastDay(todayIso) },
    start: { text: '', on: todayIso() },
    stays: ['on'],
    save: ({ text, on }) =>
      keep('Note saved', [
        appendChange(session, {
          type: 'noted',
          on: momentOn(on),
          tank: all ? null : (tank?.id ?? null),
          text,
        }),
      ]),
  });

  return (
    <Screen title={all || !tank ? 'Diary of the room' : `Diary of ${tank.body.name}`}>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField
          label="Search"
          wrap="w-56"
          type="search"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <Check label="all tanks" checked={all} onChange={setAll} />
        <Check label="contests" checked={contests} onChange={setContests} />
        <Check label="struck out" checked={struck} onChange={setStruck} />
        <Form form={form} className="flex flex-1 flex-wrap items-end gap-2 max-sm:basis-full">
          <TextField label="Write a note" wrap="min-w-40 flex-1 max-sm:basis-full" {...form.part('text')} />
          <TextField label="Day" max={todayIso()} {...form.part('on')} />
          <Button type="submit" className="min-h-8" waiting={form.waiting}>
            Write
          </Button>
        </Form>
      </div>
      {entries === null ? (
        <p className="text-slate">Loading…</p>
      ) : shown.length === 0 ? (
        <Empty>{rows.length === 0 ? 'Nothing recorded yet.' : 'Nothing matches.'}</Empty>
      ) : (
        <LongList
          label="Entries"
          items={shown}
          keyOf={({ event }) => event.id}
          rowPx={ROW_PX}
          isMeasured
          className="h-[calc(100dvh-13rem)]"
        >
          {(row, tabIndex) => (
            <Row
              row={row}
              tabIndex={tabIndex}
              onCorrect={() => setCorrecting(row.event)}
              onStrike={() =>
                void run('Entry struck out', [correctChange(session, row.event.id, row.event.on, null)])
              }
              onRestore={() =>
                void run('Entry restored', [
                  correctChange(session, row.event.id, row.event.on, datedOf(row.event)),
                ])
              }
            />
          )}
        </LongList>
      )}
      {correcting && (
        <CorrectDialog
          event={correcting}
          onClose={() => setCorrecting(null)}
          onCorrect={(replacement) =>
            keep('Entry corrected', [correctChange(session, correcting.id, replacement.on, replacement)])
          }
        />
      )}
    </Screen>
  );
}
