'use client';

import { useCallback, useMemo } from 'react';
import { applyEdit } from '@/core/assess/applyEdit';
import { lengthToday } from '@/core/assess/roomPlan';
import type { DraftGroup } from '@/core/journal/documents';
import type { Resident } from '@/core/journal/room';
import { commonName, type Catalogue } from '@/core/model/catalogue';
import type { PlanGroup } from '@/core/model/plan';
import type { SpeciesProfile } from '@/core/model/species';
import type { Fix, PlanEdit } from '@/core/rules/finding';
import { newId } from '@/session/browserStamp';
import { useCatalogue } from '@/session/react/RoomProvider';
import { listChange, tankChange, useCommands } from '@/session/react/useCommands';
import { useAssessment } from '@/session/react/useAssessment';
import { useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { coloursFor } from '@/ui/colourOf';

/** One line of the stock list: a kind that lives here, or a group that is listed. */
export interface StockLine {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: number;
  readonly colour: string;
  readonly listed: DraftGroup | null;
  readonly residents: readonly Resident[];
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

/** The stock list of a tank, its verdict, and the ways to change it. */
export function useStock(tank: TankView) {
  const catalogue = useCatalogue();
  const { run } = useCommands();
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const assessment = useAssessment(tank, residents, listed);

  const colours = useMemo(
    () =>
      coloursFor([
        ...residents.map((resident) => resident.species),
        ...listed.map((entry) => entry.group.species),
      ]),
    [residents, listed],
  );
  const lines = useMemo<readonly StockLine[]>(
    () => [
      ...livingLines(residents, catalogue, colours),
      ...listed.flatMap((entry) => {
        const profile = catalogue.byId.get(entry.group.species);
        if (!profile) return [];
        const lengthCm = entry.group.lengthCm ?? Math.max(profile.size.maleCm, profile.size.femaleCm);
        return [
          {
            key: entry.key,
            profile,
            count: entry.group.count,
            lengthCm,
            colour: colours.get(profile.id) ?? '',
            listed: entry,
            residents: [],
          },
        ];
      }),
    ],
    [residents, listed, catalogue, colours],
  );

  const remake = useCallback(
    (label: string, how: (groups: readonly DraftGroup[]) => readonly DraftGroup[], quiet = false) =>
      run(label, listChange(tank.id, how), quiet),
    [run, tank.id],
  );

  const editable = useMemo(
    () => ({
      tank: tank.body,
      listed,
      living: residents.reduce<Record<string, number>>(
        (sum, resident) => ({ ...sum, [resident.species]: (sum[resident.species] ?? 0) + resident.count }),
        {},
      ),
      profileOf: (species: string) => catalogue.byId.get(species),
    }),
    [tank.body, listed, residents, catalogue],
  );

  return {
    residents,
    listed,
    lines,
    colours,
    assessment,
    add: (group: PlanGroup, profile: SpeciesProfile) =>
      remake(`Listed ${group.count} ${commonName(profile)}`, (groups) => [
        ...groups,
        { key: newId<string>(), group },
      ]),
    change: (key: string, how: (group: PlanGroup) => PlanGroup) =>
      remake(
        'List changed',
        (groups) =>
          groups.map((entry) => (entry.key === key ? { ...entry, group: how(entry.group) } : entry)),
        true,
      ),
    remove: (key: string, profile: SpeciesProfile) =>
      remake(`Left out ${commonName(profile)}`, (groups) => groups.filter((entry) => entry.key !== key)),
    /** What is said of a listed group for the shop: its price, how many to buy. */
    order: (key: string, how: Pick<DraftGroup, 'price' | 'buy'>) =>
      remake('Shopping list changed', (groups) =>
        groups.map((entry) => (entry.key === key ? { ...entry, ...how } : entry)),
      ),
    /** Whether one press can do this fix. */
    canDo: (edit: PlanEdit) => applyEdit(edit, editable, 'probe') !== null,
    doFix: (fix: Fix) => {
      const edited = fix.edit && applyEdit(fix.edit, editable, newId<string>());
      if (!edited) return;
      void run(
        fix.text,
        'tank' in edited ? [tankChange(tank.id, edited.tank)] : listChange(tank.id, () => edited.listed),
      );
    },
  };
}
