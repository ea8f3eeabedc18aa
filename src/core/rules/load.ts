import { finding } from './finding';
import { advise } from './fixes';
import type { Rule } from './rule';
import type { Load } from './context';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'bioload/rules': { readonly lengthRule: number; readonly surfaceRule: number };
  }
}

/** Both rules of thumb are "only a guide": past twice what they allow even a guide is worth a thought (from memory). */
const FAR_OVER = 2;
/** A filter and weekly changes carry more than both allow: less than so much over is nothing to say (from memory). */
const WORTH_SAYING = 1.5;
/** Past so many times what both allow no keeper of any approach goes (from memory). */
const ABSURD = 5;

const least = ({ lengthRule, surfaceRule }: Load): number => Math.min(lengthRule, surfaceRule);

const SEVERITY = severityTable<Load>(
  'Grown fish against the length rule and the surface rule',
  [
    { when: `over ${ABSURD} times both`, holds: (load) => least(load) > ABSURD, severity: 'stop' },
    { when: `over ${FAR_OVER} times both`, holds: (load) => least(load) > FAR_OVER, severity: 'caution' },
    {
      when: `over ${WORTH_SAYING} times both`,
      holds: (load) => least(load) > WORTH_SAYING,
      severity: 'note',
    },
  ],
  'Both rules are only a guide (common practice); the limits of 1.5, 2 and 5 times are from memory.',
);

/** The two old rules of stocking, beside the nitrate budget, which alone can be measured. */
export const load: Rule = {
  name: 'load',
  severities: [SEVERITY],
  judge: (context) => {
    const { lengthRule, surfaceRule, massG } = context.load;
    const severity = context.planned.length === 0 ? null : SEVERITY.of(context.load);
    if (severity === null) return [];
    return [
      finding('load', {
        severity,
        species: [],
        fact: { says: 'bioload/rules', lengthRule, surfaceRule },
        because: {
          lengthRule: Number(lengthRule.toFixed(2)),
          surfaceRule: Number(surfaceRule.toFixed(2)),
          massG: Math.round(massG),
        },
        approach: 'length and surface rules',
        fixes: [advise('fewer fish')],
      }),
    ];
  },
};
