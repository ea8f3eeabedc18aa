'use client';

import { addEntries, listedIn } from '@/core/commands';
import { countOf } from '@/words/en';
import { useMemo, useState } from 'react';
import {
  contestsCsv,
  departuresCsv,
  readTable,
  stockTableCsv,
  type TableKind,
  TABLES,
  toldTwiceBy,
  watchesCsv,
  waterCsv,
} from '@/core/formats';
import { type Dated, somebodyId } from '@/core/events';
import { foldName } from '@/core/model';
import { useCatalogue, useRooms, useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { SelectField, options } from '@/ui/Field';
import { saveText } from '@/session/saveFile';

const LARGEST_BYTES = 16 * 1024 * 1024;

const SEXES = ['male', 'female', 'unknown'] as const;

/** Who came to a tank by an event. */
function comersOf(event: Dated, tank: string): readonly string[] {
  if (!('tank' in event) || event.tank !== tank) return [];
  if (event.type === 'came') return event.members.map(({ id }) => id);
  if (event.type === 'born') return [event.member.id];
  return event.type === 'moved' || event.type === 'back-again' ? [event.resident] : [];
}

/** Tables of a tank as CSV, both ways; what a file would add is shown row by row before anything is taken in. */
export function TablesPart() {
  const tanks = useTanks();
  const [chosen, setChosen] = useState('');
  const [kind, setKind] = useState<TableKind>('contests');
  const tank = tanks.find((one) => one.id === chosen) ?? tanks[0];
  if (!tank) return null;
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <SelectField label="Tank" value={tank.id} onChange={(event) => setChosen(event.target.value)}>
          {tanks.map((one) => (
            <option key={one.id} value={one.id}>
              {one.body.name}
            </option>
          ))}
        </SelectField>
        <SelectField
          label="Table"
          value={kind}
          onChange={(event) => setKind(event.target.value as TableKind)}
        >
          {options(TABLES)}
        </SelectField>
      </div>
      <Table key={`${tank.id}${kind}`} tank={tank} kind={kind} />
    </>
  );
}

function Table({ tank, kind }: { readonly tank: TankView; readonly kind: TableKind }) {
  const { session } = useRooms();
  const { run } = useCommands();
  const catalogue = useCatalogue();
  const room = useRoomState((state) => state.room);
  const documents = useRoomState((state) => state.documents);
  const happenings = useHappenings();
  const names = useNames();
  const [file, setFile] = useState<{ readonly name: string; readonly text: string } | null>(null);
  const [meant, setMeant] = useState<Readonly<Record<string, string>>>({});
  const [refused, setRefused] = useState('');
  // A long journal is gone through only when a file is read.
  const known = useMemo(
    () => new Set(file === null ? [] : (happenings ?? []).map(toldTwiceBy)),
    [happenings, file],
  );
  // Whoever was ever in the tank: those that moved on fought here too.
  const lived = useMemo(() => {
    const been = new Set((happenings ?? []).flatMap((event) => comersOf(event, tank.id)));
    return Object.values(room.residents).filter((one) => one.tank === tank.id || been.has(one.id));
  }, [room, tank.id, happenings]);
  const read = useMemo(() => {
    if (!file) return null;
    const unknown = [...new Set(lived.map(({ species }) => species))].flatMap((species) =>
      SEXES.map((sex) => ({ id: somebodyId({ species, sex }), cameOn: '', leftOn: null, individual: false })),
    );
    const byName = new Map([...unknown, ...lived].map((one) => [foldName(names.resident(one.id)), one]));
    return readTable(kind, file.text, {
      tank: tank.id,
      catalogue,
      now: new Date().toISOString(),
      resolve: (name) => {
        const id = meant[name];
        return (id ? room.residents[id] : undefined) ?? byName.get(foldName(name)) ?? null;
      },
      known: (event) => known.has(toldTwiceBy(event)),
    });
  }, [file, kind, tank.id, catalogue, lived, names, meant, room, known]);

  const save = (): void => {
    if (!happenings) return;
    const isOfTank = (id: string): boolean => room.residents[id]?.tank === tank.id;
    const text = {
      contests: () => contestsCsv(happenings, tank.id, names.resident),
      watches: () => watchesCsv(happenings, tank.id),
      'water tests': () => waterCsv(happenings, tank.id),
      departures: () => departuresCsv(happenings, isOfTank, names.resident),
      stock: () =>
        stockTableCsv(
          lived.filter((one) => one.count > 0 && one.tank === tank.id),
          listedIn(documents, tank.id),
        ),
    }[kind]();
    saveText(`${tank.body.name.toLowerCase()}-${kind.replace(' ', '-')}.csv`, text, 'text/csv');
  };
  const look = async (picked: File | undefined): Promise<void> => {
    setMeant({});
    setRefused('');
    if (!picked) return;
    if (picked.size > LARGEST_BYTES) setRefused(`${picked.name} is larger than 16 MB. Nothing was read.`);
    else setFile({ name: picked.name, text: await picked.text() });
  };
  const take = async (): Promise<void> => {
    if (!read || !file) return;
    const done =
      kind === 'stock'
        ? await run(`${read.listed.length} groups planned`, ({ documents: now }) => [
            addEntries(now, tank.id, read.listed, session.stamp),
          ])
        : await run(
            `${read.events.length} ${kind} read in`,
            read.events.map((event) => appendChange(session, event)),
          );
    if (done) setFile(null);
  };
  const rows = read ? read.events.length + read.listed.length : 0;
  return (
    <div className="mt-2 flex flex-col gap-2">
      <div>
        <Button onClick={save} disabled={!happenings}>
          Save as CSV
        </Button>
      </div>
      <label className="block">
        <span className="text-[0.75rem] font-medium text-slate">
          {kind === 'stock' ? 'Read from CSV or Markdown' : 'Read from CSV'}
        </span>
        <input
          type="file"
          accept={kind === 'stock' ? '.csv,.md,text/csv,text/markdown' : '.csv,text/csv'}
          className="block w-full border border-dashed border-slate p-2 file:mr-3 file:border file:border-edge file:bg-panel file:px-2 file:py-1 file:text-ink"
          onChange={(event) => {
            void look(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      {refused && (
        <p role="alert" className="text-buoy">
          {refused}
        </p>
      )}
      {read && file && (
        <div className="border-l-2 border-deep pl-3" role="status">
          <p>
            {file.name}: {countOf(rows, 'row')} can be imported, {countOf(read.faults.length, 'fault')}.
            Nothing was imported yet.
          </p>
          {read.strangers.map((name) => (
            <SelectField
              key={name}
              label={`Who is "${name}"?`}
              value={meant[name] ?? ''}
              onChange={(event) => setMeant({ ...meant, [name]: event.target.value })}
            >
              <option value="">no fish here; skip those rows</option>
              {lived.map((one) => (
                <option key={one.id} value={one.id}>
                  {names.resident(one.id)}
                </option>
              ))}
            </SelectField>
          ))}
          <FaultList faults={read.faults} className="text-buoy" />
          <div className="mt-2 flex gap-2">
            <Button tone="main" disabled={rows === 0} onClick={() => take()}>
              Import {countOf(rows, 'row')}
            </Button>
            <Button onClick={() => setFile(null)}>Cancel</Button>
          </div>
        </div>
      )}
    </div>
  );
}
