import { prefixOf, random } from '../plates';
import { Clutter } from './clutter';
import { type Ground, groundOf } from './ground';
import { floating } from './plants/floating';
import { planting } from './plants/planting';
import type { Setup } from './stageplan';
import type { SceneTank } from './tank';
import { bed } from './things/bed';
import { currentOf, outflow } from './things/outflow';
import { pipes } from './things/pipes';
import { rocks } from './things/rocks';
import { shells } from './things/shells';
import { slates } from './things/slates';
import { wood } from './things/wood';

/** A tank set up: its drawing, without fish, and what decides where fish are. */
export interface Stage {
  /** Everything that stands in the water, in steps of `steps` a cm. */
  readonly art: string;
  readonly steps: number;
  readonly ground: Ground;
  readonly setup: Setup;
}

/** Steps a cm: half a millimetre, coarser in a thumbnail. */
const [FINE, COARSE] = [20, 8];

const hashOf = (text: string): number => {
  let h = 2166136261;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  return h >>> 0;
};

/** A tank set up from what the keeper said; the same tank is set up the same way each time. */
export function stageOf(tank: SceneTank, isSmall = false): Stage {
  const steps = isSmall ? COARSE : FINE;
  const dice = (part: string): (() => number) => random(hashOf(part + tank.seed));
  const ground = groundOf(tank, dice('main'), dice('floor'));
  const things: { readonly z: number; readonly art: string }[] = [];
  const definitions = new Map<string, readonly [id: string, text: string]>();
  const prefix = prefixOf(JSON.stringify([tank, isSmall]));
  const setup: Setup = {
    tank,
    ground,
    clutter: new Clutter(ground.length, ground.height),
    dice,
    steps,
    isSmall,
    hair: isSmall ? tank.lengthCm / 240 : tank.lengthCm / 1100,
    current: currentOf(tank.filter, tank.lengthCm, dice('flow')),
    put: (z, art) => things.push({ z, art }),
    define: (name, make) => {
      const had = definitions.get(name);
      if (had) return had[0];
      const id = `${prefix}t${definitions.size.toString(36)}`;
      definitions.set(name, [id, make(id)]);
      return id;
    },
    caves: [],
    shells: [],
    perches: [],
    rafts: [],
  };
  rocks(setup);
  slates(setup);
  pipes(setup);
  wood(setup);
  planting(setup);
  shells(setup);
  const cover = floating(setup);
  outflow(setup);
  const standing = things
    .sort((a, b) => a.z - b.z)
    .map(({ art }) => art)
    .join('');
  const defined = [...definitions.values()].map(([, text]) => text).join('');
  return { art: `<defs>${defined}</defs>${bed(setup)}${standing}${cover}`, steps, ground, setup };
}
