'use client';

import { speciesChange } from '@/core/commands';
import { useRef, useState } from 'react';
import { readSpeciesCsv, type SpeciesCsv, writeSpeciesCsv } from '@/core/formats';
import { keeperSpeciesOf } from '@/core/model';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { Dialog } from '@/ui/Dialog';
import { saveText } from '@/session/saveFile';

/** Species to and from CSV; a file is looked at row by row before anything of it is taken in. */
export function SpeciesFiles() {
  const { session } = useRooms();
  const { run } = useCommands();
  const documents = useRoomState((state) => state.documents);
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<{ readonly name: string; readonly read: SpeciesCsv } | null>(null);
  const own = keeperSpeciesOf(Object.values(documents)).map(
    (one) => session.catalogue.byId.get(one.profile.id) ?? one.profile,
  );
  const sound = file?.read.rows.filter((row) => row.species !== null) ?? [];
  // A row that says nothing new is no change of the keeper's.
  const good = sound.filter((row) => !row.overrides || (row.species?.changed.length ?? 0) > 0);
  const same = sound.length - good.length;
  const bad = file?.read.rows.filter((row) => row.species === null) ?? [];
  const take = (): void => {
    void run(
      `Imported ${good.length} species`,
      good.flatMap((row) => (row.species ? [speciesChange(row.species.profile.id, row.species)] : [])),
    );
    setFile(null);
  };
  return (
    <>
      <Button
        onClick={() => saveText('lomvik-species.csv', writeSpeciesCsv(session.catalogue.all), 'text/csv')}
      >
        Save all as CSV
      </Button>
      {own.length > 0 && (
        <Button onClick={() => saveText('lomvik-own-species.csv', writeSpeciesCsv(own), 'text/csv')}>
          Save mine as CSV
        </Button>
      )}
      <Button onClick={() => input.current?.click()}>Open a CSV</Button>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        aria-label="Species as CSV"
        className="hidden"
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          event.target.value = '';
          if (chosen)
            void chosen
              .text()
              .then((text) => setFile({ name: chosen.name, read: readSpeciesCsv(text, session.shipped) }));
        }}
      />
      {file && (
        <Dialog open wide onOpenChange={() => setFile(null)} title={file.name} about="Nothing was imported.">
          <div className="flex max-h-[70dvh] flex-col gap-3 overflow-y-auto">
            {file.read.faults.length > 0 && (
              <div role="alert">
                <FaultList faults={file.read.faults} className="text-buoy" />
              </div>
            )}
            {bad.length > 0 && (
              <section>
                <h3 className="font-semibold">
                  {bad.length === 1 ? '1 row cannot be read' : `${bad.length} rows cannot be read`}
                </h3>
                <ul>
                  {bad.map((row) => (
                    <li key={row.line} className="border-b border-line py-1">
                      <span className="fig">line {row.line}</span> {row.name}
                      <FaultList faults={row.faults} className="text-buoy" />
                    </li>
                  ))}
                </ul>
              </section>
            )}
            <section>
              <h3 className="font-semibold">
                {good.length === 1 ? '1 row can be imported' : `${good.length} rows can be imported`}
              </h3>
              {same > 0 && <p className="text-slate">{same} more are the same as the shipped entries.</p>}
              <ul>
                {good.map((row) => (
                  <li key={row.line} className="border-b border-line py-1">
                    <span className="fig">line {row.line}</span> {row.name},{' '}
                    {row.overrides ? `changes ${row.species?.changed.join(', ')}` : 'new'}
                  </li>
                ))}
              </ul>
            </section>
            <Button tone="main" disabled={good.length === 0} onClick={take}>
              Import {good.length} species
            </Button>
          </div>
        </Dialog>
      )}
    </>
  );
}
