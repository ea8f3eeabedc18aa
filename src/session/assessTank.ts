import { assess, type Assessment, roomPlan } from '@/core/assess';
import type { DocumentBodies, DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import type { Catalogue } from '@/core/model';

interface Asked {
  readonly residents: readonly Resident[];
  readonly listed: readonly DraftGroup[];
  readonly catalogue: Catalogue;
  readonly today: string;
}

/** The last answer on each tank, with what was asked. */
const ANSWERS = new WeakMap<DocumentBodies['tank'], Asked & { readonly assessment: Assessment }>();

/**
 * The verdict on a tank: who lives there and what is listed to come. The same answer while all that is asked is the same
 * object, so that the rack and the screens work it out once between them. `today` is an ISO date.
 */
export function assessTank(body: DocumentBodies['tank'], asked: Asked): Assessment {
  const { residents, listed, catalogue, today } = asked;
  const before = ANSWERS.get(body);
  if (
    before?.residents === residents &&
    before.listed === listed &&
    before.catalogue === catalogue &&
    before.today === today
  )
    return before.assessment;
  const assessment = assess(roomPlan(body, residents, listed, catalogue, today), catalogue, today);
  ANSWERS.set(body, { ...asked, assessment });
  return assessment;
}
