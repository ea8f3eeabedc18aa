'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { commonName, foldName, namesOf } from '@/core/model/catalogue';
import { adultLengthCm } from '@/core/model/species';
import { span } from '@/core/rules/words';
import { useCatalogue } from '@/session/react/RoomProvider';
import { classes } from '@/ui/classes';
import { TextField } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Profile } from './Profile';

/** Every species there is, and the one that is read. */
export function CatalogueScreen() {
  const catalogue = useCatalogue();
  const router = useRouter();
  const wanted = useSearchParams().get('species');
  const [words, setWords] = useState('');
  const sorted = useMemo(
    () => [...catalogue.all].sort((a, b) => commonName(a).localeCompare(commonName(b))),
    [catalogue],
  );
  const shown = useMemo(() => {
    const parts = foldName(words).split(' ').filter(Boolean);
    return sorted.filter((profile) => {
      const text = `${namesOf(profile).join(' ')} ${foldName(profile.region)} ${foldName(profile.family)}`;
      return parts.every((part) => text.includes(part));
    });
  }, [sorted, words]);
  const profile = catalogue.byId.get(wanted ?? '') ?? shown[0];
  return (
    <Screen
      title="Catalogue"
      about={`${catalogue.all.length} species, filled from general knowledge of husbandry. Each says what it rests on and how sure it is.`}
    >
      <div className="grid gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div className={wanted ? 'max-lg:hidden' : ''}>
          <TextField
            label="Search by name, region or family"
            type="search"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <div
            className="mt-2 h-[calc(100dvh-13rem)] overflow-y-auto border-t border-line"
            tabIndex={0}
            role="region"
            aria-label="Species"
          >
            <ul>
              {shown.map((one) => (
                <li key={one.id}>
                  <button
                    type="button"
                    aria-current={one === profile ? 'true' : undefined}
                    onClick={() => router.replace(`/catalogue?species=${one.id}`, { scroll: false })}
                    className={classes(
                      'grid w-full grid-cols-[1fr_4.5rem_5.5rem] items-baseline gap-2 border-b border-line px-2 py-1.5 text-left hover:bg-panel',
                      one === profile && 'bg-panel',
                    )}
                  >
                    <span>
                      {commonName(one)} <i className="text-[12px] text-slate">{one.scientificName}</i>
                    </span>
                    <span className="fig text-right">{adultLengthCm(one)} cm</span>
                    <span className="fig text-right text-slate">
                      {span(one.water.tankBred.temperatureC, '°C')}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
            {shown.length === 0 && <p className="p-2 text-slate">No species matches.</p>}
          </div>
        </div>
        {profile && (
          <div className={wanted ? '' : 'max-lg:hidden'}>
            {wanted && (
              <button
                type="button"
                className="mb-2 min-h-8 text-deep underline lg:hidden"
                onClick={() => router.replace('/catalogue', { scroll: false })}
              >
                all species
              </button>
            )}
            <Profile profile={profile} catalogue={catalogue} />
          </div>
        )}
      </div>
    </Screen>
  );
}
