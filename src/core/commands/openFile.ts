import { appendOf, type Change, type Stamp } from '../gate';
import type { LifeFile } from '../formats';
import type { DocumentId, ResidentId, TankId } from '../kernel';
import { type Catalogue, type PlanFile, resolveSpecies } from '../model';
import type { DocumentBodies } from '../records';
import { draftChange, putChange, tankChange } from './documentChanges';
import { freshId } from './made';
import { newTank } from './newTank';

/** The tank of a plan, as a tank of the room. */
export function tankOfPlan(plan: PlanFile, name: string, order: number): DocumentBodies['tank'] {
  const body = newTank(name, 'display', plan.tank, order);
  return {
    ...body,
    tank: { ...body.tank, ...plan.tank },
    water: plan.water ?? {},
    routine: { ...body.routine, ...plan.routine },
    practice: { ...body.practice, ...plan.practice },
  };
}

/** A plan becomes a new tank with its list; species are listed by identifier, by whatever name the file calls them. */
export function openPlan(
  plan: PlanFile,
  {
    name,
    order,
    catalogue,
  }: { readonly name: string; readonly order: number; readonly catalogue: Catalogue },
  stamp: Stamp,
): { readonly tank: TankId; readonly changes: readonly Change[] } {
  const tank = freshId<TankId>(stamp);
  const groups = plan.groups.map((group) => {
    const found = resolveSpecies(catalogue, group.species);
    return { key: freshId<string>(stamp), group: found.ok ? { ...group, species: found.profile.id } : group };
  });
  return {
    tank,
    changes: [tankChange(tank, tankOfPlan(plan, name, order)), draftChange(tank, groups)],
  };
}

/** A fish comes with its story: as an arrival of today, and what its former keeper wrote of it. */
export function openLife(life: LifeFile, tank: TankId, stamp: Stamp): readonly Change[] {
  const id = freshId<ResidentId>(stamp);
  const single = life.count === 1;
  return [
    appendOf(
      {
        type: 'came',
        on: stamp.now(),
        tank,
        species: life.species,
        members: [
          {
            id,
            name: life.name,
            count: life.count,
            individual: single,
            sex: single ? life.sex : 'unknown',
            males: null,
            females: null,
          },
        ],
        lengthCm: life.lengthCm,
        origin: life.origin,
        from: life.keeper,
        note: 'Arrived with its history.',
        way: 'private',
        bornAbout: life.bornAbout,
      },
      stamp,
    ),
    putChange('former-life', `former-life-${id}` as DocumentId, {
      resident: id,
      keeper: life.keeper,
      story: [...life.story],
      lengths: [...life.lengths],
    }),
  ];
}
