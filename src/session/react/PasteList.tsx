'use client';

import { X } from 'lucide-react';
import { useCallback, useState } from 'react';
import { commonName, type PlanGroup, type SpeciesProfile } from '@/core/model';
import { type PastedItem, pastedInSteps } from '@/core/search';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { Dialog } from '@/ui/Dialog';
import { AreaField, SelectField, TextField } from '@/ui/Field';
import { useCatalogue } from './RoomProvider';
import { StepsWait } from './StepsWait';
import { useInSteps } from './useInSteps';

/** A species of a pasted list that is settled. */
export interface TakenFromList {
  readonly profile: SpeciesProfile;
  readonly group: PlanGroup;
}

interface Props {
  readonly onTake: (taken: readonly TakenFromList[]) => void;
  readonly onClose: () => void;
  /** Whether the numbers are asked; where not, a missing one is no question. */
  readonly withNumbers?: boolean;
}

/** What was answered for one line: which species, how many, or that it is left out. */
interface Answer {
  readonly species?: string;
  readonly count?: string;
  readonly out?: boolean;
}

/** Species that a line may mean, the likeliest first. */
function choicesOf({ meaning }: PastedItem): readonly SpeciesProfile[] {
  switch (meaning.is) {
    case 'sure':
      return [meaning.profile];
    case 'doubtful':
      return meaning.choices;
    case 'unknown':
      return meaning.nearest;
  }
}

const keyOf = (item: PastedItem, at: number): string => `${at} ${item.text}`;

function settled(item: PastedItem, answer: Answer | undefined, withNumbers: boolean): TakenFromList | null {
  if (answer?.out) return null;
  const choices = choicesOf(item);
  const profile =
    item.meaning.is === 'sure' ? item.meaning.profile : choices.find(({ id }) => id === answer?.species);
  const typed = answer?.count ?? (item.count === null ? '' : String(item.count));
  const count = /^\d{1,4}$/.test(typed.trim()) ? Number(typed) : 0;
  if (!profile || (withNumbers && count < 1)) return null;
  const sexed = item.males !== null && item.females !== null && item.males + item.females <= count;
  return {
    profile,
    group: {
      species: profile.id,
      count: count < 1 ? profile.company.comfortableGroup : count,
      lengthCm: item.lengthCm ?? profile.size.soldCm,
      ...(sexed ? { males: item.males, females: item.females } : {}),
    },
  };
}

interface LineProps {
  readonly item: PastedItem;
  readonly answer: Answer | undefined;
  readonly withNumbers: boolean;
  readonly onAnswer: (answer: Answer) => void;
}

/** One line of the list: how many of which species, or what is asked about it. */
function Line({ item, answer, withNumbers, onAnswer }: LineProps) {
  const choices = choicesOf(item);
  return (
    <li className="flex flex-wrap items-end gap-2 border-b border-line py-1.5">
      {withNumbers && (
        <TextField
          label={`How many of ${item.name}`}
          labelHidden
          wrap="w-14"
          inputMode="numeric"
          placeholder="?"
          value={answer?.count ?? (item.count === null ? '' : String(item.count))}
          onChange={(event) => onAnswer({ ...answer, count: event.target.value })}
        />
      )}
      <span
        className={classes(
          'min-w-0 flex-1',
          (choices.length === 0 || item.meaning.is === 'sure') && 'self-center',
        )}
      >
        {item.meaning.is === 'sure' ? (
          <>
            {commonName(item.meaning.profile)}{' '}
            <i className="text-[0.75rem] text-slate">{item.meaning.profile.scientificName}</i>
          </>
        ) : choices.length === 0 ? (
          <span className="text-buoy">Nothing is called “{item.name}”.</span>
        ) : (
          <SelectField
            label={
              item.meaning.is === 'doubtful'
                ? `Which “${item.name}”?`
                : `Nothing is called “${item.name}”. Nearest:`
            }
            value={answer?.species ?? ''}
            onChange={(event) => onAnswer({ ...answer, species: event.target.value })}
          >
            <option value="">choose…</option>
            {choices.map((profile) => (
              <option key={profile.id} value={profile.id}>
                {commonName(profile)} ({profile.scientificName})
              </option>
            ))}
          </SelectField>
        )}
      </span>
      <button
        type="button"
        aria-label={`Leave out ${item.name}`}
        className="grid size-8 place-items-center hover:text-buoy"
        onClick={() => onAnswer({ ...answer, out: true })}
      >
        <X size={16} aria-hidden="true" />
      </button>
    </li>
  );
}

/** A list of fish pasted as text: each line resolved, the doubtful ones asked about, the rest taken with one press. */
export function PasteList({ onTake, onClose, withNumbers = true }: Props) {
  const catalogue = useCatalogue();
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const reading = useInSteps(useCallback(() => pastedInSteps(text, catalogue), [text, catalogue]));
  const { last, current, failed } = reading;
  const { items, more } = last ?? { items: [], more: 0 };
  const lines = items
    .map((item, at) => ({ item, key: keyOf(item, at) }))
    .filter(({ key }) => answers[key]?.out !== true);
  const taken = lines.flatMap(({ item, key }) => settled(item, answers[key], withNumbers) ?? []);
  const open = lines.length - taken.length;
  return (
    <Dialog
      open
      wide
      onOpenChange={onClose}
      title="Paste a list"
      about="One species a line or parted by commas, the number before or after the name; a column of a spreadsheet will do."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          onTake(taken);
          onClose();
        }}
      >
        <AreaField
          label="Your list"
          rows={4}
          placeholder="6 neon tetras, 8 panda corys, 1 betta"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        {lines.length > 0 && (
          <ul aria-label="Read from the list" className="max-h-[40dvh] overflow-y-auto">
            {lines.map(({ item, key }) => (
              <Line
                key={key}
                item={item}
                answer={answers[key]}
                withNumbers={withNumbers}
                onAnswer={(answer) => setAnswers({ ...answers, [key]: answer })}
              />
            ))}
          </ul>
        )}
        {more > 0 && (
          <p className="text-slate">
            The first {items.length} are read; {more} more are not.
          </p>
        )}
        <StepsWait of={reading}>{null}</StepsWait>
        <p role="status" className="text-[0.8125rem] text-slate">
          {open > 0 &&
            (open === 1
              ? '1 line needs an answer: it is not added.'
              : `${open} lines need an answer: they are not added.`)}
        </p>
        {/* It takes the focus while the list is read: who pastes and presses Tab is not sent past it. */}
        <Button
          tone="main"
          type="submit"
          waiting={!current && !failed}
          disabled={failed || (taken.length === 0 && (current || text === ''))}
        >
          {!current && !failed && text !== ''
            ? 'Reading the list…'
            : taken.length === 1
              ? 'Add 1 species'
              : `Add ${taken.length} species`}
        </Button>
      </form>
    </Dialog>
  );
}
