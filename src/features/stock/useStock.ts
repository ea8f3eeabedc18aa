'use client';

import { useSayings } from '@/session/react/useSayings';
import type { Cm, TankId } from '@/core/kernel';
import { addGroups, decideToGo, listedIn, tankChange } from '@/core/commands';
import { useMemo } from 'react';
import { applyEdit, type Editable, lengthToday } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { adultLengthCm, type Catalogue, commonName, type PlanGroup, type SpeciesProfile } from '@/core/model';
import { editOf, type Fix, type PlanEdit } from '@/core/rules';
import { countedOf, countOf, everyOf } from '@/words/en';
import { newId } from '@/session/browserStamp';
import { useCatalogue } from '@/session/react/RoomProvider';
import { listChange, useCommands } from '@/session/react/useCommands';
import { useAssessment } from '@/session/react/useAssessment';
import { livingIn, useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { coloursFor } from '@/ui/colourOf';

/** One line of the stock list: a species that lives here, or a group that is listed. */
export interface StockLine {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: Cm;
  readonly colour: string;
  readonly listed: DraftGroup | null;
  readonly residents: readonly Resident[];
}

/** Lines of listed groups: the same object while the group and its colour are. */
const LISTED_LINES = new WeakMap<DraftGroup, StockLine>();

function listedLine(entry: DraftGroup, profile: SpeciesProfile, colour: string): StockLine {
  const before = LISTED_LINES.get(entry);
  if (before?.profile === profile && before.colour === colour) return before;
  const line: StockLine = {
    key: entry.key,
    profile,
    count: entry.group.count,
    lengthCm: entry.group.lengthCm ?? adultLengthCm(profile),
    colour,
    listed: entry,
    residents: [],
  };
  LISTED_LINES.set(entry, line);
  return line;
}

function livingLines(
  residents: readonly Resident[],
  catalogue: Catalogue,
  colours: ReadonlyMap<string, string>,
): readonly StockLine[] {
  const bySpecies = new Map<string, Resident[]>();
  for (const resident of residents)
    bySpecies.set(resident.species, [...(bySpecies.get(resident.species) ?? []), resident]);
  return [...bySpecies].flatMap(([species, members]) => {
    const profile = catalogue.byId.get(species);
    if (!profile) return [];
    const lengthCm = Math.max(...members.map((member) => lengthToday(member, catalogue, todayIso())));
    return [
      {
        key: `here-${species}`,
        profile,
        count: members.reduce((sum, member) => sum + member.count, 0),
        lengthCm,
        colour: colours.get(species) ?? '',
        listed: null,
        residents: members,
      },
    ];
  });
}

const editableOf = (
  tank: TankView['body'],
  listed: readonly DraftGroup[],
  residents: readonly Resident[],
  catalogue: Catalogue,
): Editable => ({
  tank,
  listed,
  living: residents.reduce<Record<string, number>>(
    (sum, resident) => ({ ...sum, [resident.species]: (sum[resident.species] ?? 0) + resident.count }),
    {},
  ),
  profileOf: (species) => catalogue.byId.get(species),
});

/** Those that live here and are to go by a fix that leaves a whole species out, unless that is decided already. */
const leavers = (edit: PlanEdit, residents: readonly Resident[]): readonly Resident[] =>
  edit.kind === 'leave-out'
    ? residents.filter(({ species, count, toGo }) => species === edit.species && (toGo?.count ?? 0) < count)
    : [];

/** The stock list of a tank, its verdict, and the ways to change it. */
export function useStock(tank: TankView) {
  const catalogue = useCatalogue();
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const assessment = useAssessment(tank, residents, listed);

  // The same colours while the same species are there, however many of each.
  const speciesKey = [
    ...new Set([...residents.map((one) => one.species), ...listed.map((one) => one.group.species)]),
  ]
    .sort()
    .join(' ');
  const colours = useMemo(() => coloursFor(speciesKey === '' ? [] : speciesKey.split(' ')), [speciesKey]);
  const living = useMemo(() => livingLines(residents, catalogue, colours), [residents, catalogue, colours]);
  const lines = useMemo<readonly StockLine[]>(
    () => [
      ...living,
      ...listed.flatMap((entry) => {
        const profile = catalogue.byId.get(entry.group.species);
        return profile ? [listedLine(entry, profile, colours.get(profile.id) ?? '')] : [];
      }),
    ],
    [living, listed, catalogue, colours],
  );
  const actions = useStockActions(tank.id);
  // Another function where the tank, its fish or the species on the list are others: what may be done is asked again.
  const canDo = useMemo(
    () => (edit: PlanEdit) => actions.canDo(edit),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- they decide what can be done, though they are read elsewhere
    [actions, tank.body, residents, speciesKey],
  );
  return {
    residents,
    listed,
    lines,
    colours,
    assessment,
    ...actions,
    canDo,
  };
}

/** Ways to change a tank's list. They stay the same while the list changes: each works on what there is when its turn comes. */
function useStockActions(tank: TankId) {
  const say = useSayings();
  const { session, run, keepTyped } = useCommands();
  const catalogue = useCatalogue();
  return useMemo(() => {
    const remake = (
      label: string,
      how: (groups: readonly DraftGroup[]) => readonly DraftGroup[],
      quiet = false,
    ) => run(label, listChange(tank, how), quiet);
    return {
      add: (group: PlanGroup, profile: SpeciesProfile) =>
        run(`Listed ${countedOf(group.count, profile)}`, ({ documents }) => [
          addGroups(documents, tank, [group], session.stamp),
        ]),
      addAll: (groups: readonly PlanGroup[]) =>
        run(`Listed ${countOf(groups.length, 'group')}`, ({ documents }) => [
          addGroups(documents, tank, groups, session.stamp),
        ]),
      change: (key: string, how: (group: PlanGroup) => PlanGroup) =>
        remake(
          'List changed',
          (groups) =>
            groups.map((entry) => (entry.key === key ? { ...entry, group: how(entry.group) } : entry)),
          true,
        ),
      /** Says where one listed species, or all that are listed, come from. */
      originOf: (species: string | null, origin: NonNullable<PlanGroup['origin']>) =>
        void remake(`Origin of ${species === null ? 'the list' : 'a species'} changed`, (groups) =>
          groups.map((entry) =>
            species === null || entry.group.species === species
              ? { ...entry, group: { ...entry.group, origin } }
              : entry,
          ),
        ),
      remove: (key: string, profile: SpeciesProfile) =>
        remake(`Left out ${commonName(profile)}`, (groups) => groups.filter((entry) => entry.key !== key)),
      /** Leaves out all groups of these species in one go. */
      leaveOut: (profiles: readonly SpeciesProfile[]) =>
        remake(`Left out ${everyOf(profiles.map(commonName))}`, (groups) =>
          groups.filter((entry) => !profiles.some((profile) => profile.id === entry.group.species)),
        ),
      /** What is said of a listed group for the shop: its price, how many to buy. */
      order: async (key: string, how: Pick<DraftGroup, 'price' | 'buy' | 'shop'>): Promise<string | null> =>
        keepTyped(
          'Shopping list changed',
          listChange(tank, (groups) =>
            groups.map((entry) => (entry.key === key ? { ...entry, ...how } : entry)),
          ),
        ),
      /** Whether one press can make this edit of the list as it is shown. */
      canDo: (edit: PlanEdit): boolean => {
        const { documents, room } = session.state.getState();
        const document = documents[tank];
        if (document?.kind !== 'tank' || !document.body) return false;
        const living = livingIn(room, tank);
        const now = editableOf(document.body, listedIn(documents, tank), living, catalogue);
        return applyEdit(edit, now, 'probe') !== null || leavers(edit, living).length > 0;
      },
      doFix: (fix: Fix) => {
        const edit = editOf(fix);
        if (!edit) return;
        const profile = edit.kind === 'leave-out' ? catalogue.byId.get(edit.species) : undefined;
        const rehomes = 'edit' in fix ? (fix.rehomes ?? 0) : 0;
        const label =
          profile && rehomes > 0 ? `${countedOf(rehomes, profile)} to go: see Departures` : say.fix(fix);
        void run(label, (state) => {
          const document = state.documents[tank];
          if (document?.kind !== 'tank' || !document.body) return [];
          const listed = listedIn(state.documents, tank);
          const living = livingIn(state.room, tank);
          const going = leavers(edit, living);
          if (edit.kind === 'leave-out' && going.length > 0)
            return [
              ...(listed.some(({ group }) => group.species === edit.species)
                ? listChange(tank, () => listed.filter(({ group }) => group.species !== edit.species))(state)
                : []),
              ...going.map(({ id, count }) =>
                decideToGo(
                  {
                    on: momentOn(todayIso()),
                    resident: id,
                    count,
                    reason: 'other',
                    taker: '',
                    note: 'A problem of the stock list.',
                  },
                  session.stamp,
                ),
              ),
            ];
          const now = editableOf(document.body, listed, living, catalogue);
          const edited = applyEdit(edit, now, newId<string>());
          if (!edited) return [];
          return 'tank' in edited
            ? [tankChange(tank, edited.tank)]
            : listChange(tank, () => edited.listed)(state);
        });
      },
    };
  }, [run, keepTyped, session, tank, catalogue, say]);
}
