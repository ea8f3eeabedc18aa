import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { judgedKinds } from './pairs';
import type { Rule } from './rule';
import { capital, figure, plural, The, the } from '../wording';
import { commonName } from '../model';

/** Real turnover an hour that a current of this kind takes, and that it can stand (from memory). */
const NEEDS = { still: 0, gentle: 0, moderate: 2, strong: 6 } as const;
const STANDS = { still: 6, gentle: 12, moderate: Infinity, strong: Infinity } as const;

function judgeTank(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  if (context.tank.assumed.has('filterLph')) return [];
  const { flow } = kind.profile.water;
  const turnover = context.tank.figures.turnoverPerHour;
  const many = plural(commonName(kind.profile));
  const because = { flow, turnoverPerHour: Number(turnover.toFixed(1)), needs: NEEDS[flow] };
  if (turnover < NEEDS[flow])
    return [
      finding('flow', {
        severity: flow === 'strong' ? 'caution' : 'note',
        species: [kind.profile.id],
        text: `${capital(many)} come from ${flow === 'strong' ? 'strong currents' : 'moving water'}; this filter really turns the tank over ${figure(turnover)} times an hour, and ${NEEDS[flow]} is the least they thrive in.`,
        because,
        fixes: [{ text: 'Add a current pump or a larger filter.' }],
        source: 'common practice; figures from memory',
      }),
    ];
  return turnover > STANDS[flow]
    ? [
        finding('flow', {
          severity: 'note',
          species: [kind.profile.id],
          text: `${The(kind.profile)} comes from ${flow === 'still' ? 'still' : 'slow'} water; at ${figure(turnover)} turnovers an hour it needs corners out of the current.`,
          because,
          fixes: [{ text: 'Break the outflow with a spray bar, wood or plants.' }],
          source: 'common practice; figures from memory',
        }),
      ]
    : [];
}

function judgePair(strong: PlannedKind, still: PlannedKind): Finding | null {
  if (strong.profile.water.flow !== 'strong' || still.profile.water.flow !== 'still') return null;
  return finding('flow', {
    severity: 'caution',
    species: [strong.profile.id, still.profile.id],
    text: `${The(strong.profile)} needs a strong current and ${the(still.profile)} still water: one tank hardly gives both.`,
    because: { needs: 'strong', other: 'still' },
    fixes: [leaveOut(strong), leaveOut(still)],
  });
}

/** Currents that kinds need, against the filter and against each other. */
export const flow: Rule = {
  name: 'flow',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeTank(kind, context)),
  toAnother: judgePair,
};
