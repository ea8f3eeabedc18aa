export {
  DEFAULT_SETTINGS,
  DOCUMENT_KINDS,
  TANK_PURPOSES,
  bodySchemaOf,
  documentOf,
  recordOf,
  versionOf,
} from './documents';
export type { DocumentBodies, DocumentKind, DraftGroup, KeptWish, RoomDocument } from './documents';
export { careFields } from './kinds/care';
export { storyFields } from './kinds/formerLife';
export { tankFields } from './kinds/tank';
