'use client';

import { useEffect } from 'react';

/** What a browser hands to an installed app that was opened with a file. */
interface LaunchQueue {
  readonly setConsumer: (
    take: (launch: { readonly files?: readonly { readonly getFile: () => Promise<File> }[] }) => void,
  ) => void;
}

/** Looks at the file with which the installed app was opened, where the browser hands one over. `look` keeps its identity. */
export function useLaunchedFile(look: (file: File) => Promise<void>): void {
  useEffect(() => {
    const queue = (window as { readonly launchQueue?: LaunchQueue }).launchQueue;
    queue?.setConsumer(({ files }) => {
      void files?.[0]?.getFile().then(look);
    });
  }, [look]);
}
