import type { Resident, Standing } from '../events';

/**
 * Whether a fish or a group of its kind has eggs or young in its tank, as far as the record says: spawned, guarding or fry,
 * and no brood lost since.
 */
export function broodOf(
  happenings: readonly Standing[],
  { tank, species, id, individual }: Pick<Resident, 'tank' | 'species' | 'id' | 'individual'>,
): boolean {
  const last = happenings.findLast((event) => {
    switch (event.type) {
      case 'spawned':
      case 'brood-lost':
        return (
          event.tank === tank &&
          event.species === species &&
          (!individual || event.parents.length === 0 || event.parents.includes(id))
        );
      case 'fry':
        return event.tank === tank && event.species === species;
      case 'saw':
        return event.tank === tank && event.resident === id && ['guarding', 'fry'].includes(event.what);
      default:
        return false;
    }
  });
  return last !== undefined && last.type !== 'brood-lost';
}
