import { minutesOf, type Watching } from '@/core/commands';
import { clockTime, countOf } from '@/words/en';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import type { Doubt } from './useStillWatching';

/** Minutes that would count if a watch ended at a moment. */
const minutesTo = (watching: Watching, on: string): string =>
  countOf(Math.round(minutesOf(watching, Date.parse(on))), 'minute');

/** "Still watching?": minutes that nobody watched are not quiet minutes. */
export function StillWatching({
  watching,
  doubt,
  onStill,
  onEnded,
}: {
  readonly watching: Watching;
  readonly doubt: Doubt;
  readonly onStill: () => void;
  readonly onEnded: () => void;
}) {
  const now = new Date().toISOString();
  return (
    <Dialog
      open
      title="Still watching?"
      about={
        doubt.why === 'unseen'
          ? 'This screen was out of sight for a while. Minutes that nobody watched would count as quiet.'
          : 'The clock has run for long. Minutes that nobody watched would count as quiet.'
      }
    >
      <div className="grid gap-2">
        <Button large tone="main" onClick={onStill}>
          Yes, count {minutesTo(watching, now)}
        </Button>
        <Button large onClick={onEnded}>
          No, it ended at {clockTime(doubt.endOn)}: count {minutesTo(watching, doubt.endOn)}
        </Button>
      </div>
    </Dialog>
  );
}
