'use client';

import dynamic from 'next/dynamic';
import { countOf, everyOf, facetName } from '@/words/en';
import { speciesField } from '@/words/en/speciesFields';
import { speciesChange } from '@/core/commands';
import { useRouter, useSearchParams } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import {
  type Chosen,
  commonName,
  describedBy,
  facetsOf,
  foldName,
  hasFacets,
  isOfTheKeepersOwn,
  looksAs,
} from '@/core/model';
import { findSpecies } from '@/core/search';
import { useWords } from '@/session/react/useWords';
import { useCatalogue, useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useTabState } from '@/session/react/useTabState';
import { useCommands } from '@/session/react/useCommands';
import { Button } from '@/ui/Button';
import { FacetFilter } from '@/ui/FacetFilter';
import { classes } from '@/ui/classes';
import { TextField } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { NothingFound } from '@/ui/SpeciesSearch';
import { useRove } from '@/ui/useRove';
import { Profile } from './Profile';
import { SpeciesActs } from './SpeciesActs';
import { SpeciesRow } from './SpeciesRow';

const LooksGrid = dynamic(() => import('./LooksGrid').then((file) => file.LooksGrid), { ssr: false });
const SpeciesEditor = dynamic(() => import('./SpeciesEditor').then((file) => file.SpeciesEditor), {
  ssr: false,
});
const SpeciesFiles = dynamic(() => import('./SpeciesFiles').then((file) => file.SpeciesFiles), {
  ssr: false,
});

