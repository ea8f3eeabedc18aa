import { SHIPPED_SPECIES } from '@/catalogue';
import { readPlan } from '@/core/assess';
import {
  type Backup,
  type BackupChanges,
  backupPieces,
  checkFile,
  compareBackup,
  type LifeFile,
  readBackupInSteps,
  readLifeFile,
  ROOM_FILE,
  withoutPictures,
} from '@/core/formats';
import { EXPERIENCE_FORMAT, type ExperienceFile, readExperience } from '@/core/evidence';
import { judgeJournal, worldOf } from '@/core/gate';
import { mergeLook, type MergeLook, mergeRooms, settle, type Settled } from '@/core/merge';
import { atOnce, type Fault, faultOf, parseJson } from '@/core/kernel';
import {
  buildCatalogue,
  type Catalogue,
  keeperSpeciesOf,
  type PlanFile,
  withKeeperSpecies,
} from '@/core/model';
import type { Aside, Contents, RoomStore } from '@/store/port';
import { type LogFiles, mirrorOf } from '@/store/mirror/mirror';
import { openDocuments } from '@/store/openRecords';
import { putBackContents } from '@/store/putBack';
import { experienceOfRoom } from './experienceOfRoom';
import { readZip, writeZip } from './zip';

/** What a file holds, and what it would change. Nothing is touched by looking. */
export type Look =
  | { readonly kind: 'refused'; readonly faults: readonly Fault[]; readonly more: number }
  | {
      readonly kind: 'room';
      readonly tanks: number;
      readonly entries: number;
      readonly exportedOn: string;
      /** What would change if it took the place of the room, and what if the two were merged. */
      readonly changes: BackupChanges;
      readonly merge: MergeLook;
      /** What could not be read, by path; it stays in the file. */
      readonly faults: readonly Fault[];
      readonly more: number;
      readonly leftOut: number;
    }
  | { readonly kind: 'plan'; readonly plan: PlanFile }
  | { readonly kind: 'life'; readonly life: LifeFile }
  | { readonly kind: 'experience'; readonly stays: number };

/** A room written for a file. */
export interface Saved {
  readonly blob: Blob;
  readonly ending: '.lomvik.json' | '.lomvik.zip';
  /** How many entries are in it. */
  readonly entries: number;
}

/** How far a long work has come, from 0 to 1. */
export type OnProgress = (share: number) => void;

/** So many faults are told; a foreign file has thousands of the same. */
const TOLD = 50;

const told = (faults: readonly Fault[]): { readonly faults: readonly Fault[]; readonly more: number } => ({
  faults: faults.slice(0, TOLD),
  more: Math.max(0, faults.length - TOLD),
});

/** Runs steps to their end, and tells how far they are every few. */
function withProgress<T>(steps: Generator<undefined, T>, expected: number, onProgress: OnProgress): T {
  for (let i = 0; ; i += 1) {
    const step = steps.next();
    if (step.done) return step.value;
    if (i % STEPS_A_WORD === 0) onProgress(Math.min(0.95, i / Math.max(1, expected)));
  }
}
const STEPS_A_WORD = 8;
/** Steps that reading takes for so many entries: each is read, judged and folded. */
const ENTRIES_A_STEP = 450;

interface Now extends Contents {
  readonly aside: readonly Aside[];
  readonly catalogue: Catalogue;
  /** Changes when anything is written. */
  readonly mark: string;
}

/**
 * What the files worker does: rooms are read, compared, written and replaced beside the screen, straight from and into the
 * storage. Plain functions, so that a test can call them without a worker.
 */
