import type { Change } from '../gate';
import type { DocumentId, TankId } from '../kernel';
import type { DocumentBodies } from '../records';
import { draftId, putChange } from './documentChanges';
import { editOf, ofTank, type Documents } from './ofTank';

/** The light of a tank is told to go off and to come back slowly; null is as usual. */
export const setLight = (tank: TankId, ramp: Omit<DocumentBodies['light'], 'tank'> | null): Change =>
  putChange('light', ofTank('light', tank), ramp && { tank, ...ramp });

/** What stands on the floor of a tank, and where its holder sits. */
export const changeFloor = (
  documents: Documents,
  tank: TankId,
  how: Partial<DocumentBodies['floor']>,
): readonly Change[] =>
  editOf(documents, 'floor', ofTank('floor', tank), { tank, holder: null, pieces: [] }, (floor) => ({
    ...floor,
    ...how,
  }));

/** In which waves the list of a tank comes. `planned` is what was shown while nothing was moved by hand. */
export const changeWaves = (
  tank: TankId,
  planned: Omit<DocumentBodies['waves'], 'tank'>,
  how: Partial<DocumentBodies['waves']>,
): Change => putChange('waves', ofTank('waves', tank), { tank, ...planned, ...how });

/** A tank leaves the rack, and with it the list that it goes by. */
export const removeTank = (tank: TankId): readonly Change[] => [
  putChange('tank', tank as unknown as DocumentId, null),
  putChange('draft', draftId(tank), null),
];

/**
 * The tanks in this order in the rack; only those whose place changes are written. Tanks that are not named follow, as they stood.
 * @example orderTanks(documents, ['b' as TankId, 'a' as TankId])
 */
export function orderTanks(documents: Documents, tanks: readonly TankId[]): readonly Change[] {
  const place = new Map(tanks.map((id, at) => [id as unknown as DocumentId, at]));
  return Object.values(documents)
    .flatMap((document) =>
      document.kind === 'tank' && document.body ? [{ id: document.id, body: document.body }] : [],
    )
    .sort(
      (a, b) =>
        (place.get(a.id) ?? tanks.length) - (place.get(b.id) ?? tanks.length) || a.body.order - b.body.order,
    )
    .flatMap(({ id, body }, at) =>
      body.order === at + 1 ? [] : [putChange('tank', id, { ...body, order: at + 1 })],
    );
}
