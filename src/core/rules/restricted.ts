import { finding } from './finding';
import type { Rule } from './rule';
import { The } from '../wording';

/** Kinds that some places forbid or license. */
export const restricted: Rule = {
  name: 'restricted',
  judge: (context) =>
    context.kinds
      .filter((kind) => kind.profile.trade.restricted)
      .map((kind) =>
        finding('restricted', {
          severity: 'note',
          species: [kind.profile.id],
          text: `${The(kind.profile)} is restricted or needs a permit in some places: ask your local authority before buying, moving or giving it away.`,
          because: { restricted: true },
        }),
      ),
};
