'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { type ReactNode, useCallback, useDeferredValue } from 'react';
import type { Remote } from 'comlink';
import type { Choice } from '@/core/evidence';
import { useCatalogue } from '@/session/react/RoomProvider';
import { SpeciesField } from '@/session/react/SpeciesField';
import { useExperienceAnswer } from '@/session/react/useExperience';
import { useTabState } from '@/session/react/useTabState';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { FishName } from '@/ui/plates/FishName';
import { Caution, Empty, Screen, Section } from '@/ui/Screen';
import { BORNE_OUT_RULE, capital, countOf, EXPERIENCE_BIAS } from '@/words/en';
import type { ExperienceWork, Held } from '@/workers/experienceWork';
import { failureWords } from '@/workers/workerLine';
import { AnswerPart } from './AnswerPart';
import { CasesPart } from './CasesPart';
import { ChoiceFields } from './ChoiceFields';
import { HeldFiles } from './HeldFiles';

import { TakeIn } from './TakeIn';

const PredictionsPart = dynamic(() => import('./PredictionsPart').then((file) => file.PredictionsPart), {
  ssr: false,
});
const PracticePart = dynamic(() => import('./practice/PracticePart').then((file) => file.PracticePart), {
  ssr: false,
});

type Tanks = Held['species'];

const askHeld = (remote: Remote<ExperienceWork>, room: string): Promise<Held> => remote.held(room);

const PARTS = [
  ['others', 'Other keepers'],
  ['predictions', 'Predictions'],
  ['practice', 'Read a tank'],
] as const;

/** What keepers lived through, and how often Lomvik was right. */
export function ExperienceScreen() {
  const part = usePart(PARTS);
  const nav = (
    <PartNav
      label="Parts of Experience"
      parts={PARTS}
      current={part}
      href={(id) => (id === 'others' ? '/experience' : `/experience?part=${id}`)}
    />
  );
  if (part === 'practice')
    return (
      <Screen title="Experience" about="Learn to read a tank on simulated fish, whose truth is known.">
        {nav}
        <PracticePart />
      </Screen>
    );
  return part === 'predictions' ? (
    <Screen title="Experience" about="What Lomvik warned of in this room, and how it came out.">
      {nav}
      <PredictionsPart />
    </Screen>
  ) : (
    <OtherKeepers nav={nav} />
  );
}

/** Who kept this with that, in what tank, and how did it end: counted from the files that keepers handed on. */
function OtherKeepers({ nav }: { readonly nav: ReactNode }) {
  const held = useExperienceAnswer(askHeld);
  const has = held.last !== null && held.last.files.length > 0;
  return (
    <Screen
      title="Experience"
      about={
        held.last && has
          ? `Who kept this with that, in what tank, and how did it end? From ${countOf(held.last.keepers, 'keeper')} with ${countOf(held.last.tanks, 'tank')}, by the files they handed on.`
          : 'Who kept this with that, in what tank, and how did it end? Counted from files that keepers hand each other.'
      }
    >
      {nav}
      {held.failure && <Failed why={failureWords(held.failure) ?? ''} onAgain={held.again} />}
      {held.last && !has && (
        <Empty>
          Nothing is here yet. Another keeper makes a file under Files, Experience, and hands it to you; no
          name, place or day is in it. Add it below.
        </Empty>
      )}
      {held.last && has && <Asking held={held.last} />}
      {held.last && (
        <div className="grid grid-cols-1 max-w-5xl gap-6 lg:grid-cols-2">
          <Section title="Add files">
            <TakeIn onTaken={held.again} />
          </Section>
          {has && (
            <Section title="Files" aside={countOf(held.last.files.length, 'file')}>
              <details>
                <summary className="min-h-8 cursor-pointer text-deep">Show and remove</summary>
                <HeldFiles held={held.last} onChange={held.again} />
              </details>
            </Section>
          )}
        </div>
      )}
      {has && (
        <div className="grid max-w-5xl gap-2">
          <Caution>{EXPERIENCE_BIAS}</Caution>
          <p className="text-[0.8125rem] text-slate">{BORNE_OUT_RULE}</p>
        </div>
      )}
    </Screen>
  );
}

