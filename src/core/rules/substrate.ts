import { finding } from './finding';
import type { Rule } from './rule';
import { The } from '../wording';

/** Fish with a disc or that sift for a living are hurt by gravel; for rays a bare floor will do (common practice). */
const SIFTS_HARD = 2;

/** Sand for those who dig, sift or lie on it. */
export const substrate: Rule = {
  name: 'substrate',
  judge: (context) => {
    const { substrate: floor } = context.tank;
    if (floor === 'sand') return [];
    return context.kinds
      .filter(
        (kind) =>
          kind.profile.tank.sand === 'needs' && !(floor === 'bare' && kind.profile.size.shape === 'flat'),
      )
      .map((kind) => {
        const hard =
          kind.profile.size.shape === 'flat' || (kind.profile.effect.digs >= SIFTS_HARD && floor !== 'bare');
        return finding('substrate', {
          severity: hard && floor !== 'fine-gravel' ? 'stop' : 'caution',
          species: [kind.profile.id],
          text: `${The(kind.profile)} needs sand to ${kind.profile.effect.digs > 0 ? 'dig and sift' : 'feed in'}; ${floor === 'bare' ? 'a bare floor gives it nothing to do' : `${floor.replace('-', ' ')} wears its mouth and belly`}.`,
          because: { substrate: floor, digs: kind.profile.effect.digs },
          fixes: [{ text: 'Lay sand.', edit: { kind: 'set-substrate', substrate: 'sand' } }],
        });
      });
  },
};
