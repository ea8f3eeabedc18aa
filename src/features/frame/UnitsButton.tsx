'use client';

import { useState } from 'react';
import { useChooseUnits } from '@/session/react/useChooseUnits';
import { useUnits } from '@/session/react/useUnits';
import { Dialog } from '@/ui/Dialog';
import { UnitFields } from '@/ui/UnitFields';
import { unitsLine } from '@/words/en';

/** The units of all figures on the screen, changed where they are read. */
export function UnitsButton({ className }: { readonly className?: string }) {
  const units = useUnits();
  const choose = useChooseUnits();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={className} title="Change units" onClick={() => setOpen(true)}>
        <span className="sr-only">Units: </span>
        {unitsLine(units)}
      </button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title="Units"
        about="Every figure is shown in these units. You may type any unit into any field; what you typed keeps it."
      >
        <UnitFields units={units} onChoose={choose} />
      </Dialog>
    </>
  );
}
