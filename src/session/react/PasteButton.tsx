'use client';

import dynamic from 'next/dynamic';
import { type ComponentProps, useState } from 'react';
import { Button } from '@/ui/Button';

const PasteList = dynamic(() => import('./PasteList').then((file) => file.PasteList), { ssr: false });

/** Opens the dialog that takes a list of fish as text. */
export function PasteButton(props: Omit<ComponentProps<typeof PasteList>, 'onClose'>) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Paste a list</Button>
      {open && <PasteList {...props} onClose={() => setOpen(false)} />}
    </>
  );
}
