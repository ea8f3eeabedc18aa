'use client';

import { useEffect, useMemo } from 'react';
import type { RoomNames } from '@/words/en';
import { effective, marksOf, readSomebody, type Resident, type Room, type Standing } from '@/core/events';
import { type Catalogue, commonName } from '@/core/model';
import { useCatalogue, useRooms, useRoomState } from './RoomProvider';
import { tanksOf } from './useTanks';

/** How the residents of a room are called, worked out once for all that ask. */
const MARKS = new WeakMap<Room, WeakMap<Catalogue, ReadonlyMap<string, string>>>();

function marksIn(room: Room, catalogue: Catalogue): ReadonlyMap<string, string> {
  const ofRoom = MARKS.get(room) ?? new WeakMap<Catalogue, ReadonlyMap<string, string>>();
  MARKS.set(room, ofRoom);
  const known = ofRoom.get(catalogue);
  if (known) return known;
  const marks = marksOf(room, (species) => {
    const profile = catalogue.byId.get(species);
    return profile ? commonName(profile) : species;
  });
  ofRoom.set(catalogue, marks);
  return marks;
}

/** How a resident is called on every screen: its name, else its species and number; no two alike. */
export function useResidentName(): (resident: Pick<Resident, 'id'> | undefined) => string {
  const catalogue = useCatalogue();
  const room = useRoomState((state) => state.room);
  return useMemo(
    () => (resident) => (resident && marksIn(room, catalogue).get(resident.id)) ?? 'somebody unknown',
    [catalogue, room],
  );
}

/** "a male yellow lab", where a contest names nobody nearer; null for a resident. */
function somebodyWords(id: string, catalogue: Catalogue): string | null {
  const some = readSomebody(id);
  if (!some) return null;
  const profile = catalogue.byId.get(some.species);
  return `a ${some.sex === 'unknown' ? '' : `${some.sex} `}${profile ? commonName(profile) : some.species}`;
}

/** Names of tanks and residents for sentences. */
export function useNames(): RoomNames {
  const catalogue = useCatalogue();
  const documents = useRoomState((state) => state.documents);
  const room = useRoomState((state) => state.room);
  const nameOf = useResidentName();
  return useMemo(() => {
    const tanks = new Map<string, string>(tanksOf(documents).map((tank) => [tank.id, tank.body.name]));
    return {
      tank: (id) => tanks.get(id) ?? 'a removed tank',
      resident: (id) => somebodyWords(id, catalogue) ?? nameOf(room.residents[id]),
    };
  }, [catalogue, documents, room, nameOf]);
}

const NOTHING: readonly Standing[] = [];

/** Everything that happened, after corrections; null until the journal has been read. */
export function useHappenings(): readonly Standing[] | null {
  const { session } = useRooms();
  const entries = useRoomState((state) => state.entries);
  useEffect(() => {
    if (entries === null) void session.journal();
  }, [session, entries]);
  return useMemo(
    () => (entries === null ? null : entries.length === 0 ? NOTHING : effective(entries)),
    [entries],
  );
}
