'use client';

import { useMemo } from 'react';
import { toast } from '@/ui/toast';
import { appendOf, type Change, correctionOf } from '@/core/gate';
import { listChangeIn, tankChange } from '@/core/commands';
import type { DocumentBodies, DraftGroup } from '@/core/records';
import type { Dated } from '@/core/events';
import type { EntryId, Fault, TankId } from '@/core/kernel';
import { StoreError } from '@/store/port';
import type { Changes, ChangesThen, Outcome, Session, TakenBack } from '../types';
import { type Quantities, quantitiesIn } from '@/words/en';
import { useRooms } from './RoomProvider';
import { useUnits } from './useUnits';

/** Puts an entry into the journal. */
export const appendChange = (session: Session, dated: Dated): Change => appendOf(dated, session.stamp);

/** The list of a tank made anew from what it is when the command's turn comes; its name and note stay. */
export const listChange =
  (tank: TankId, remake: (listed: readonly DraftGroup[]) => readonly DraftGroup[]): ChangesThen =>
  (state) => [listChangeIn(state.documents, tank, remake)];

/** A tank made anew from what it is when the command's turn comes; nothing when it is no longer in the rack. */
export const tankEdit =
  (tank: TankId, remake: (body: DocumentBodies['tank']) => DocumentBodies['tank']): Changes =>
  (state) => {
    const document = state.documents[tank];
    return document?.kind === 'tank' && document.body ? [tankChange(tank, remake(document.body))] : [];
  };

/** Corrects an entry: says what is true instead, or strikes it out. */
export const correctChange = (
  session: Session,
  target: EntryId,
  on: string,
  replacement: Dated | null,
): Change => correctionOf(target, on, replacement, session.stamp);

/** What went wrong, said once, in the store's own words. */
function complain(error: unknown): void {
  toast.error(
    error instanceof StoreError ? error.message : 'That could not be written. Nothing was lost; try again.',
  );
}

/** What is said of a refusal is loaded with the first one. */
const refusals = () => import('../refusalWords');

/** Says that nothing was written and why; where two tabs changed the same, asks which one stays. */
async function say(outcome: Outcome, words: Quantities, again: (outcome: Outcome) => void): Promise<void> {
  if (outcome.kind === 'done') return;
  const { changedWords, refusalWords } = await refusals();
  if (outcome.kind === 'refused')
    return void toast.error(refusalWords(outcome.refusal, words), { duration: READ_MS });
  const { keepMine } = outcome;
  toast.error(changedWords(outcome.conflicts), {
    duration: ASK_MS,
    action: { label: 'Keep mine', onClick: () => void keepMine().then(again, complain) },
  });
}

/** A reason takes longer to read than a confirmation. */
const READ_MS = 12_000;
/** A question stays until it is answered or clearly left. */
const ASK_MS = 60_000;

/** True when it is durable; what a form has to show at its fields; false when it was said elsewhere. */
export type Kept = boolean | readonly Fault[];

/** What a field shows that is kept when it is left. */
const keptWords = async (kept: Kept, words: Quantities): Promise<string | null> => {
  if (kept === true) return null;
  if (kept === false) return 'Not saved.';
  const { faultWords } = await refusals();
  return faultWords(kept, words);
};

export interface Commands {
  readonly session: Session;
  /** Like `run`, for forms: what the gate finds wrong is handed back, to be shown where it was typed. */
  readonly keep: (label: string, changes: Changes, quiet?: boolean) => Promise<Kept>;
  /**
   * Does it and says so; true when it is durable. What the gate refuses is said, and nothing is written. Quiet commands
   * say nothing when they succeed.
   */
  readonly run: (label: string, changes: Changes, quiet?: boolean) => Promise<boolean>;
  /** Like `keep`, quietly, for one field that is kept when it is left: why it was refused, or null. */
  readonly keepTyped: (label: string, changes: Changes, quiet?: boolean) => Promise<string | null>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
}

/** Ways to change the room from a screen, each taken back with one press. */
export function useCommands(): Commands {
  const { session } = useRooms();
  const units = useUnits();
  return useMemo(() => {
    const words = quantitiesIn(units);
    const tell = async (taken: TakenBack | void, done: string, nothing: string): Promise<void> => {
      if (!taken) return;
      if (taken.kind === 'nothing') toast(nothing);
      else if (taken.kind === 'done') toast(`${done}: ${taken.label}`);
      else {
        const { stayedWords } = await refusals();
        toast.error(stayedWords(taken, words), { duration: READ_MS });
      }
    };
    const attempt = async (
      label: string,
      changes: Changes,
      quiet: boolean,
      isToldElsewhere: (outcome: Outcome) => boolean = () => false,
    ): Promise<Outcome | null> => {
      const confirm = ({ kind, ...rest }: Outcome): void => {
        const id = kind === 'done' && 'id' in rest ? rest.id : null;
        if (!quiet && id !== null) toast(label, { action: { label: 'Undo', onClick: () => void undo(id) } });
      };
      try {
        const outcome = await session.run(label, changes);
        if (!isToldElsewhere(outcome)) await say(outcome, words, confirm);
        confirm(outcome);
        return outcome;
      } catch (error) {
        complain(error);
        return null;
      }
    };
    const undo = async (id?: string): Promise<void> =>
      tell(await session.undo(id).catch(complain), 'Undone', 'Nothing to take back.');
    const keep: Commands['keep'] = async (label, changes, quiet = false) => {
      const own = (outcome: Outcome): readonly Fault[] =>
        outcome.kind === 'refused' && outcome.refusal.clashes.length === 0 ? outcome.refusal.faults : [];
      const outcome = await attempt(label, changes, quiet, (refused) => own(refused).length > 0);
      if (outcome?.kind === 'done') return true;
      return outcome && own(outcome).length > 0 ? own(outcome) : false;
    };
    return {
      session,
      keep,
      keepTyped: async (label, changes, quiet = true) => keptWords(await keep(label, changes, quiet), words),
      run: async (label, changes, quiet = false) => {
        const outcome = await attempt(label, changes, quiet);
        return outcome?.kind === 'done';
      },
      undo: () => undo(),
      redo: async () => tell(await session.redo().catch(complain), 'Redone', 'Nothing to do again.'),
    };
  }, [session, units]);
}
