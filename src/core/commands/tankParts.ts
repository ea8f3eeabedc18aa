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