export function roomWork(
  storeOf: (room: string) => RoomStore,
  now: () => string,
  filesOf: (room: string) => Promise<LogFiles | null> = () => Promise.resolve(null),
) {
  const shipped = buildCatalogue(SHIPPED_SPECIES);
  let held: { readonly backup: Backup; readonly settled: Settled; readonly mark: string } | null = null;
  const stores = new Map<string, RoomStore>();
  const open = (room: string): RoomStore => {
    const store = stores.get(room) ?? storeOf(room);
    stores.set(room, store);
    return store;
  };

  const read = async (room: string): Promise<Now> => {
    const store = open(room);
    const opened = await store.open();
    const { documents } = openDocuments(opened.documents, now());
    const entries = await store.entries();
    return {
      documents,
      entries,
      aside: opened.aside,
      catalogue: withKeeperSpecies(shipped, keeperSpeciesOf(documents)),
      mark: `${entries.at(-1)?.seq ?? 0}|${documents
        .map(({ id, rev }) => `${id}:${rev}`)
        .sort()
        .join(',')}`,
    };
  };

  const lookAtRoom = (value: unknown, current: Now, onProgress: OnProgress): Look => {
    const size = (value as { entries?: { length?: number } } | null)?.entries?.length ?? 0;
    const outcome = withProgress(readBackupInSteps(value, shipped, now()), size / ENTRIES_A_STEP, onProgress);
    if (!outcome.ok) return { kind: 'refused', ...told(outcome.faults) };
    const { backup, faults, leftOut } = outcome.value;
    const settled = withProgress(
      settle(
        mergeRooms({ ...current, aside: current.aside.map(({ raw }) => raw) }, backup),
        current,
        backup,
        { catalogue: shipped, now: now() },
      ),
      (current.entries.length + backup.entries.length) / ENTRIES_A_STEP,
      onProgress,
    );
    held = { backup, settled, mark: current.mark };
    return {
      kind: 'room',
      tanks: backup.documents.filter((document) => document.kind === 'tank' && document.body).length,
      entries: backup.entries.length,
      exportedOn: backup.exportedOn,
      changes: compareBackup(current, backup),
      merge: mergeLook(current, backup, settled),
      ...told(faults),
      leftOut,
    };
  };

  /** Puts a merged room in the place of the room, and keeps what was there; what does not fit together is set aside. */
  const putTogether = async (room: string, current: Now, settled: Settled, label: string): Promise<void> => {
    const { documents, entries, aside } = settled;
    const store = open(room);
    // Set aside first: a page that dies in between has lost nothing.
    const kept = aside.map(({ what, raw, why }): Aside => ({
      key: `${what}-${raw.id}`,
      what,
      raw,
      why,
      at: now(),
    }));
    if (kept.length > 0) await store.setAside(kept, { documents: [], entries: [] });
    await store.replaceAll({ documents, entries }, { label, at: now() });
    const ids = new Set<string>([...documents, ...entries].map(({ id }) => id));
    for (const { key, raw } of current.aside)
      if (ids.has((raw as { id?: string } | null)?.id ?? '')) await store.dropAside(key);
  };

  return {
    /** What a file holds, held against the room. */
    look: async (file: Blob, room: string, onProgress: OnProgress): Promise<Look> => {
      held = null;
      const bytes = new Uint8Array(await file.arrayBuffer());
      const parsed = readZip(bytes) ?? parseJson(new TextDecoder().decode(bytes));
      onProgress(0.02);
      if (!parsed.ok) return { kind: 'refused', ...told(parsed.faults) };
      const current = await read(room);
      const { value } = parsed;
      const format = (value as { format?: unknown } | null)?.format;
      if (format === 'lomvik') return lookAtRoom(value, current, onProgress);
      if (format === 'lomvik-plan') {
        const plan = readPlan(value, current.catalogue);
        return plan.ok ? { kind: 'plan', plan: plan.value } : { kind: 'refused', ...told(plan.faults) };
      }
      if (format === 'lomvik-life') {
        const life = readLifeFile(value, current.catalogue);
        return life.ok ? { kind: 'life', life: life.value } : { kind: 'refused', ...told(life.faults) };
      }
      if (format === EXPERIENCE_FORMAT) {
        const experience = readExperience(value);
        return experience.ok
          ? { kind: 'experience', stays: experience.value.stays.length }
          : { kind: 'refused', ...told(experience.faults) };
      }
      const other = checkFile(value, current.catalogue);
      return {
        kind: 'refused',
        ...(other.ok
          ? told([
              faultOf(
                'format',
                { is: 'format', of: ['lomvik', 'lomvik-plan', 'lomvik-life', EXPERIENCE_FORMAT] },
                other.value,
              ),
            ])
          : told(other.faults)),
      };
    },
    /**
     * Puts what was looked at last in the place of the room, and keeps what was there. False, and nothing is touched, when
     * the room was changed since the look.
     */
    replace: async (room: string, label: string): Promise<boolean> => {
      if (!held) return false;
      const current = await read(room);
      if (current.mark !== held.mark) return false;
      const { documents, entries } = held.backup;
      await open(room).replaceAll({ documents, entries }, { label, at: now() });
      held = null;
      return true;
    },
    /**
     * Puts the room together with what was looked at last, and keeps what was there; what contradicts is set aside. False, and nothing is
     * touched, when the room was changed since the look.
     */
    merge: async (room: string, label: string): Promise<boolean> => {
      if (!held) return false;
      const current = await read(room);
      if (current.mark !== held.mark) return false;
      await putTogether(room, current, held.settled, label);
      held = null;
      return true;
    },
    /**
     * Puts back what the second copy of the room has and the room lacks, and keeps what was there; what does not fit is set aside. False
     * where there is no second copy.
     */
    giveBack: async (room: string): Promise<boolean> => {
      const files = await filesOf(room);
      if (!files) return false;
      const [current, kept] = [await read(room), await mirrorOf(files, Date.now, 'reader').contents()];
      const settled = atOnce(
        settle(mergeRooms(current, kept), current, kept, { catalogue: shipped, now: now() }),
      );
      await putTogether(room, current, settled, 'second copy');
      return true;
    },
    /** The room as it was before a file took its place, with all that was written after that. False when nothing is kept. */
    putBack: async (room: string): Promise<boolean> => {
      const store = open(room);
      const previous = await store.previous();
      if (!previous) return false;
      const current = await read(room);
      const back = putBackContents(previous, current);
      const world = worldOf(
        Object.fromEntries(back.documents.map((document) => [document.id, document])),
        withKeeperSpecies(shipped, keeperSpeciesOf(back.documents)),
      );
      const { contradictions } = atOnce(judgeJournal(back.entries, world, { leaveOut: true }));
      const before = new Set<string>(previous.before.entries.map(({ id }) => id));
      const orphans = new Map(contradictions.filter(({ id }) => !before.has(id)).map((one) => [one.id, one]));
      await store.replaceAll({ ...back, entries: back.entries.filter(({ id }) => !orphans.has(id)) });
      const aside = back.entries.flatMap((entry): Aside[] => {
        const wrong = orphans.get(entry.id);
        if (!wrong) return [];
        return [{ key: `entry-${entry.id}`, what: 'entry', raw: entry, why: wrong.faults, at: now() }];
      });
      if (aside.length > 0) await store.setAside(aside, { documents: [], entries: [] });
      return true;
    },
    /** What lived together in the room, for other keepers. */
    experience: async (room: string): Promise<ExperienceFile> => {
      const { documents, entries } = await read(room);
      return experienceOfRoom(documents, entries, now());
    },
    /** The whole room as a file; with its pictures beside it where there are any. */
    save: async (room: string, onProgress: OnProgress = () => undefined): Promise<Saved> => {
      const { documents, entries, aside } = await read(room);
      onProgress(0.2);
      const { documents: bare, pictures } = withoutPictures(documents);
      const parts: string[] = [];
      const expected = (bare.length + entries.length) / 500;
      for (const piece of backupPieces(
        bare,
        entries,
        now(),
        aside.map(({ raw }) => raw),
      )) {
        parts.push(piece);
        if (parts.length % STEPS_A_WORD === 0)
          onProgress(Math.min(0.95, 0.2 + (0.7 * parts.length) / expected));
      }
      return pictures.length === 0
        ? {
            blob: new Blob(parts, { type: 'application/json' }),
            ending: '.lomvik.json',
            entries: entries.length,
          }
        : {
            blob: await writeZip(ROOM_FILE, parts, pictures),
            ending: '.lomvik.zip',
            entries: entries.length,
          };
    },
  };
}
export type RoomWork = ReturnType<typeof roomWork>;
