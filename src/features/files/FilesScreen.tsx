'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { roomPlan } from '@/core/assess/roomPlan';
import { writeBackup } from '@/core/formats/backup';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { DEFAULT_SETTINGS } from '@/core/records/documents';
import { residentsOf } from '@/core/events/room';
import type { DocumentId, TankId } from '@/core/kernel/schema/ids';
import { newId } from '@/session/browserStamp';
import { newTank } from '@/session/newTank';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { draftChange, putChange, tankChange, useCommands } from '@/session/react/useCommands';
import { listedOf, useSettings, useTanks } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Screen, Section } from '@/ui/Screen';
import { ImportPreview } from './ImportPreview';
import { saveText } from '@/ui/saveText';
import { lifeChanges } from './lifeChanges';
import { readText, type FileRead } from './readFile';
import { TablesPart } from './TablesPart';
import type { Entry } from '@/core/events/events';

const UNITS = [
  {
    name: 'length',
    label: 'Lengths',
    choices: [
      ['cm', 'cm'],
      ['in', 'inches'],
    ],
  },
  {
    name: 'volume',
    label: 'Volumes',
    choices: [
      ['L', 'litres'],
      ['gal', 'US gallons'],
      ['impgal', 'imperial gallons'],
    ],
  },
  {
    name: 'temperature',
    label: 'Temperatures',
    choices: [
      ['C', '°C'],
      ['F', '°F'],
    ],
  },
  {
    name: 'hardness',
    label: 'Hardness',
    choices: [
      ['dH', '°dH'],
      ['ppmCaCO3', 'ppm'],
    ],
  },
] as const;

function Units() {
  const settings = useSettings();
  const { run } = useCommands();
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      {UNITS.map(({ name, label, choices }) => (
        <SelectField
          key={name}
          label={label}
          value={settings[name]}
          onChange={(event) =>
            void run(
              'Units changed',
              [
                putChange('settings', 'settings' as DocumentId, {
                  ...DEFAULT_SETTINGS,
                  ...settings,
                  [name]: event.target.value,
                }),
              ],
              true,
            )
          }
        >
          {choices.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </SelectField>
      ))}
    </div>
  );
}

/** A whole room was replaced: the way back stays on the screen for a minute. */
const UNDO_IMPORT_MS = 60_000;

