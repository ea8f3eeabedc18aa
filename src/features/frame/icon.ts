/** A button that is a picture, at the head of the page. */
export const ICON =
  'grid size-8 max-desk:size-11 place-items-center text-slate hover:text-ink disabled:opacity-35';
