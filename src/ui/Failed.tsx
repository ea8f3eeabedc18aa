import { Button } from './Button';

/** Something could not be worked out: why, that nothing is lost, and a way to try again. */
export function Failed({ why, onAgain }: { readonly why: string; readonly onAgain: () => void }) {
  return (
    <div role="alert" className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-2 border-buoy pl-3">
      <p>{why} Nothing was lost.</p>
      <Button onClick={onAgain}>Try again</Button>
    </div>
  );
}