/** Every species there is, and the one that is read. */
export function CatalogueScreen() {
  const catalogue = useCatalogue();
  const router = useRouter();
  const address = useSearchParams();
  const wanted = address.get('species');
  const isByLooks = address.get('by') === 'looks';
  const words = useWords();
  const [typed, setTyped] = useTabState('catalogue.typed', '');
  const [chosen, setChosen] = useTabState<Chosen>('catalogue.facets', {});
  const [editing, setEditing] = useState<'copy' | 'change' | null>(null);
  const { session } = useRooms();
  const { run } = useCommands();
  const documents = useRoomState((state) => state.documents);
  const facets = useMemo(() => new Map(catalogue.all.map((one) => [one.id, facetsOf(one)])), [catalogue]);
  const sorted = useMemo(
    () => [...catalogue.all].sort((a, b) => commonName(a).localeCompare(commonName(b))),
    [catalogue],
  );
  // The letter is painted at once; what it finds follows.
  const asked = useDeferredValue(typed);
  const shown = useMemo(() => {
    const part = foldName(asked);
    const looks = describedBy(asked);
    const described = looks
      ? sorted.filter((one) => {
          const has = facets.get(one.id);
          return has !== undefined && looksAs(has, looks);
        })
      : [];
    const found = part === '' ? sorted : findSpecies(catalogue, asked);
    const places = sorted.filter(
      ({ region, family }) => part !== '' && [region, family].some((text) => foldName(text).includes(part)),
    );
    return [...new Set([...described, ...found, ...places])].filter((one) => {
      const has = facets.get(one.id);
      return has !== undefined && hasFacets(has, chosen);
    });
  }, [catalogue, sorted, asked, facets, chosen]);
  const hrefOf = (species: string | null, byLooks = isByLooks): string => {
    const query = new URLSearchParams({
      ...(species === null ? {} : { species }),
      ...(byLooks ? { by: 'looks' } : {}),
    }).toString();
    return `/catalogue${query === '' ? '' : `?${query}`}`;
  };
  // Each species that is read is a step: Back leads to the one before it.
  const go = (species: string | null, byLooks = isByLooks): void =>
    router.push(hrefOf(species, byLooks), { scroll: false });
  const list = useRef<HTMLDivElement>(null);
  const rove = useRove(shown.length, { first: shown.findIndex(({ id }) => id === wanted) });
  useEffect(() => {
    // After a reload or a step back the list stands at the species that is read.
    const box = list.current;
    const current = box?.querySelector<HTMLElement>('[aria-current="true"]');
    if (!box || !current) return;
    // Only the list moves, never the page.
    const top = current.getBoundingClientRect().top - box.getBoundingClientRect().top;
    if (top < 0 || top > box.clientHeight - current.offsetHeight) box.scrollTop += top;
  }, [wanted]);
  const forms = catalogue.all.filter(({ formOf }) => formOf !== null).length;
  // The row is marked at once; its profile follows.
  const reading = useDeferredValue(wanted);
  const profile = catalogue.byId.get(reading ?? '') ?? shown[0];
  const mine = profile ? documents[`species-${profile.id}`] : undefined;
  const isMine = mine?.kind === 'species' && mine.body !== null;
  const isOwn = isMine && mine.body !== null && isOfTheKeepersOwn(mine.body);
  const isShippedToo = profile !== undefined && session.shipped.byId.has(profile.id);
  return (
    <Screen
      title="Catalogue"
      about={`${catalogue.all.length - forms} species and ${countOf(forms, 'form')}, each with source and confidence.`}
      actions={<SpeciesFiles />}
    >
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div className={wanted ? 'max-lg:hidden' : ''}>
          <TextField
            label="Search by name, looks (“small blue striped”), region or family"
            type="search"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <div className="mt-2">
            <FacetFilter
              chosen={chosen}
              onChange={setChosen}
              nameOf={(facet, value) => facetName(facet, value, words)}
              narrow
            />
          </div>
          <div className="mt-1 flex items-center justify-between gap-3">
            <p className="text-[0.75rem] text-slate" aria-live="polite">
              {shown.length} of {catalogue.all.length}
            </p>
            <div role="group" aria-label="Show as" className="flex text-[0.8125rem]">
              {[false, true].map((looks) => (
                <button
                  key={String(looks)}
                  type="button"
                  aria-pressed={isByLooks === looks}
                  className={classes(
                    'min-h-8 px-2',
                    isByLooks === looks ? 'font-semibold text-ink underline' : 'text-deep',
                  )}
                  onClick={() => go(profile?.id ?? null, looks)}
                >
                  {looks ? 'By looks' : 'Table'}
                </button>
              ))}
            </div>
          </div>
          {isByLooks && shown.length > 0 ? (
            <LooksGrid shown={shown} current={profile} hrefOf={(one) => hrefOf(one.id)} />
          ) : (
            <div
              ref={list}
              {...rove.keys}
              className="mt-1 h-[calc(100dvh-17rem)] min-h-64 overflow-y-auto border-t border-line"
              role="region"
              aria-label="Species"
            >
              <ul>
                {shown.map((one, at) => (
                  <li key={one.id}>
                    <SpeciesRow
                      profile={one}
                      href={hrefOf(one.id)}
                      at={at}
                      tabIndex={rove.tabIndexOf(at)}
                      isRead={one === profile}
                    />
                  </li>
                ))}
              </ul>
              {shown.length === 0 && typed.trim() === '' && (
                <p className="p-2 text-slate">No species matches.</p>
              )}
              {shown.length === 0 && typed.trim() !== '' && (
                <NothingFound
                  catalogue={catalogue}
                  typed={typed}
                  onPick={(one) => {
                    setTyped('');
                    go(one.id);
                  }}
                />
              )}
            </div>
          )}
        </div>
        {profile && (
          <div className={wanted ? '' : 'max-lg:hidden'}>
            {wanted && (
              <button
                type="button"
                className="mb-2 min-h-8 text-deep underline lg:hidden"
                onClick={() => go(null)}
              >
                all species
              </button>
            )}
            <SpeciesActs profile={profile} />
            <div className="no-print mb-2 flex flex-wrap gap-2">
              <Button onClick={() => setEditing('copy')}>Copy and edit values</Button>
              <Button onClick={() => setEditing('change')}>{isOwn ? 'Change' : 'Edit values'}</Button>
              {isMine && (
                <Button
                  tone="quiet"
                  onClick={() =>
                    run(
                      isOwn
                        ? `Removed ${commonName(profile)}`
                        : `Back to shipped values of ${commonName(profile)}`,
                      [speciesChange(profile.id, null)],
                    )
                  }
                >
                  {isOwn ? 'Remove' : 'Back to shipped values'}
                </Button>
              )}
            </div>
            {isMine && (
              <p className="mb-2 border-l-2 border-deep pl-3 text-[0.8125rem] text-slate">
                {isOwn
                  ? isShippedToo
                    ? 'Your own species. The catalogue has one of this name now too; yours is kept until you remove it.'
                    : 'Your own species.'
                  : `Your values for: ${everyOf((mine.body?.changed ?? []).map(speciesField)) || 'nothing'}. The shipped entry stays.`}
              </p>
            )}
            <Profile profile={profile} />
          </div>
        )}
      </div>
      {editing && profile && (
        <SpeciesEditor
          key={profile.id + editing}
          mode={editing}
          profile={profile}
          catalogue={catalogue}
          shipped={session.shipped}
          onClose={() => setEditing(null)}
          onSave={(species) => {
            void run(
              editing === 'copy'
                ? `Added ${commonName(species.profile)}`
                : `Your values for ${commonName(species.profile)}`,
              [speciesChange(species.profile.id, species)],
            );
            go(species.profile.id);
          }}
        />
      )}
    </Screen>
  );
}
