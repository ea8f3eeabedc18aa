'use client';

import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';

/** A screen that failed says so; the room is not touched by it. */
export default function ScreenError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <Screen title="This screen failed">
      <p role="alert">
        What you recorded is safe: it was written before it was shown. Try again; if it fails again, save the
        room under Files.
      </p>
      <div>
        <Button tone="main" onClick={reset}>
          Try again
        </Button>
      </div>
    </Screen>
  );
}
