'use client';

import type { Wearer } from '@/core/plates';
import { classes } from '@/ui/classes';
import { FishPlate } from '@/ui/plates/FishPlate';
import type { Drawn } from '@/ui/plates/usePicture';

/** One fish or group to press: colour, name, the key that presses it. */
export function FishButton({
  name,
  about,
  colour,
  profile,
  wearer,
  hotkey,
  chosen,
  waiting,
  onPress,
}: {
  readonly name: string;
  readonly about: string;
  /** Null for one that nobody knows by name. */
  readonly colour: string | null;
  readonly profile: Drawn | null;
  readonly wearer: Wearer | null;
  readonly hotkey: string | null;
  readonly chosen: boolean;
  readonly waiting: boolean;
  readonly onPress: () => void;
}) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onPress}
      className={classes(
        'flex items-center justify-between gap-2 border px-1.5 text-left md:px-3',
        'min-h-12 md:min-h-14',
        colour === null && 'border-dashed',
        chosen
          ? 'border-deep bg-deep text-on-deep'
          : waiting
            ? 'border-slate bg-panel'
            : 'border-edge bg-panel hover:border-slate',
      )}
    >
      <span className="min-w-0">
        <span className={classes('flex items-center gap-1 md:gap-2', colour !== null && 'font-semibold')}>
          {colour !== null && (
            <span className="h-6 w-1 shrink-0 md:h-7" style={{ background: colour }} aria-hidden="true" />
          )}
          {profile !== null && (
            <FishPlate profile={profile} wearer={wearer} className="h-4 w-7 md:h-7 md:w-12" />
          )}
          <span className="line-clamp-2 min-w-0 text-[0.8125rem] leading-tight break-words md:text-[0.875rem]">
            {name}
          </span>
        </span>
        {about && (
          <span className={classes('block truncate text-[0.75rem]', chosen ? '' : 'text-slate')}>
            {about}
          </span>
        )}
      </span>
      {hotkey !== null && (
        <kbd className="fig text-[0.75rem] opacity-70 max-md:hidden" aria-hidden="true">
          {hotkey}
        </kbd>
      )}
    </button>
  );
}
