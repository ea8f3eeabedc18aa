'use client';

import { roomPlan } from '@/core/assess';
import { changeWishes, changeWishList, noWishes, ofTank } from '@/core/commands';
import { useMemo } from 'react';
import type { DocumentBodies, KeptWish } from '@/core/records';
import { type WishesFile, wishesOfGroups } from '@/core/lineups';
import { commonName, type SpeciesProfile } from '@/core/model';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { MIDDLING } from '@/session/react/useSpeciesActs';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';

type WishesBody = DocumentBodies['wishes'];

/** A problem weighs as much as half a small wish while nobody says. */
export const TROUBLE = 0.5;

/** The wish list of a tank, what it amounts to for the search, and the ways to change it. */
export function useWishes(tank: TankView) {
  const catalogue = useCatalogue();
  const { run, keepTyped } = useCommands();
  const residents = useResidents(tank.id);
  const document = useRoomState((state) => state.documents[ofTank('wishes', tank.id)]);
  const body = useMemo<WishesBody>(
    () => (document?.kind === 'wishes' && document.body ? document.body : noWishes(tank.id)),
    [document, tank.id],
  );

  /** Species that live here stay, as they are: the search builds around them. */
  const staying = useMemo(
    () =>
      wishesOfGroups(
        roomPlan(tank.body, residents, [], catalogue, todayIso()).groups.filter(({ species }) =>
          catalogue.byId.has(species),
        ),
      ),
    [tank.body, residents, catalogue],
  );
  const living = useMemo(
    () => new Map(staying.map(({ species, counts }) => [species, counts[0]])),
    [staying],
  );

  const file = useMemo<WishesFile | null>(() => {
    const wishes = body.wishes
      .filter((wish) => catalogue.byId.has(wish.species) && !living.has(wish.species))
      .map(({ price: _price, ...wish }) => wish);
    if (wishes.length === 0) return null;
    const { tank: box, water, routine, practice } = tank.body;
    return {
      tank: box,
      water,
      routine,
      practice,
      wishes: [...staying, ...wishes],
      ...(body.calm === true ? { calm: true } : {}),
      trouble: body.trouble ?? TROUBLE,
      ...(body.nitrateBudget === undefined ? {} : { nitrateBudget: body.nitrateBudget }),
    };
  }, [body, tank.body, staying, living, catalogue]);

  const remake = (label: string, how: (wishes: readonly KeptWish[]) => readonly KeptWish[], quiet = true) =>
    run(label, ({ documents }) => changeWishes(documents, tank.id, how), quiet);
  const set = (how: Partial<Pick<WishesBody, 'calm' | 'nitrateBudget' | 'trouble'>>) =>
    run('Wishes changed', ({ documents }) => changeWishList(documents, tank.id, how), true);

  const change = (species: string, how: Partial<KeptWish>): Promise<string | null> =>
    keepTyped('Wish changed', ({ documents }) =>
      changeWishes(documents, tank.id, (wishes) =>
        wishes.map((wish) => (wish.species === species ? { ...wish, ...how } : wish)),
      ),
    );

  const listed = new Set(body.wishes.map((wish) => wish.species));
  return {
    body,
    file,
    living,
    set,
    /** Adds what is not there yet; `count` is looked at alone, where one was said, also for a wish that is there. */
    add: (profiles: readonly SpeciesProfile[], count: number | null = null) => {
      const again = count === null ? [] : profiles.filter(({ id }) => listed.has(id));
      for (const { id } of again) void change(id, { counts: [count as number] });
      const fresh = profiles.filter(({ id }) => !listed.has(id) && !living.has(id));
      if (fresh.length === 0) return;
      const [first] = fresh;
      void remake(
        fresh.length === 1 && first ? `Added wish: ${commonName(first)}` : `Added ${fresh.length} wishes`,
        (wishes) => [
          ...wishes,
          ...fresh.map(({ id }) => ({
            species: id,
            weight: MIDDLING,
            ...(count === null ? {} : { counts: [count] }),
          })),
        ],
        fresh.length === 1,
      );
    },
    change,
    lock: (species: readonly string[], mustHave: boolean) =>
      void remake(mustHave ? 'Locked' : 'Unlocked', (wishes) =>
        wishes.map((wish) => (species.includes(wish.species) ? { ...wish, mustHave } : wish)),
      ),
    remove: (species: string) =>
      void remake('Wish removed', (wishes) => wishes.filter((wish) => wish.species !== species), false),
    clear: () => void remake('Wish list cleared', () => [], false),
  };
}

export type Wishes = ReturnType<typeof useWishes>;
