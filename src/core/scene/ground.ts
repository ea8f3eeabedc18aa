import { clamp, lerp } from './shapes';
import type { SceneTank } from './tank';

/** The free room of a tank and the line of its floor, banked a little towards the main mass. */
export interface Ground {
  readonly length: number;
  readonly height: number;
  /** Down from the rim to the surface. */
  readonly surface: number;
  /** Water over the substrate. */
  readonly free: number;
  /** Thickness of the panes. */
  readonly pane: number;
  readonly isBare: boolean;
  /** Where along the length the mass stands, and where the water is open: shares of the length. */
  readonly main: number;
  readonly open: number;
  /** Height of the floor at x: z is 0 at the back pane and 1 at the front. */
  readonly floor: (x: number, z: number) => number;
}

export function groundOf(tank: SceneTank, rollMain: () => number, rollFloor: () => number): Ground {
  const { lengthCm: length, heightCm: height, substrateCm, pieces } = tank;
  const isBare = tank.substrate === 'bare';
  const surface = Math.max(1, height - tank.waterLineCm);
  const told = pieces.filter(({ kind }) => kind === 'rock' || kind === 'wood');
  const heaviest = told.reduce<(typeof told)[number] | null>(
    (most, one) => (most === null || one.lengthCm * one.widthCm > most.lengthCm * most.widthCm ? one : most),
    null,
  );
  const main = heaviest ? clamp(heaviest.x / length, 0.1, 0.9) : rollMain() < 0.5 ? 0.26 : 0.74;
  const waves = [rollFloor(), rollFloor()].map((v) => v * 6.3) as [number, number];
  const pane = clamp(length * 0.006, 0.4, 1.2);
  const bank = isBare ? 0 : Math.min(2.2, substrateCm * 0.35);
  const rise = isBare ? 2.2 : clamp(height * 0.07, 2.4, 4.2);
  const bed = height - pane - (isBare ? 0 : substrateCm * 0.8);
  const wave = (x: number, k: number): number =>
    isBare ? 0 : 0.28 * Math.sin(x / 9 + waves[0] + k) + 0.18 * Math.sin(x / 3.7 + waves[1] - k);
  const front = (x: number): number => bed + wave(x, 0) * 0.6;
  const back = (x: number): number =>
    bed - rise - bank * Math.exp(-(((x / length - main) / 0.26) ** 2)) + wave(x, 1.3);
  return {
    length,
    height,
    surface,
    free: Math.max(4, height - pane - substrateCm - surface),
    pane,
    isBare,
    main,
    open: main < 0.5 ? 0.58 : 0.42,
    floor: (x, z) => lerp(back(x), front(x), z),
  };
}
