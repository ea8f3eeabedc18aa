/** Quarantine lasts four weeks at the least (common practice: four to six). */
export const QUARANTINE_DAYS = 28;
export const QUARANTINE_LONG_DAYS = 42;
/** After the last sign or treatment two clear weeks have to pass (from memory). */
export const CLEAR_DAYS = 14;
