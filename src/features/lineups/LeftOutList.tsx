'use client';

import { useSayings } from '@/session/react/useSayings';
import { useUnits } from '@/session/react/useUnits';
import { useWords } from '@/session/react/useWords';
import { useState } from 'react';
import type { WishesFile } from '@/core/lineups';
import { commonName } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useLineUpsWorker } from '@/session/react/useLineUps';
import { todayIso } from '@/session/today';
import type { Found } from '@/workers/lineUpsWork';
import { failureWords, type WorkerFailure } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { Section } from '@/ui/Screen';
import { changeWords } from './changeWords';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

/** What a line-up does without: the pair or the limit that keeps each wish out, and what would let it in. */
export function LeftOutList({
  file,
  found,
  place,
}: {
  readonly file: WishesFile;
  readonly found: Found;
  readonly place: number;
}) {
  const words = useWords();
  const units = useUnits();
  const catalogue = useCatalogue();
  const { ask: askWorker, own } = useLineUpsWorker();
  const say = useSayings();
  const [failed, setFailed] = useState<{ readonly species: string; readonly why: WorkerFailure } | null>(
    null,
  );
  const [takes, setTakes] = useState<Readonly<Record<string, string>>>({});
  const ask = async (species: string): Promise<void> => {
    const profile = catalogue.byId.get(species);
    if (!profile) return;
    const wish = file.wishes.find((one) => one.species === species);
    const count = Math.min(...(wish?.counts?.length ? wish.counts : [profile.company.smallestGroup]));
    setFailed(null);
    const asked = await askWorker((remote) =>
      remote.takes(file, own, todayIso(), found.groups, { species, count }, units),
    );
    if (asked.ok)
      setTakes((before) => ({ ...before, [species]: changeWords(asked.value, catalogue, words) }));
    else if (asked.why !== 'cancelled') setFailed({ species, why: asked.why });
  };
  if (found.leftOut.length === 0) return <p className="text-slate">Line-up {place} leaves out no wish.</p>;
  return (
    <Section
      title={`What line-up ${place} leaves out, and why`}
      aside={
        <Button tone="quiet" onClick={() => found.leftOut.forEach(({ species }) => void ask(species))}>
          What would each need?
        </Button>
      }
    >
      {failed && <Failed why={failureWords(failed.why) ?? ''} onAgain={() => void ask(failed.species)} />}
      <ul className="max-w-[88ch]">
        {found.leftOut.map(({ species, why }) => {
          const profile = catalogue.byId.get(species);
          return (
            <li
              key={species}
              className="border-b border-line py-1.5 sm:grid sm:grid-cols-[11rem_1fr] sm:gap-3"
            >
              <span className="font-medium">
                <FishName profile={profile} href={profile && profileHref(species)}>
                  {profile ? commonName(profile) : species}
                </FishName>
              </span>{' '}
              <span>
                {say.finding(why)}{' '}
                {takes[species] === undefined ? (
                  <Button tone="quiet" onClick={() => ask(species)}>
                    What would it need?
                  </Button>
                ) : (
                  <span className="block text-slate" aria-live="polite">
                    {takes[species]}
                  </span>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
