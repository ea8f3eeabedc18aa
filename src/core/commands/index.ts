export { bringHome } from './bringHome';
export { addCare, doneCare, dropCare } from './care';
export { draftChange, draftId, listChangeIn, listedIn, speciesChange, tankChange } from './documentChanges';
export {
  allAlive,
  beginMove,
  bucketOf,
  dropMove,
  emptyBucket,
  fillBucket,
  finishMove,
  tickMove,
} from './houseMove';
export type { HouseMove } from './houseMove';
export { joinNewcomer } from './joinNewcomer';
export { comeBack, decideToGo, recordDeath, rehome } from './leave';
export { addEntries, addGroups, copyList, describeList, goByList, newList, removeList } from './lists';
export { newTank } from './newTank';
export { bodyOf, ofTank } from './ofTank';
export { openLife, openPlan, tankOfPlan } from './openFile';
export { addPicture, removePicture } from './pictures';
export { doubtOf, lastWatchedOn, NOBODY } from './presence';
export type { Presence } from './presence';
export { keepScore, settleWarning } from './predict';
export { PUT_OFF, putOff } from './putOff';
export { RECORDS, recordResident } from './recordResident';
export type { RecordKind } from './recordResident';
export { beginRelease, dropRelease, finishRelease, tickRelease } from './release';
export { changeSettings } from './settings';
export { isSorted, sortFish } from './sortFish';
export type { Incoming, Sorted } from './sortFish';
export { SHOPS, takeShopStock } from './shopStock';
export { stepIn } from './stepIn';
export { changeFloor, changeWaves, orderTanks, removeTank, setLight } from './tankParts';
export {
  WATCHING,
  finishWatch,
  logContest,
  logSign,
  minutesOf,
  pauseOrResume,
  startWatch,
  tellMore,
  watchedSeconds,
} from './watch';
export type { AtTheGlass, Watching } from './watch';
export { changeWishList, changeWishes, noWishes } from './wishList';
