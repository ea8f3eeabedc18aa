import { finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { The } from '../wording';

/** Jumpers and climbers in an open tank. */
export const lid: Rule = {
  name: 'lid',
  judge: (context) =>
    context.tank.lid
      ? []
      : judgedKinds(context)
          .filter((kind) => kind.profile.habits.jumps !== 'no')
          .map((kind) => {
            const often = kind.profile.habits.jumps === 'often';
            const verb = kind.profile.life === 'fish' ? 'jumps' : 'climbs out';
            return finding('lid', {
              severity: often ? 'stop' : 'caution',
              species: [kind.profile.id],
              text: `${The(kind.profile)} ${often ? verb : `${verb} now and then, when frightened most of all`}, and this tank is open.`,
              because: { jumps: kind.profile.habits.jumps, lid: false },
              fixes: [{ text: 'Put a lid on.', edit: { kind: 'set-lid', lid: true } }],
            });
          }),
};
