/** The work of one tank, in the order in which it is done. The key of a screen follows G. */
export const TANK_SCREENS = [
  { path: '/tank', name: 'Tank', key: 'T' },
  { path: '/stock', name: 'Stock list', key: 'S' },
  { path: '/lineups', name: 'Line-ups', key: 'L' },
  { path: '/arrivals', name: 'Arrivals', key: 'A' },
  { path: '/watch', name: 'Watch', key: 'W' },
  { path: '/hierarchy', name: 'Hierarchy', key: 'H' },
  { path: '/aggression', name: 'Aggression', key: 'G' },
  { path: '/departures', name: 'Departures', key: 'D' },
  { path: '/water', name: 'Water', key: 'E' },
  { path: '/diary', name: 'Diary', key: 'Y' },
] as const;

/** What belongs to the room, not to a tank. */
export const ROOM_SCREENS = [
  { path: '/', name: 'Today', key: 'O' },
  { path: '/catalogue', name: 'Catalogue', key: 'C' },
  { path: '/experience', name: 'Experience', key: 'X' },
  { path: '/files', name: 'Files', key: 'F' },
] as const;

export const withTank = (path: string, tank: string | null): string =>
  tank === null ? path : `${path}?tank=${encodeURIComponent(tank)}`;
