import { commonName, isRough, type SpeciesProfile } from '../model';
import { countOf } from '../wording';

/** One step of a release. */
export interface SheetStep {
  readonly id: string;
  readonly text: string;
  /** Minutes to wait after it before the next; 0 for none. */
  readonly waitMinutes: number;
  /** Must be ticked: fish die when it is forgotten. */
  readonly vital: boolean;
}

export interface ReleaseKind {
  readonly profile: SpeciesProfile;
  readonly count: number;
}

/** A shoal this shy is put in unfed and in the dark (common practice). */
const SHY = 3;

export type Protocol = 'plain' | 'single newcomer' | 'skittish';

/** The protocol that newcomers ask for beside those who live there: alone among the rough, skittish, or plain. */
export function protocolFor(kinds: readonly ReleaseKind[], residents: readonly SpeciesProfile[]): Protocol {
  const rough = residents.some((profile) => isRough(profile));
  const heads = kinds.reduce((sum, kind) => sum + kind.count, 0);
  if (rough && heads === 1) return 'single newcomer';
  const skittish = kinds.some(({ profile }) => profile.habits.shyness >= SHY || profile.habits.panics);
  return skittish && !rough ? 'skittish' : 'plain';
}

const step = (id: string, text: string, more: Partial<SheetStep> = {}): SheetStep => ({
  id,
  text,
  waitMinutes: 0,
  vital: false,
  ...more,
});

/**
 * The run sheet of a release, step by step (common practice: rearrange in the same hour, feed the residents first, lights
 * off, release low, heater and lid; a single newcomer goes in with residents that were moved to it; a skittish shoal goes in
 * unfed and in the dark).
 */
export function releaseSheet(
  kinds: readonly ReleaseKind[],
  residents: readonly SpeciesProfile[],
  mixMinutes: number,
): { readonly protocol: Protocol; readonly steps: readonly SheetStep[] } {
  const protocol = protocolFor(kinds, residents);
  const settled = residents.length > 0;
  const ground = residents.some((profile) => profile.company.holds !== 'nothing' || isRough(profile));
  const jumpers = kinds.filter(({ profile }) => profile.habits.jumps === 'often');
  const stings = kinds.filter(({ profile }) => profile.handling.sting || profile.handling.spines);
  const who = kinds.map(({ profile, count }) => countOf(count, profile)).join(', ');
  return {
    protocol,
    steps: [
      ...(protocol === 'single newcomer'
        ? [
            step(
              'ruse',
              'One alone is picked on by all. After its own quarantine let three or four residents live with it there for a week, in a tank that carries them all; then bring them in together.',
              { vital: true },
            ),
          ]
        : []),
      ...(stings.length > 0
        ? [
            step(
              'hands',
              `${stings.map(({ profile }) => commonName(profile)).join(', ')}: spines or a sting. A container, never bare hands or a net that tangles.`,
              { vital: true },
            ),
          ]
        : []),
      ...(ground
        ? [
            step(
              'rearrange',
              'Rearrange rock and wood in this same hour: nobody holds old ground when they come.',
            ),
          ]
        : []),
      ...(settled && protocol !== 'skittish'
        ? [step('feed', 'Feed the residents: the hungry are rougher.', { waitMinutes: 10 })]
        : []),
      step('dark', 'Lights off.', { waitMinutes: 10 }),
      step('float', 'Float the bag or bucket: match the warmth.', { waitMinutes: 15 }),
      ...(mixMinutes > 0
        ? [
            step('mix', 'Mix by rounds, as worked out; none of the shop’s water into the tank.', {
              waitMinutes: mixMinutes,
            }),
          ]
        : []),
      step('count', `Count them as they go in: ${who} were ordered. Is each the kind it should be?`, {
        vital: true,
      }),
      step('low', 'Release low, near cover, away from whoever holds the middle.'),
      step('heater', 'Heater and filter are on again.', { vital: true }),
      step('lid', jumpers.length > 0 ? 'The lid is closed: these jump.' : 'The lid is closed.', {
        vital: true,
      }),
      ...(protocol === 'skittish'
        ? [step('unfed', 'No food and no light for two to three days, then raise the light slowly.')]
        : [step('ramp', 'Light on again tomorrow, raised slowly.')]),
    ],
  };
}
