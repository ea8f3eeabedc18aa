'use client';

import { useChooseUnits } from '@/session/react/useChooseUnits';
import { useUnits } from '@/session/react/useUnits';
import { Dialog } from '@/ui/Dialog';
import { UnitFields } from '@/ui/UnitFields';

/** All units together, or each by itself. */
export function UnitsDialog({ onClose }: { readonly onClose: () => void }) {
  const units = useUnits();
  const choose = useChooseUnits();
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="Units"
      about="Every figure is shown in these units. You may type any unit into any field; what you typed keeps it."
    >
      <UnitFields units={units} onChoose={choose} />
    </Dialog>
  );
}
