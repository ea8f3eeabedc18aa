'use client';

import { useState } from 'react';
import { commonName, type SpeciesProfile } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useHeadCount } from '@/session/react/useHeadCount';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

function CountRow({
  tank,
  profile,
  expected,
}: {
  readonly tank: TankView;
  readonly profile: SpeciesProfile;
  readonly expected: number;
}) {
  const record = useHeadCount(tank.id);
  const [seen, setSeen] = useState(expected);
  const name = commonName(profile);
  return (
    <li className="flex items-center justify-between gap-2 border-b border-line py-1">
      <span className="min-w-0">
        <FishName profile={profile} href={profileHref(profile.id)}>
          {name} <span className="fig text-slate">{expected} on record</span>
        </FishName>
      </span>
      <span className="flex items-center gap-1">
        <Button
          large
          className="min-w-11"
          aria-label={`One ${name} fewer seen`}
          onClick={() => setSeen(Math.max(0, seen - 1))}
        >
          −
        </Button>
        <span
          className="fig w-8 text-center text-[1rem]"
          aria-live="polite"
          aria-label={`${seen} ${name} seen`}
        >
          {seen}
        </span>
        <Button
          large
          className="min-w-11"
          aria-label={`One more ${name} seen`}
          onClick={() => setSeen(seen + 1)}
        >
          +
        </Button>
        <Button large onClick={() => record(profile, seen)} aria-label={`Save the count of ${name}`}>
          Count
        </Button>
      </span>
    </li>
  );
}

/** Fish seen, species by species. A count says what was seen; it does not change the record. */
export function CountHeads({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const catalogue = useCatalogue();
  const speciesHere = [...new Set(residents.map((resident) => resident.species))];
  return (
    <ul>
      {speciesHere.map((species) => {
        const profile = catalogue.byId.get(species);
        const expected = residents
          .filter((resident) => resident.species === species)
          .reduce((sum, resident) => sum + resident.count, 0);
        return profile ? (
          <CountRow key={`${species}${expected}`} tank={tank} profile={profile} expected={expected} />
        ) : null;
      })}
    </ul>
  );
}
