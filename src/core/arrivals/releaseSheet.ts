import { isRough, type SpeciesProfile } from '../model';

/** The steps of a release by name; the words layer says them. */
export type ReleaseStep =
  | 'ruse'
  | 'hands'
  | 'rearrange'
  | 'feed'
  | 'dark'
  | 'float'
  | 'mix'
  | 'match'
  | 'count'
  | 'low'
  | 'heater'
  | 'lid'
  | 'unfed'
  | 'ramp';

/** One step of a release. */
export interface SheetStep {
  readonly id: ReleaseStep;
  /** The species it is about, with how many there are of each. */
  readonly about: readonly { readonly species: string; readonly count: number }[];
  /** Minutes to wait after it before the next; 0 for none. */
  readonly waitMinutes: number;
  /** Must be ticked: fish die when it is forgotten. */
  readonly vital: boolean;
}

export interface ReleasedSpecies {
  readonly profile: SpeciesProfile;
  readonly count: number;
  /** From a tank of the keeper's own: nobody else's water comes with it. */
  readonly ownWater?: boolean;
}

/** A shoal this shy is put in unfed and in the dark (common practice). */
const SHY = 3;

export type Protocol = 'plain' | 'single newcomer' | 'skittish';

/** The protocol that newcomers ask for beside those who live there: alone among the rough, skittish, or plain. */
export function protocolFor(
  newcomers: readonly ReleasedSpecies[],
  residents: readonly SpeciesProfile[],
): Protocol {
  const rough = residents.some((profile) => isRough(profile));
  const heads = newcomers.reduce((sum, kind) => sum + kind.count, 0);
  if (rough && heads === 1) return 'single newcomer';
  const skittish = newcomers.some(({ profile }) => profile.habits.shyness >= SHY || profile.habits.panics);
  return skittish && !rough ? 'skittish' : 'plain';
}

const step = (id: ReleaseStep, more: Partial<SheetStep> = {}): SheetStep => ({
  id,
  about: [],
  waitMinutes: 0,
  vital: false,
  ...more,
});

/**
 * The run sheet of a release, step by step (common practice: rearrange in the same hour, feed the residents first, lights
 * off, release low, heater and lid; a single newcomer goes in with residents that were moved to it; a skittish shoal goes in
 * unfed and in the dark; fish from a tank of one's own bring no shop water).
 */
export function releaseSheet(
  newcomers: readonly ReleasedSpecies[],
  residents: readonly SpeciesProfile[],
  mixMinutes: number,
): { readonly protocol: Protocol; readonly steps: readonly SheetStep[] } {
  const protocol = protocolFor(newcomers, residents);
  const settled = residents.length > 0;
  const ground = residents.some((profile) => profile.company.holds !== 'nothing' || isRough(profile));
  const jumpers = newcomers.filter(({ profile }) => profile.habits.jumps === 'often');
  const stings = newcomers.filter(({ profile }) => profile.handling.sting || profile.handling.spines);
  const about = (some: readonly ReleasedSpecies[]): SheetStep['about'] =>
    some.map(({ profile, count }) => ({ species: profile.id, count }));
  return {
    protocol,
    steps: [
      ...(protocol === 'single newcomer' ? [step('ruse', { vital: true })] : []),
      ...(stings.length > 0 ? [step('hands', { vital: true, about: about(stings) })] : []),
      ...(ground ? [step('rearrange')] : []),
      ...(settled && protocol !== 'skittish' ? [step('feed', { waitMinutes: 10 })] : []),
      step('dark', { waitMinutes: 10 }),
      ...(newcomers.length > 0 && newcomers.every(({ ownWater }) => ownWater)
        ? [step('match', { waitMinutes: 15 })]
        : [
            step('float', { waitMinutes: 15 }),
            ...(mixMinutes > 0 ? [step('mix', { waitMinutes: mixMinutes })] : []),
          ]),
      step('count', { vital: true, about: about(newcomers) }),
      step('low'),
      step('heater', { vital: true }),
      step('lid', { vital: true, about: about(jumpers) }),
      step(protocol === 'skittish' ? 'unfed' : 'ramp'),
    ],
  };
}
