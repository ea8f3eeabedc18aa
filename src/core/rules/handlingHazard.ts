import type { PlannedKind } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { The } from '../wording';

function judgeKind(kind: PlannedKind): readonly Finding[] {
  const { sting, spines } = kind.profile.handling;
  if (kind.profile.life !== 'fish' || (!sting && !spines)) return [];
  return [
    finding('handling-hazard', {
      severity: sting ? 'caution' : 'note',
      species: [kind.profile.id],
      text: sting
        ? `${The(kind.profile)} carries a venomous sting: move it in a container, never by hand or net. A sting needs hot water and medical care at once.`
        : `${The(kind.profile)} has spines that catch in nets and skin: move it in a container.`,
      because: { sting, spines },
    }),
  ];
}

/** Animals that hurt the hand which moves them. */
export const handlingHazard: Rule = {
  name: 'handling-hazard',
  judge: (context) => judgedKinds(context).flatMap(judgeKind),
};
