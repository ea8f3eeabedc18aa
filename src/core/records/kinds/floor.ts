import {
  choiceField,
  groupField,
  listField,
  numberField,
  positiveQuantityField,
  quantityField,
  textField,
} from '../../kernel';
import { LARGEST_PIECE_CM, type Piece, PIECES } from '../../sightlines';
import { defineRecord, tank } from '../define';

const along = () => quantityField('cm', 0, 2000);
const across = () => quantityField('cm', 0, 2000);

const pieceSchema = groupField({
  kind: choiceField(PIECES),
  x: along(),
  y: across(),
  lengthCm: positiveQuantityField('cm', LARGEST_PIECE_CM),
  widthCm: positiveQuantityField('cm', LARGEST_PIECE_CM),
  /** Degrees. */
  turned: numberField(-360, 360),
  name: textField().optional(),
});

/** The floor of a tank seen from above: what stands on it, where a holder sits, and the map that was before. */
export const floorRecord = defineRecord('floor', {
  tank: tank(),
  /** Where the dominant fish sits. */
  holder: groupField({ x: along(), y: across() }).nullable().optional().default(null),
  pieces: listField<Piece>(pieceSchema),
  /** The pieces as they were before the last change. */
  before: listField<Piece>(pieceSchema).optional(),
});
