'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { Remote } from 'comlink';
import { useExperienceAnswer } from '@/session/react/useExperience';
import { Failed } from '@/ui/Failed';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Caution, Empty, Screen, Section } from '@/ui/Screen';
import { BORNE_OUT_RULE, countOf, EXPERIENCE_BIAS } from '@/words/en';
import type { ExperienceWork, Held } from '@/workers/experienceWork';
import { failureWords } from '@/workers/workerLine';
import { AskingPart } from './AskingPart';
import { HeldFiles } from './HeldFiles';
import { TakeIn } from './TakeIn';

const PredictionsPart = dynamic(() => import('./PredictionsPart').then((file) => file.PredictionsPart), {
  ssr: false,
});
const PracticePart = dynamic(() => import('./practice/PracticePart').then((file) => file.PracticePart), {
  ssr: false,
});

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
      {held.last && has && <AskingPart held={held.last} />}
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
