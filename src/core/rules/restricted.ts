import { finding } from './finding';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'care/restricted': object;
  }
}

const SEVERITY = severityTable(
  'A species that some places forbid or license',
  [otherwise('note')],
  'Laws differ by place; the local authority knows.',
);

/** Species that some places forbid or license. */
export const restricted: Rule = {
  name: 'restricted',
  severities: [SEVERITY],
  ofOne: ({ profile }) =>
    profile.trade.restricted
      ? [
          finding('restricted', {
            severity: 'note',
            species: [profile.id],
            fact: { says: 'care/restricted' },
            because: { restricted: true },
          }),
        ]
      : [],
};
