'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useCallback, useDeferredValue } from 'react';
import type { Remote } from 'comlink';
import type { Choice } from '@/core/evidence';
import { useCatalogue } from '@/session/react/RoomProvider';
import { SpeciesField } from '@/session/react/SpeciesField';
import { useExperienceAnswer } from '@/session/react/useExperience';
import { useTabState } from '@/session/react/useTabState';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { FishName } from '@/ui/plates/FishName';
import { Empty, Section } from '@/ui/Screen';
import { capital, countOf } from '@/words/en';
import type { ExperienceWork, Held } from '@/workers/experienceWork';
import { failureWords } from '@/workers/workerLine';
import { AnswerPart } from './AnswerPart';
import { CasesPart } from './CasesPart';
import { ChoiceFields } from './ChoiceFields';

/** The question at the left, the answer at the right. */
export function AskingPart({ held }: { readonly held: Held }) {
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
  readonly list: Held['species'];
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
