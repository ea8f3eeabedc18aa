'use client';

import { useChooseUnits } from '@/session/react/useChooseUnits';
import { useUnits } from '@/session/react/useUnits';
import { UnitFields } from '@/ui/UnitFields';

/** The units that the keeper reads and types in. */
export function UnitsPart() {
  const units = useUnits();
  const choose = useChooseUnits();
  return <UnitFields units={units} onChoose={choose} />;
}
