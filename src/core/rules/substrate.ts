import type { Substrate } from '../model';
import type { PlannedSpecies } from './context';
import { finding } from './finding';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/sand': { readonly floor: 'bare' | 'hard' };
  }
}

/** Fish with a disc or that sift for a living are hurt by gravel; for rays a bare floor will do (common practice). */
const SIFTS_HARD = 2;

interface OnFloor {
  readonly species: PlannedSpecies;
  readonly floor: Substrate;
}

const isFlat = ({ profile }: PlannedSpecies): boolean => profile.size.shape === 'flat';
const sifts = ({ profile }: PlannedSpecies): boolean => profile.effect.digs >= SIFTS_HARD;

const SEVERITY = severityTable<OnFloor>(
  'A fish that needs sand, on another bottom',
  [
    {
      when: 'coarse gravel or rock under a flat fish or one that sifts for a living',
      holds: ({ species, floor }) =>
        floor !== 'fine-gravel' && floor !== 'bare' && (isFlat(species) || sifts(species)),
      severity: 'stop',
    },
    {
      when: 'a flat fish on a bare floor',
      holds: ({ species, floor }) => floor === 'bare' && isFlat(species),
      severity: null,
    },
    otherwise('caution'),
  ],
  'Common practice: gravel wears mouths and bellies; rays do on a bare floor.',
);

/** Sand for those that dig, sift or lie on it. */
export const substrate: Rule = {
  name: 'substrate',
  severities: [SEVERITY],
  ofOne: (species, place) => {
    const { substrate: floor } = place.tank;
    if (floor === 'sand' || species.profile.tank.sand !== 'needs') return [];
    const severity = SEVERITY.of({ species, floor });
    if (severity === null) return [];
    return [
      finding('substrate', {
        severity,
        species: [species.profile.id],
        fact: { says: 'home/sand', floor: floor === 'bare' ? 'bare' : 'hard' },
        because: { substrate: floor, digs: species.profile.effect.digs },
        fixes: [{ edit: { kind: 'set-substrate', substrate: 'sand' } }],
      }),
    ];
  },
};
