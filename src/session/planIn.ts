import type { StandardTank } from '@/catalogue/standardTanks';
import { newTank } from '@/core/commands';
import type { Approach, PlanFile } from '@/core/model';

/** The tank that a press makes: of this size, judged by this approach. */
export function tankIn(
  { lengthCm, widthCm, heightCm }: StandardTank,
  approach: Approach,
  name: string,
  order: number,
): ReturnType<typeof newTank> {
  const body = newTank(name, 'display', { lengthCm, widthCm, heightCm }, order);
  return approach === 'middle' ? body : { ...body, practice: { ...body.practice, tankSize: approach } };
}

/** The same with its list, as the stock list will judge it. */
export function planIn(size: StandardTank, approach: Approach, groups: PlanFile['groups']): PlanFile {
  const { tank, water, routine, practice } = tankIn(size, approach, '', 1);
  return { format: 'lomvik-plan', version: 1, tank, water, routine, practice, groups };
}
