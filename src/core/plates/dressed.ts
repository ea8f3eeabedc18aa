import type { Animal, Build, EdgeFin, FinName, FinPaint, Marking } from './animal';
import type { DressWords } from './dress';
import { PLANS } from './plans';
import { DressFault, type FinWords, readFin, readMarking, readShape, wordsOf } from './reading';
import { shaped } from './shape';
import { isColour } from './pigments';

/** Below and above these, a species is given a plan of its own instead of a stretched one. */
const [FLATTEST, DEEPEST] = [0.84, 1.2];

const maximum = (flat: readonly number[]): number => Math.max(...flat.filter((_, i) => i % 2 === 1));

/** Drawn length of a build in %. */
export const drawnLength = (build: Build): number => build.total ?? 99 + (build.tail?.length ?? 0);

/** How deep a plan is for its length with the tail, as species say it. */
export const depthRatioOf = (build: Build): number =>
  (maximum(build.top) + maximum(build.bottom)) / drawnLength(build);

/**
 * The factor by which a body is made deeper than its plan: half of the way to the species' own measure, since that
 * measure is coarse and the plan was drawn for a like fish.
 */
export const depthFactor = (build: Build, depthRatio: number): number =>
  Math.min(DEEPEST, Math.max(FLATTEST, Math.sqrt(depthRatio / depthRatioOf(build))));

const PLAIN: FinPaint = { colours: ['clear'], opacity: 0.5, marks: [] };
const PECTORAL: FinPaint = { colours: ['bone'], opacity: 0.26, marks: [] };

const edgeOf = (planned: EdgeFin | undefined, { type, numbers }: FinWords): EdgeFin => {
  const [from, to, height, sweep] = numbers;
  return {
    type: type ?? planned?.type ?? 'fan',
    from: from ?? planned?.from ?? 40,
    to: to ?? planned?.to ?? 70,
    height: height ?? planned?.height ?? 14,
    sweep: sweep ?? planned?.sweep ?? 1,
  };
};

/** The build with a fin as its words change it. */
function withFin(build: Build, name: FinName, fin: FinWords): Build {
  const n = fin.numbers;
  if (fin.isNone) {
    const { [name]: _gone, ...rest } = build;
    return name === 'pelvic' ? { ...rest, threads: undefined } : rest;
  }
  if (fin.type === null && n.length === 0) return build;
  switch (name) {
    case 'dorsal':
    case 'dorsal2':
    case 'anal':
      return { ...build, [name]: edgeOf(build[name], fin) };
    case 'tail': {
      const planned = build.tail;
      return {
        ...build,
        tail: {
          type: fin.type ?? planned?.type ?? 'round',
          length: n[0] ?? planned?.length ?? 26,
          spread: n[1] ?? planned?.spread ?? 15,
          lower: n[2] ?? 1,
        },
      };
    }
    case 'pelvic': {
      if (fin.type === 'threads') {
        const [x = 30, length = 60, drop = 0.5, width = 0.9] = n;
        return { ...build, pelvic: undefined, threads: { x, length, drop, width } };
      }
      const [x = build.pelvic?.x ?? 38, length = 16, first = -62, last = -22] = n;
      return { ...build, threads: undefined, pelvic: { x, length, angles: [first, last] } };
    }
    case 'pectoral': {
      const [x = 28, level = -0.3, length = 16, first = 20, last = -36] = n;
      return { ...build, pectoral: { x, level, length, angles: [first, last] } };
    }
    case 'adipose':
      return { ...build, adipose: [n[0] ?? 82, n[1] ?? 7, n[2] ?? 5] };
  }
}

const FINS = ['dorsal', 'dorsal2', 'anal', 'tail', 'pelvic', 'pectoral', 'adipose'] as const;

function toneOf(text: string): readonly [string, string, string] {
  const colours = wordsOf(text);
  const wrong = colours.find((colour) => !isColour(colour));
  if (wrong !== undefined) throw new DressFault(`No pigment is called "${wrong}".`);
  const [back] = colours;
  if (back === undefined) throw new DressFault('A tone needs a colour.');
  const [, flank = back, belly = flank] = colours;
  return [back, flank, belly];
}

/**
 * An animal from its dress, ready to be drawn.
 *
 * @param depthRatio the depth of the body in lengths with the tail, or null where nobody knows; a `deep` of the dress
 *   goes before it
 *
 * Errors: throws a `DressFault` that names the word which nothing is drawn for.
 */
export function animalOf(words: DressWords, depthRatio: number | null = null): Animal {
  const planName = words.plan ?? 'minnow';
  const plan = PLANS[planName];
  if (!plan) throw new DressFault(`No body plan is called "${planName}".`);
  const changes = readShape(words.shape ?? '');
  const measured =
    depthRatio !== null && !changes.has('deep')
      ? new Map([['deep', [depthFactor(plan, depthRatio)]], ...changes])
      : changes;
  let build = shaped(plan, measured);
  const common = readFin(words.fins ?? '').paint;
  const all: FinPaint = common
    ? { ...common, colours: common.colours.length > 0 ? common.colours : PLAIN.colours }
    : PLAIN;
  const fins: Partial<Record<FinName, FinPaint>> = { pectoral: PECTORAL };
  for (const name of FINS) {
    const text = words[name];
    if (text === undefined) continue;
    const fin = readFin(text);
    build = withFin(build, name, fin);
    if (fin.paint)
      fins[name] =
        fin.paint.colours.length > 0
          ? fin.paint
          : { colours: all.colours, opacity: all.opacity, marks: [...all.marks, ...fin.paint.marks] };
  }
  if (words.eye !== undefined && !isColour(words.eye))
    throw new DressFault(`No pigment is called "${words.eye}".`);
  const tone = toneOf(words.tone ?? 'steel silver pearl');
  return {
    build,
    tone,
    eyeRing: words.eye ?? 'silver',
    fins: { ...fins, all },
    barbelColour: words.barbels ?? tone[1],
    markings: (words.marks ?? []).map((text): Marking => readMarking(text)),
    shade: 0.24,
  };
}
