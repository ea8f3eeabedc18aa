import type { Change, Stamp } from '../gate';
import type { DocumentId, ResidentId } from '../kernel';
import { putChange } from './documentChanges';
import { freshId } from './made';

/** A picture of a fish, as a data address. */
export const addPicture = (resident: ResidentId, data: string, stamp: Stamp): Change =>
  putChange('photo', `photo-${freshId<string>(stamp)}` as DocumentId, {
    resident,
    on: stamp.now(),
    data,
    note: '',
  });

export const removePicture = (id: DocumentId): Change => putChange('photo', id, null);
