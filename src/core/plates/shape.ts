import type { Build } from './animal';
import { DressFault } from './reading';

type Numbers = readonly number[];

/** Heights of stations, each by what stands at its x. */
const heights = (flat: Numbers, change: (x: number, y: number) => number): Numbers =>
  flat.map((value, i) => (i % 2 === 0 ? value : change(flat[i - 1] as number, value)));

/** A soft rise about x, so wide. */
const rise = (x: number, at: number, width: number): number => Math.exp(-(((x - at) / width) ** 2));

const both = (build: Build, change: (x: number, y: number) => number): Build => ({
  ...build,
  top: heights(build.top, change),
  bottom: heights(build.bottom, change),
});

/** What the words of a shape do to a build. Numbers are factors, or % of length. */
const CHANGES: Readonly<Record<string, (build: Build, n: Numbers) => Build>> = {
  /** Depth of the body. */
  deep: (build, [factor = 1]) => ({
    ...both(build, (_, y) => y * factor),
    ...(build.eye ? { eye: [build.eye[0], build.eye[1] * factor, build.eye[2]] as const } : {}),
    snout: [build.snout[0], build.snout[1] * factor],
  }),
  back: (build, [factor = 1]) => ({ ...build, top: heights(build.top, (_, y) => y * factor) }),
  belly: (build, [factor = 1]) => ({
    ...build,
    bottom: heights(build.bottom, (x, y) => y * (1 + (factor - 1) * rise(x, 42, 28))),
  }),
  /** A hump on the brow: height, where, how wide. */
  hump: (build, [height = 3, at = 14, width = 8]) => ({
    ...build,
    top: heights(build.top, (x, y) => y + height * rise(x, at, width)),
  }),
  /** Thickness of the tail root. */
  root: (build, [factor = 1]) =>
    both(build, (x, y) => y * (1 + (factor - 1) * Math.min(1, Math.max(0, (x - 60) / 30)))),
  /** The mouth higher (or lower), and the tip of the head with it. */
  mouth: (build, [by = 0]) => {
    const lift = (x: number): number => by * Math.max(0, 1 - x / 16);
    return {
      ...build,
      snout: [build.snout[0], build.snout[1] + by],
      top: heights(build.top, (x, y) => y + lift(x)),
      bottom: heights(build.bottom, (x, y) => y - lift(x)),
    };
  },
  /** A longer (or shorter) snout: the head before the eye is drawn out. */
  snout: (build, [by = 0]) => {
    const drawn = (x: number): number => x - by * Math.max(0, 1 - x / 16);
    const stations = (flat: Numbers): Numbers => flat.map((v, i) => (i % 2 === 0 ? drawn(v) : v));
    return {
      ...build,
      snout: [drawn(build.snout[0]), build.snout[1]],
      top: stations(build.top),
      bottom: stations(build.bottom),
    };
  },
  eye: (build, [factor = 1]) =>
    build.eye ? { ...build, eye: [build.eye[0], build.eye[1], build.eye[2] * factor] } : build,
  /** No bend, or another. */
  bend: (build, [height = 0, wave = 80, start = 6]) => ({ ...build, bend: [height, wave, start] }),
  scales: (build, [strength = 0]) =>
    build.scales ? { ...build, scales: [build.scales[0], build.scales[1], strength] } : build,
  /** Bristles of a male's snout, by their length. */
  bristles: (build, [long = 1]) => ({
    ...build,
    bristles: [
      [0.6, -4.6, -4.6, 1.4],
      [0.8, -3, -4.6, 4],
      [2, -0.8, -3.8, 6],
      [3.8, 1.8, -2.2, 7.4],
      [6.4, 4.8, -1.4, 7.2],
      [9, 7.2, 0.4, 5.4],
    ].map(([x, y, dx, dy]) => ({
      root: [x as number, y as number] as const,
      reach: [(dx as number) * long, (dy as number) * long] as const,
      bow: 0,
    })),
    front: [...(build.front ?? []), 'bristles'],
  }),
  /** Parts of a family. */
  hood: (build) => ({ ...build, front: [...(build.front ?? []), 'hood'] }),
  bubbles: (build) => ({ ...build, front: [...(build.front ?? []), 'bubbles'] }),
  telescope: (build) => ({ ...build, front: [...(build.front ?? []), 'telescope'] }),
  longarms: (build) => ({ ...build, behind: [...(build.behind ?? []), 'longArms'] }),
};

/** A build as its dress changes it. Errors: throws a `DressFault` where no shape is changed by a word. */
export const shaped = (build: Build, changes: ReadonlyMap<string, Numbers>): Build =>
  [...changes].reduce((so, [word, numbers]) => {
    const change = CHANGES[word];
    if (!change) throw new DressFault(`"${word}" is no word of a shape.`);
    return change(so, numbers);
  }, build);
