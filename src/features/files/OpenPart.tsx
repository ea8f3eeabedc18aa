'use client';

import { Link } from '@/ui/Link';
import { useRouter } from 'next/navigation';
import { toast } from '@/ui/toast';
import { openLife, openPlan } from '@/core/commands';
import { dayName } from '@/words/en';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useExperienceLine } from '@/session/react/useExperience';
import { useCommands } from '@/session/react/useCommands';
import { useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { ImportPreview } from './ImportPreview';
import { SharedPart } from './SharedPart';
import { useLaunchedFile } from './useLaunchedFile';
import { useRoomFiles } from './useRoomFiles';
import { WorkLine } from './WorkLine';

/** A whole room was replaced: the way back stays on the screen for a minute, and under Files for good. */
const UNDO_IMPORT_MS = 60_000;

/** Opens a file: what it holds and would change is shown before anything is touched. */
export function OpenPart() {
  const router = useRouter();
  const { session } = useRooms();
  const { run } = useCommands();
  const tanks = useTanks();
  const { takeIn } = useExperienceLine();
  const files = useRoomFiles();
  const replacedOn = useRoomState((state) => state.replacedOn);
  const watching = useRoomState((state) => state.documents['watching']);
  const { work } = files;
  useLaunchedFile(files.look);

  const putBack = async (): Promise<void> => {
    if (await files.putBack(() => void putBack()))
      toast('The room is restored, with everything recorded since.');
  };
  const merge = async (): Promise<void> => {
    if (work.kind === 'looked' && (await files.merge(work.file)))
      toast('Merged: this room and the file are one.', {
        duration: UNDO_IMPORT_MS,
        action: { label: 'Undo', onClick: () => void putBack() },
      });
  };
  const agree = async (): Promise<void> => {
    if (work.kind !== 'looked') return;
    const { file, look } = work;
    if (look.kind === 'room') {
      if (await files.replace(file))
        toast('The room was replaced by the file.', {
          duration: UNDO_IMPORT_MS,
          action: { label: 'Undo', onClick: () => void putBack() },
        });
      return;
    }
    if (look.kind === 'experience') {
      const taken = await takeIn([file], () => undefined);
      if (taken.ok) router.push('/experience');
      else toast.error('The file could not be added. Nothing was changed.');
    }
    if (look.kind === 'life') {
      const into = tanks[0];
      if (into)
        await run(
          `${look.life.name || 'A fish'} arrived with its history`,
          openLife(look.life, into.id, session.stamp),
        );
      else toast.error('Add a tank first. Nothing was imported.');
    }
    if (look.kind === 'plan') {
      const name = file.name.replace(/\.lomvik-plan\.json$|\.json$/, '') || 'Plan';
      const opened = openPlan(
        look.plan,
        { name, order: tanks.length + 1, catalogue: session.catalogue },
        session.stamp,
      );
      if (await run(`New tank: ${name}`, opened.changes)) router.push(`/stock?tank=${opened.tank}`);
    }
    files.leave();
  };

  return (
    <Section title="Open">
      <SharedPart look={files.look} />
      {work.kind === 'looked' ? (
        <ImportPreview
          name={work.file.name}
          look={work.look}
          changedSince={work.changedSince}
          watchRuns={watching?.body != null}
          tankName={tanks[0]?.body.name ?? 'a tank; add one first'}
          onAgree={() => void agree()}
          onMerge={() => void merge()}
          onLeave={files.leave}
        />
      ) : (
        <label className="block">
          <span className="mb-2 block text-slate">
            A saved room, a plan, a fish with its history, or another keeper’s experience. You see what would
            change first.
          </span>
          <input
            type="file"
            accept=".json,.zip,application/json,application/zip"
            disabled={work.kind === 'busy'}
            className="block w-full border border-dashed border-slate p-3 file:mr-3 file:border file:border-edge file:bg-panel file:px-2 file:py-1 file:text-ink"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void files.look(file);
            }}
          />
        </label>
      )}
      <WorkLine files={files} />
      <p className="mt-2">
        <Link href="/plan" className="text-deep underline">
          Paste a link of a plan
        </Link>
      </p>
      {replacedOn !== null && work.kind === 'idle' && (
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <p className="text-slate">
            This room was opened from a file or its second copy on {dayName(replacedOn)}.
          </p>
          <Button onClick={() => putBack()}>Restore the room from before</Button>
        </div>
      )}
    </Section>
  );
}
