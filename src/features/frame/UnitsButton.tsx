'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { useUnits } from '@/session/react/useUnits';
import { unitsLine } from '@/words/en';

const UnitsDialog = dynamic(() => import('./UnitsDialog').then((file) => file.UnitsDialog), { ssr: false });

/** The units of all figures on the screen, changed where they are read. */
export function UnitsButton({ className }: { readonly className?: string }) {
  const units = useUnits();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={className} title="Change units" onClick={() => setOpen(true)}>
        <span className="sr-only">Units: </span>
        {unitsLine(units)}
      </button>
      {open && <UnitsDialog onClose={() => setOpen(false)} />}
    </>
  );
}
