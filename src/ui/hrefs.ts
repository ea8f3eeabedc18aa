/** Where a species is read. */
export const profileHref = (species: string): string => `/catalogue?species=${encodeURIComponent(species)}`;

/** Where the life of a fish, or of a group, is told. */
export const lifeHref = (tank: string, resident: string): string =>
  `/life?tank=${encodeURIComponent(tank)}&fish=${encodeURIComponent(resident)}`;
