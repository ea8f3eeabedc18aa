/** The work of one tank, in the order in which it is done. */
export const TANK_SCREENS = [
  { path: '/tank', name: 'Tank', key: '1' },
  { path: '/stock', name: 'Stock list', key: '2' },
  { path: '/lineups', name: 'Line-ups', key: 'L' },
  { path: '/arrivals', name: 'Arrivals', key: '3' },
  { path: '/watch', name: 'Watch', key: '4' },
  { path: '/hierarchy', name: 'Hierarchy', key: '5' },
  { path: '/aggression', name: 'Aggression', key: 'A' },
  { path: '/departures', name: 'Departures', key: '6' },
  { path: '/water', name: 'Water', key: 'W' },
  { path: '/diary', name: 'Diary', key: '7' },
] as const;

/** What belongs to the room, not to a tank. */
export const ROOM_SCREENS = [
  { path: '/', name: 'Today', key: '0' },
  { path: '/catalogue', name: 'Catalogue', key: '8' },
  { path: '/files', name: 'Files', key: '9' },
] as const;

export const withTank = (path: string, tank: string | null): string =>
  tank === null ? path : `${path}?tank=${encodeURIComponent(tank)}`;
