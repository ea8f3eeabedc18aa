'use client';

import { type ComponentProps, useEffect } from 'react';
import { toast, Toaster } from 'sonner';
import { toasterArrived } from './toast';

/** Where toasts are shown. */
export function Toasts(props: ComponentProps<typeof Toaster>) {
  // The toaster listens from its own effect on, which comes first.
  useEffect(() => toasterArrived(toast), []);
  return <Toaster {...props} />;
}
