import { type Fault, faultOf } from '../kernel';
import type { Member } from './define';
import type { Resident, Room } from './room';

/** Known males and females of so many animals. */
export function sexFaults(
  {
    males,
    females,
    count,
  }: {
    readonly males?: number | null | undefined;
    readonly females?: number | null | undefined;
    readonly count: number;
  },
  path = '',
): readonly Fault[] {
  const [him, her] = [males ?? 0, females ?? 0];
  return him + her > count
    ? [faultOf(`${path}males`, { is: 'sexes', males: him, females: her, count }, him + her)]
    : [];
}

/** What contradicts itself in newcomers: one twice, one that is there already, an individual of many. */
export function newcomerFaults(members: readonly Member[], room: Room, path: string): readonly Fault[] {
  const seen = new Set<string>();
  return members.flatMap((member, i): readonly Fault[] => {
    const at = members.length === 1 && path === 'member' ? `${path}.` : `${path}[${i}].`;
    const twice = seen.has(member.id) || Object.hasOwn(room.residents, member.id);
    seen.add(member.id);
    return [
      ...(twice ? [faultOf(`${at}id`, { is: 'new here' }, member.id)] : []),
      ...(member.individual && member.count !== 1
        ? [faultOf(`${at}count`, { is: 'exactly', value: 1, for: 'individual' }, member.count)]
        : []),
      ...sexFaults(member, at),
    ];
  });
}

/** A resident as it is at that moment; undefined before it came. */
export const residentIn = (room: Room, id: string): Resident | undefined =>
  Object.hasOwn(room.residents, id) ? room.residents[id] : undefined;

/** More are to go than are there. */
export function countFaults(room: Room, id: string, count: number): readonly Fault[] {
  const there = residentIn(room, id)?.count;
  return there !== undefined && count > there ? [faultOf('count', { is: 'here', count: there }, count)] : [];
}

/** Somebody who has left on an earlier day can take no part any more. */
export function goneFaults(room: Room, id: string, on: string, path: string): readonly Fault[] {
  const leftOn = residentIn(room, id)?.leftOn ?? null;
  return leftOn !== null && leftOn.slice(0, 10) < on.slice(0, 10)
    ? [faultOf(path, { is: 'still here on', leftOn: leftOn.slice(0, 10) }, id)]
    : [];
}