/** The question at the left, the answer at the right. */
function Asking({ held }: { readonly held: Held }) {
  const router = useRouter();
  const address = useSearchParams();
  const words = useWords();
  const [species, other] = [address.get('species'), address.get('with')];
  const [choice, setChoice] = useTabState<Choice>('experience.choice', {});
  const asked = useDeferredValue(choice);
  const work = useCallback(
    (remote: Remote<ExperienceWork>, room: string) =>
      remote.ask(room, { species: species ?? '', ...(other === null ? {} : { with: other }) }, asked),
    [species, other, asked],
  );
  const { last, failure, again } = useExperienceAnswer(species === null ? null : work, held);
  const go = (next: string | null, beside: string | null): void =>
    router.push(
      `/experience${next === null ? '' : `?species=${next}${beside === null ? '' : `&with=${beside}`}`}`,
      { scroll: false },
    );
  const current = last && last.sum.species === species && (last.sum.with ?? null) === other ? last : null;
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
      <div className="flex flex-col gap-3">
        <Picked label="Who" species={species} onPick={(id) => go(id, other)} onDrop={() => go(other, null)} />
        {species !== null && (
          <Picked
            label="Kept with"
            species={other}
            onPick={(id) => go(species, id)}
            onDrop={() => go(species, null)}
          />
        )}
        {species !== null && (
          <details open={Object.values(choice).some((one) => one !== undefined) || undefined}>
            <summary className="min-h-8 cursor-pointer text-deep">Only in tanks like this</summary>
            <ChoiceFields choice={choice} onChange={setChoice} />
          </details>
        )}
      </div>
      <div className="flex min-w-0 flex-col gap-3" aria-live="polite">
        {species === null && (
          <SpeciesList
            title="Kept the most"
            list={held.species}
            hrefOf={(id) => `/experience?species=${id}`}
          />
        )}
        {failure && <Failed why={failureWords(failure) ?? ''} onAgain={again} />}
        {current && current.sum.tanks === 0 && (
          <Empty>
            Nobody whose file is here kept {words.many(species ?? '')}
            {other === null ? '' : ` with ${words.many(other)}`}
            {Object.values(choice).some((one) => one !== undefined) ? ' in such a tank' : ''}. That says
            nothing for or against it.
          </Empty>
        )}
        {current && current.sum.tanks > 0 && (
          <>
            <h2 className="sr-only">
              {capital(words.many(species ?? ''))}
              {other === null ? '' : ` with ${words.many(other)}`}
            </h2>
            <AnswerPart answer={current} />
            {other === null && current.beside.length > 0 && (
              <SpeciesList
                title="Kept with"
                list={current.beside}
                hrefOf={(id) => `/experience?species=${species}&with=${id}`}
              />
            )}
            <CasesPart key={`${species} ${other}`} answer={current} />
          </>
        )}
      </div>
    </div>
  );
}

/** A species that was picked, with a way to pick another; or the field to pick it. */
function Picked({
  label,
  species,
  onPick,
  onDrop,
}: {
  readonly label: string;
  readonly species: string | null;
  readonly onPick: (species: string) => void;
  readonly onDrop: () => void;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  if (species === null) return <SpeciesField label={label} onPick={({ id }) => onPick(id)} />;
  return (
    <div>
      <p className="text-[0.75rem] font-medium text-slate">{label}</p>
      <p className="flex items-center justify-between gap-2 border-b border-line">
        <FishName profile={catalogue.byId.get(species)}>{words.one(species)}</FishName>
        <Button tone="quiet" aria-label={`Another than ${words.one(species)}`} onClick={onDrop}>
          Change
        </Button>
      </p>
    </div>
  );
}

const LISTED = 12;

/** Species with the number of tanks they lived in, each a question. */
function SpeciesList({
  title,
  list,
  hrefOf,
}: {
  readonly title: string;
  readonly list: Tanks;
  readonly hrefOf: (species: string) => string;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  return (
    <Section title={title} aside={list.length > LISTED ? `${LISTED} of ${list.length}` : undefined}>
      <ul className="grid grid-cols-1 gap-x-6 sm:grid-cols-2">
        {list.slice(0, LISTED).map(({ species, tanks }) => (
          <li key={species} className="flex min-h-9 items-center justify-between gap-3 border-b border-line">
            <FishName profile={catalogue.byId.get(species)} href={hrefOf(species)}>
              {words.one(species)}
            </FishName>
            <span className="fig text-slate">{countOf(tanks, 'tank')}</span>
          </li>
        ))}
      </ul>
    </Section>
  );
}
