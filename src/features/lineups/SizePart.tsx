'use client';

import { useSayings } from '@/session/react/useSayings';
import { useWords } from '@/session/react/useWords';
import { proxy } from 'comlink';
import { useState } from 'react';
import { tanksSold } from '@/catalogue/standardTanks';
import { commonName } from '@/core/model';
import { countedOf, everyOf } from '@/words/en';
import { sizesForPlace, USUAL_CLEARANCE_CM } from '@/core/tank';
import { parseQuantity } from '@/core/kernel';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useLineUpsWorker } from '@/session/react/useLineUps';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { failureWords, type WorkerFailure } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { TextField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import type { LineUpsWork } from '@/workers/lineUpsWork';
import type { Wishes } from './useWishes';

type Answer = ReturnType<LineUpsWork['smallest']>;

const SHARES = [
  [1, 'All of them'],
  [0.9, 'Nine tenths, by priority'],
] as const;

function SizeAnswerView({ answer, share }: { readonly answer: Answer; readonly share: number }) {
  const words = useWords();
  const say = useSayings();
  const catalogue = useCatalogue();
  const nameOf = (species: string): string => {
    const profile = catalogue.byId.get(species);
    return profile ? commonName(profile) : species;
  };
  return (
    <div className="flex flex-col gap-2">
      {answer.size ? (
        <p>
          <strong className="text-[1.125rem]">{answer.size.name}</strong>{' '}
          <span className="fig text-slate">
            {[answer.size.lengthCm, answer.size.widthCm, answer.size.heightCm]
              .map((cm) => words.tank('length', cm))
              .join(' × ')}
          </span>
          {!answer.proven && (
            <span className="text-lamp"> A smaller size may do: the search stopped before it was sure.</span>
          )}
        </p>
      ) : (
        <p>
          None of the sizes checked holds {share === 1 ? 'all of them' : 'nine tenths of them'}: the largest
          keeps <span className="fig">{Math.round(answer.share * 100)}%</span> by priority.
        </p>
      )}
      {answer.lineUp && (
        <p>
          {everyOf(
            answer.lineUp.groups.flatMap((group) => {
              const profile = catalogue.byId.get(group.species);
              return profile ? [countedOf(group.count, profile)] : [];
            }),
          )}
          .
        </p>
      )}
      {answer.leftOut.length > 0 && (
        <ul className="max-w-[88ch]">
          {answer.leftOut.map(({ species, why }) => (
            <li key={species} className="border-b border-line py-1 sm:grid sm:grid-cols-[11rem_1fr] sm:gap-3">
              <span className="font-medium">{nameOf(species)}</span>{' '}
              <span className="text-slate">{say.finding(why)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** The smallest standard tank in which a wish list can live together, for a place on the wall. */
export function SizePart({ tank, wishes }: { readonly tank: TankView; readonly wishes: Wishes }) {
  const { ask, own, stop } = useLineUpsWorker();
  const [failure, setFailure] = useState<WorkerFailure | null>(null);
  const settings = useSettings();
  const [wall, setWall] = useState('');
  const [trying, setTrying] = useState<string | null>(null);
  const [answers, setAnswers] = useState<readonly (Answer | null)[]>([]);
  const { file } = wishes;
  const parsed = wall.trim() === '' ? null : parseQuantity('length', wall, settings.length);
  const wrong = parsed !== null && !(parsed.ok && parsed.quantity.core > 0);
  const sizes = sizesForPlace(
    {
      widthCm: parsed?.ok ? parsed.quantity.core : null,
      clearanceCm: USUAL_CLEARANCE_CM,
      depthCm: null,
      heightCm: null,
    },
    tanksSold(settings),
  );
  if (!file) return <Empty>Add fish you would like.</Empty>;
  const search = async (): Promise<void> => {
    setAnswers([]);
    setFailure(null);
    for (const [index, [share]] of SHARES.entries()) {
      const asked = await ask((remote, alive) =>
        remote.smallest(
          file,
          own,
          todayIso(),
          sizes,
          share,
          proxy((size: string) => {
            alive();
            setTrying(size);
          }),
        ),
      );
      if (!asked.ok) {
        setFailure(asked.why === 'cancelled' ? null : asked.why);
        break;
      }
      setAnswers((before) => [...before.slice(0, index), asked.value]);
    }
    setTrying(null);
  };
  return (
    <div className="flex max-w-[64rem] flex-col gap-4">
      <p className="max-w-[70ch] text-slate">
        The smallest standard size in which these {file.wishes.length} species, wished for or living in{' '}
        {tank.body.name}, can live together grown. Furnished like {tank.body.name}, with a lid.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="Length of the wall"
          placeholder="any length"
          wrap="w-44"
          value={wall}
          error={wrong ? 'Type a length such as 150 cm or 5 ft.' : undefined}
          onChange={(event) => setWall(event.target.value)}
        />
        <Button tone="main" disabled={wrong || trying !== null} onClick={() => search()}>
          Find size
        </Button>
        {trying !== null && (
          <span className="flex items-center gap-2" aria-live="polite">
            Checking {trying}
            <Button
              onClick={() => {
                stop();
                setTrying(null);
              }}
            >
              Stop
            </Button>
          </span>
        )}
      </div>
      {failure !== null && <Failed why={failureWords(failure) ?? ''} onAgain={() => void search()} />}
      {SHARES.map(([share, title], index) => {
        const answer = answers[index];
        // When nothing carries nine tenths, nothing carries all: said once.
        const said = index === 0 && answers[1] !== undefined && answers[1]?.size === null;
        return (
          answer &&
          !said && (
            <Section key={title} title={title}>
              <SizeAnswerView answer={answer} share={share} />
            </Section>
          )
        );
      })}
      <Caution>
        A full tank weighs far more than its glass. Ask a structural engineer before a large one stands on an
        upper floor.
      </Caution>
    </div>
  );
}
