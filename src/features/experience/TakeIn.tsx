'use client';

import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { FaultList } from '@/ui/FaultList';
import { countOf } from '@/words/en';
import type { TakenIn } from '@/workers/experienceWork';
import { failureWords } from '@/workers/workerLine';
import { useTakeIn } from './useTakeIn';

/** What became of the files, in one sentence. */
function saidOf({ fresh, newer, known, own }: TakenIn): string {
  const parts = [
    fresh > 0 ? `${countOf(fresh, 'room')} added` : '',
    newer > 0 ? `${countOf(newer, 'room')} brought up to date` : '',
    known > 0 ? `${countOf(known, 'file')} left out: the same or later is here already` : '',
    own > 0 ? 'your own file left out: your record speaks for itself' : '',
  ].filter((part) => part !== '');
  return parts.length === 0 ? 'No file could be added.' : `${parts.join('; ')}.`;
}

/** Takes experience files in, many at once, and says what became of each. */
export function TakeIn({ onTaken }: { readonly onTaken: () => void }) {
  const { taking, take, stop, leave } = useTakeIn(onTaken);
  if (taking.kind === 'failed') return <Failed why={failureWords(taking.why) ?? ''} onAgain={taking.again} />;
  if (taking.kind === 'busy')
    return (
      <div className="flex items-center gap-3" role="status">
        <label className="flex flex-1 items-center gap-2">
          Reading the files
          <progress className="h-2 flex-1 accent-(--deep)" max={1} value={taking.share} />
        </label>
        <Button onClick={stop}>Stop</Button>
      </div>
    );
  return (
    <div className="flex flex-col gap-2">
      <label className="block">
        <span className="mb-2 block text-slate">
          Files that other keepers handed you, or a club’s whole folder: any number at once. They stay in this
          browser, apart from your own record.
        </span>
        <input
          type="file"
          multiple
          accept=".json,application/json"
          className="block w-full border border-dashed border-slate p-3 file:mr-3 file:border file:border-edge file:bg-panel file:px-2 file:py-1 file:text-ink"
          // The list itself: to touch each of thousands of files at once would keep the screen waiting.
          onChange={({ target }) => target.files && void take(target.files)}
        />
      </label>
      {taking.kind === 'done' && (
        <div role="status" className="border-l-2 border-deep pl-3">
          <p>{saidOf(taking.taken)}</p>
          {taking.taken.refused.map(({ name, faults, more }) => (
            <div key={name} className="mt-1">
              <p className="font-semibold text-buoy">{name} was not added.</p>
              <FaultList faults={faults} more={more} />
            </div>
          ))}
          {taking.taken.moreRefused > 0 && <p>{countOf(taking.taken.moreRefused, 'more file')} not added.</p>}
          <Button tone="quiet" onClick={leave}>
            OK
          </Button>
        </div>
      )}
    </div>
  );
}