/** Take everything away in a file, bring it back, choose units, change rooms. */
export function FilesScreen() {
  const router = useRouter();
  const { session, name: room, goTo, resetDemo } = useRooms();
  const { run } = useCommands();
  const tanks = useTanks();
  const documents = useRoomState((state) => state.documents);
  const roomState = useRoomState((state) => state.room);
  const [file, setFile] = useState<{
    readonly name: string;
    readonly read: FileRead;
    readonly entries: readonly Entry[];
  } | null>(null);

  const saveRoom = async (): Promise<void> => {
    const entries = await session.journal();
    saveText(
      `lomvik-${room}-${todayIso()}.lomvik.json`,
      writeBackup(Object.values(documents), entries, new Date().toISOString()),
    );
  };
  const savePlan = (id: TankId): void => {
    const tank = tanks.find((one) => one.id === id);
    if (!tank) return;
    const plan = roomPlan(
      tank.body,
      residentsOf(roomState, id),
      listedOf(documents, id),
      session.catalogue,
      todayIso(),
    );
    saveText(
      `${tank.body.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.lomvik-plan.json`,
      canonicalJson(plan),
    );
  };
  const removeDemo = async (): Promise<void> => {
    await session.replaceAll([], []);
    goTo('own');
  };
  const look = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    const entries = await session.journal();
    setFile({ name: chosen.name, read: readText(await chosen.text(), session.catalogue), entries });
  };
  const agree = async (): Promise<void> => {
    if (file?.read.kind === 'backup') {
      const before = { documents: Object.values(documents), entries: file.entries };
      const swap = async (
        to: Pick<typeof before, 'documents' | 'entries'>,
        said: string,
        back?: typeof before,
      ): Promise<void> => {
        try {
          await session.replaceAll(to.documents, to.entries);
          toast(
            said,
            back
              ? {
                  duration: UNDO_IMPORT_MS,
                  action: { label: 'Undo', onClick: () => void swap(back, 'The room is as it was before.') },
                }
              : {},
          );
        } catch (error) {
          toast.error(
            error instanceof Error ? error.message : 'That could not be written. Nothing was lost.',
          );
        }
      };
      await swap(
        { documents: [...file.read.backup.documents], entries: file.read.backup.entries },
        'The room now holds what the file says.',
        before,
      );
    } else if (file?.read.kind === 'life') {
      const into = tanks[0];
      if (into)
        await run(
          `${file.read.life.name || 'A fish'} came with its story`,
          lifeChanges(session, file.read.life, into.id),
        );
      else toast.error('There is no tank yet for it to come to. Make one first; the file is as it was.');
    } else if (file?.read.kind === 'plan') {
      const { plan } = file.read;
      const id = newId<TankId>();
      const body = newTank(
        file.name.replace(/\.lomvik-plan\.json$|\.json$/, '') || 'Plan',
        'display',
        plan.tank,
        tanks.length + 1,
      );
      const full = {
        ...body,
        tank: { ...body.tank, ...plan.tank },
        water: plan.water ?? {},
        routine: { ...body.routine, ...plan.routine },
        practice: { ...body.practice, ...plan.practice },
      };
      if (
        await run(`New tank: ${body.name}`, [
          tankChange(id, full),
          draftChange(
            id,
            plan.groups.map((group) => ({ key: newId<string>(), group })),
          ),
        ])
      )
        router.push(`/stock?tank=${id}`);
    }
    setFile(null);
  };

  return (
    <Screen
      title="Files"
      about="Everything stays in this browser until you save it. A saved room can be opened on any machine."
    >
      <div className="grid max-w-5xl gap-6 lg:grid-cols-2">
        <Section title="Save">
          <p className="mb-2 text-slate">
            The whole room: tanks, lists, settings and every entry of the journal.
          </p>
          <Button tone="main" onClick={() => void saveRoom()}>
            Save the room
          </Button>
          {tanks.length > 0 && (
            <>
              <p className="mt-4 mb-1 text-slate">
                One tank with its stock list, as a plan that other tools can read:
              </p>
              <div className="flex flex-wrap gap-2">
                {tanks.map((tank) => (
                  <Button key={tank.id} onClick={() => savePlan(tank.id)}>
                    {tank.body.name}
                  </Button>
                ))}
              </div>
            </>
          )}
        </Section>
        <Section title="Open">
          {file ? (
            <ImportPreview
              name={file.name}
              read={file.read}
              tankName={tanks[0]?.body.name ?? 'a tank; make one first'}
              documents={Object.values(documents)}
              entries={file.entries}
              onAgree={() => void agree()}
              onLeave={() => setFile(null)}
            />
          ) : (
            <label className="block">
              <span className="mb-2 block text-slate">
                A saved room, a plan, or a fish with its story. You see what it would change before anything
                is touched.
              </span>
              <input
                type="file"
                accept=".json,application/json"
                className="block w-full border border-dashed border-slate p-3 file:mr-3 file:border file:border-line file:bg-panel file:px-2 file:py-1 file:text-ink"
                onChange={(event) => void look(event.target.files?.[0])}
              />
            </label>
          )}
        </Section>
        <TablesPart />
        <Section title="Units">
          <Units />
        </Section>
        <Section title={room === 'demo' ? 'This is the demo room' : 'Demo room'}>
          {room === 'demo' ? (
            <div className="flex flex-wrap gap-2">
              <Button tone="main" onClick={() => goTo('own')}>
                Leave it for your own room
              </Button>
              <Button onClick={() => void removeDemo()}>Remove it</Button>
              <Button onClick={() => void resetDemo().then(() => toast('The demo room is as new.'))}>
                Make it as new
              </Button>
            </div>
          ) : (
            <>
              <p className="mb-2 text-slate">
                Four made-up tanks to try things on. It has a store of its own and never mixes with yours.
              </p>
              <Button onClick={() => goTo('demo')}>Open the demo room</Button>
            </>
          )}
        </Section>
      </div>
    </Screen>
  );
}
