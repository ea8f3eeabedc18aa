import type { Dated } from './events';

/**
 * Follows in which tank each fish is, as events go by in the order of time: fed an event, it says where everybody is after
 * it. Undefined for those that nobody brought in.
 */
export function trackTanks(): (event: Dated) => (id: string) => string | undefined {
  const tanks = new Map<string, string>();
  const at = (id: string): string | undefined => tanks.get(id);
  return (event) => {
    if (event.type === 'came') for (const { id } of event.members) tanks.set(id, event.tank);
    else if (event.type === 'born') tanks.set(event.member.id, event.tank);
    else if (event.type === 'moved' || event.type === 'back-again') tanks.set(event.resident, event.tank);
    else if (event.type === 'split') {
      const tank = at(event.resident);
      if (tank !== undefined) for (const { id } of event.into) tanks.set(id, tank);
    }
    return at;
  };
}
