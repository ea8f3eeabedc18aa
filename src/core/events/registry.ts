import { backAgain } from './kinds/backAgain';
import { born } from './kinds/born';
import { broodLost } from './kinds/broodLost';
import { came } from './kinds/came';
import { chased } from './kinds/chased';
import { claimed } from './kinds/claimed';
import { counted } from './kinds/counted';
import { died } from './kinds/died';
import { filter } from './kinds/filter';
import { equipmentFault } from './kinds/equipmentFault';
import { fry } from './kinds/fry';
import { identified } from './kinds/identified';
import { looked } from './kinds/looked';
import { measured } from './kinds/measured';
import { moved } from './kinds/moved';
import { named } from './kinds/named';
import { noted } from './kinds/noted';
import { paired } from './kinds/paired';
import { predicted } from './kinds/predicted';
import { quarantine } from './kinds/quarantine';
import { recounted } from './kinds/recounted';
import { rehomed } from './kinds/rehomed';
import { saw } from './kinds/saw';
import { settled } from './kinds/settled';
import { sexed } from './kinds/sexed';
import { spawned } from './kinds/spawned';
import { split } from './kinds/split';
import { steppedIn } from './kinds/steppedIn';
import { tested } from './kinds/tested';
import { toGo } from './kinds/toGo';
import { treated } from './kinds/treated';
import { watched } from './kinds/watched';
import { waterChanged } from './kinds/waterChanged';

/** Everything that can happen in a room. A new event is one file under `kinds`, one line here and one sentence in the words. */
export const EVENTS = {
  came,
  born,
  moved,
  split,
  named,
  sexed,
  identified,
  paired,
  spawned,
  fry,
  'brood-lost': broodLost,
  measured,
  watched,
  chased,
  saw,
  looked,
  treated,
  quarantine,
  claimed,
  recounted,
  'stepped-in': steppedIn,
  counted,
  'to-go': toGo,
  rehomed,
  died,
  'back-again': backAgain,
  tested,
  'water-changed': waterChanged,
  filter,
  'equipment-fault': equipmentFault,
  noted,
  predicted,
  settled,
} as const;
