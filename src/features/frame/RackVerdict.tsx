'use client';

import type { Resident } from '@/core/events';
import type { DraftGroup } from '@/core/records';
import { useAssessment } from '@/session/react/useAssessment';
import type { TankView } from '@/session/react/useTanks';
import { VerdictMark } from '@/ui/SeverityMark';
import { untilThen } from '@/words/en';

interface Props {
  readonly tank: TankView;
  readonly residents: readonly Resident[];
  readonly listed: readonly DraftGroup[];
  /** The verdict itself, or what becomes of it. */
  readonly part: 'today' | 'later';
}

/** The verdict on a tank of the rack. The rules are loaded with it, after the first picture. */
export function RackVerdict({ tank, residents, listed, part }: Props) {
  const { today, later } = useAssessment(tank, residents, listed);
  if (part === 'today') return <VerdictMark verdict={today} small />;
  return later && <span className="block text-[0.75rem] text-slate">{untilThen(later)}</span>;
}
