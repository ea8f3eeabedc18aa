'use client';

import { useMemo } from 'react';
import { speciesChange } from '@/core/commands';
import { growthScores, longestMeasured, type OwnFigure, ownFigures, withOwnFigure } from '@/core/evidence';
import { changedPaths, commonName, type SpeciesProfile } from '@/core/model';
import { Button } from '@/ui/Button';
import { ownFigureWords, sayOwnFigure } from '@/words/en';
import { useCatalogue } from './RoomProvider';
import { useCommands } from './useCommands';
import { useKeptHere } from './useExperience';
import { useHappenings } from './useNames';
import { useWords } from './useWords';

/** Figures of species that this room's own fish contradict; one press makes each the keeper's own. Nothing where there is none. */
export function OwnFigures({ species }: { readonly species: readonly string[] }) {
  const catalogue = useCatalogue();
  const happenings = useHappenings();
  const kept = useKeptHere();
  const seen = useMemo(() => {
    const known = happenings ?? [];
    return { grown: growthScores(known, catalogue), longest: longestMeasured(known) };
  }, [happenings, catalogue]);
  const found = useMemo(
    () =>
      species.flatMap((id) => {
        const profile = catalogue.byId.get(id);
        return profile
          ? ownFigures(profile, {
              grown: seen.grown,
              longestCm: seen.longest.get(id),
              withOthers: kept?.get(id)?.withOthers,
            }).map((figure) => ({ profile, figure }))
          : [];
      }),
    [species, catalogue, seen, kept],
  );
  return found.length === 0 ? null : (
    <ul aria-label="What your own fish show">
      {found.map(({ profile, figure }) => (
        <Offer key={`${profile.id} ${figure.name}`} profile={profile} figure={figure} />
      ))}
    </ul>
  );
}

function Offer({ profile, figure }: { readonly profile: SpeciesProfile; readonly figure: OwnFigure }) {
  const { session, run } = useCommands();
  const words = useWords();
  const take = (): Promise<boolean> => {
    const own = withOwnFigure(profile, figure);
    const shipped = session.shipped.byId.get(profile.id);
    return run(`Your values for ${commonName(profile)}`, [
      speciesChange(profile.id, { profile: own, changed: shipped ? [...changedPaths(shipped, own)] : [] }),
    ]);
  };
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
      <span className="max-w-[84ch]">{sayOwnFigure(figure, profile.id, words)}</span>
      <Button onClick={take}>Use {ownFigureWords(figure, words)}</Button>
    </li>
  );
}
