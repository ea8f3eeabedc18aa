import { careRecord } from './kinds/care';
import { draftRecord } from './kinds/draft';
import { floorRecord } from './kinds/floor';
import { formerLifeRecord } from './kinds/formerLife';
import { houseMoveRecord } from './kinds/houseMove';
import { lightRecord } from './kinds/light';
import { photoRecord } from './kinds/photo';
import { putOffRecord } from './kinds/putOff';
import { releaseRecord } from './kinds/release';
import { settingsRecord } from './kinds/settings';
import { shopsRecord } from './kinds/shops';
import { speciesRecord } from './kinds/species';
import { tankRecord } from './kinds/tank';
import { watchingRecord } from './kinds/watching';
import { wavesRecord } from './kinds/waves';
import { wishesRecord } from './kinds/wishes';

/** Everything that is kept beside the journal. A new kind of document is one file under `kinds` and one line here. */
export const RECORDS = {
  tank: tankRecord,
  draft: draftRecord,
  wishes: wishesRecord,
  waves: wavesRecord,
  release: releaseRecord,
  light: lightRecord,
  floor: floorRecord,
  'put-off': putOffRecord,
  shops: shopsRecord,
  photo: photoRecord,
  care: careRecord,
  'former-life': formerLifeRecord,
  'house-move': houseMoveRecord,
  species: speciesRecord,
  watching: watchingRecord,
  settings: settingsRecord,
} as const;
