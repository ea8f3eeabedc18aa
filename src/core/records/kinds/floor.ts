import {
  choiceField,
  groupField,
  listField,
  numberField,
  positiveQuantityField,
  quantityField,
} from '../../kernel';
import { type Piece, PIECES } from '../../sightlines';
import { defineRecord, tank } from '../define';

const along = () => quantityField('cm', 'where along the tank', 0, 2000);
const across = () => quantityField('cm', 'where from front to back', 0, 2000);

const pieceSchema = groupField('a piece of hardscape', {
  kind: choiceField('what it is', PIECES),
  x: along(),
  y: across(),
  lengthCm: positiveQuantityField('cm', 'a length', 400),
  widthCm: positiveQuantityField('cm', 'a depth', 400),
  turned: numberField('degrees', -360, 360),
});

/** The floor of a tank seen from above: what stands on it, where a holder sits, and the map that was before. */
export const floorRecord = defineRecord('floor', 'a floor map', {
  tank: tank(),
  holder: groupField('where the holder sits', { x: along(), y: across() })
    .nullable()
    .optional()
    .default(null),
  pieces: listField<Piece>('pieces', pieceSchema),
  before: listField<Piece>('pieces before', pieceSchema).optional(),
});
