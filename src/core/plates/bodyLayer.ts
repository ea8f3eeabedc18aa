import { lerp, spline } from './curve';
import { type Easel, group, hairline, isFine, isRough, path, stepsText, units } from './easel';
import { MARKS, valuesOf } from './marks';
import { stripe } from './marks/stripe';
import { UNITS } from './pen';
import { hexOf } from './pigments';
import { type Attributes, attributes, short } from './svgText';

const PUPIL = '#14181a';

/** The upper edge darker, a light band on the flank, the belly in shade. */
const shadeText = (id: string, dark: number): string =>
  `<linearGradient id="${id}" x2="0" y2="1">${stepsText([
    [0, '#000000', dark],
    [0.2, '#000000', 0.04],
    [0.34, '#ffffff', 0.13],
    [0.54, '#ffffff', 0],
    [0.74, '#000000', 0],
    [1, '#000000', 0.2],
  ])}</linearGradient>`;

/** The body melts into the tail: a straight seam would make a toy of it. */
const meltText = (id: string): string =>
  `<linearGradient id="${id}g" gradientUnits="userSpaceOnUse" x1="${97.4 * UNITS}" x2="${100.8 * UNITS}" y1="0" y2="0">${stepsText(
    [
      [0, '#ffffff', 1],
      [1, '#000000', 1],
    ],
  )}</linearGradient><mask id="${id}"><path d="M-99-999H${101.5 * UNITS}V999H-99z" fill="url(#${id}g)"/></mask>`;

/** Scales, hinted behind the gill cover. */
function scaleHint(easel: Easel, [from, size, strength]: readonly [number, number, number]): string {
  const { outline, pen, definitions, hair } = easel;
  const s = Math.round(units(size));
  const h = Math.round(units(size) * 0.84);
  const id = definitions.id(
    'scales',
    (own) =>
      `<pattern id="${own}" width="${s}" height="${h}" patternUnits="userSpaceOnUse"><path d="M0 0q${short(s * 0.9)} ${h / 2} 0 ${h}M${s / 2} ${-h / 2}q${short(s * 0.9)} ${h / 2} 0 ${h}q${short(s * 0.9)} ${h / 2} 0 ${h}" fill="none" stroke="#000" stroke-width="${hair}"/></pattern>`,
  );
  const front = spline([1, 0.4, -0.2, -1].map((t) => outline.at(from + 2 - 4 * t * t, t)));
  const rear = spline([
    [101, -60],
    [101, 60],
  ]);
  return path(pen.path([front, rear], true), { fill: `url(#${id})`, 'fill-opacity': strength });
}

function gillCover({ outline, pen, hair, ...easel }: Easel, x: number): string {
  const line = (
    [
      [x - 3, 0.42],
      [x, 0.12],
      [x - 0.6, -0.3],
      [x - 5, -0.86],
    ] as const
  ).map(([px, v]) => outline.at(px, v));
  return path(pen.curve(line.map(([px, py]) => [px, py] as const)), {
    fill: 'none',
    stroke: '#000',
    'stroke-opacity': easel.detail === 'plate' ? 0.36 : 0.22,
    'stroke-width': hair,
  });
}

function mouthLine(easel: Easel, [length, drop]: readonly [number, number]): string {
  const { animal, pen, hair } = easel;
  const [sx, sy] = animal.build.snout;
  const lips = pen.curve([
    [sx - 0.2, sy],
    [sx + length * 0.5, sy - drop * 0.32],
    [sx + length * 0.9, sy - drop * 0.66],
  ]);
  const { eye } = animal.build;
  const nostril =
    isFine(easel) && eye && eye[2] > 2
      ? pen.strokes([
          [
            [eye[0] * 0.52, lerp(sy, eye[1], 0.72)],
            [eye[0] * 0.52 + 0.8, lerp(sy, eye[1], 0.72) + 0.3],
          ],
        ])
      : '';
  return path(lips + nostril, {
    fill: 'none',
    stroke: '#000',
    'stroke-opacity': 0.5,
    'stroke-width': short(hair * 1.3),
  });
}

export function eyeText(easel: Easel, [x, y, radius]: readonly [number, number, number]): string {
  const { animal, pen, hair } = easel;
  const [cx, cy] = pen.place([x, y]);
  const r = units(radius);
  const circle = (size: number, given: Attributes, dx = 0, dy = 0): string =>
    `<circle cx="${Math.round(cx + dx)}" cy="${Math.round(cy + dy)}" r="${short(size)}"${attributes(given)}/>`;
  if (isRough(easel)) return circle(r * 0.8, { fill: PUPIL });
  return (
    circle(r, {
      fill: hexOf(animal.eyeRing),
      stroke: '#10161a',
      'stroke-opacity': 0.65,
      'stroke-width': short(hair * 1.2),
    }) +
    (isFine(easel)
      ? circle(r * 0.8, {
          fill: 'none',
          stroke: '#000',
          'stroke-opacity': 0.12,
          'stroke-width': short(r * 0.34),
        })
      : '') +
    circle(r * 0.56, { fill: PUPIL }) +
    circle(r * 0.17, { fill: '#fff', 'fill-opacity': 0.9 }, -r * 0.24, -r * 0.28)
  );
}

/** The body: tone, markings, form, clipped to its outline. */
export function bodyText(easel: Easel): string {
  const { animal, outline, pen, definitions } = easel;
  const { build } = animal;
  const bodyId = definitions.id('body', (id) => `<path id="${id}" d="${pen.path([outline.segments])}"/>`);
  const clipId = definitions.id('clip', (id) => `<clipPath id="${id}"><use href="#${bodyId}"/></clipPath>`);
  const use = (given: Attributes): string => `<use href="#${bodyId}"${attributes(given)}/>`;
  return pen.within(() => {
    const [back, flank, belly] = animal.tone;
    const isBent = build.bend !== undefined && build.bend[0] !== 0;
    const tone =
      isRough(easel) || isBent
        ? hexOf(flank)
        : definitions.linear(
            [
              [0, back, 1],
              [0.42, flank, 1],
              [0.62, flank, 1],
              [0.95, belly, 1],
            ],
            { x2: 0, y2: 1 },
            false,
          );
    const inside: string[] = [];
    if (isBent && !isRough(easel)) inside.push(bentTone(easel, back, 1), bentTone(easel, belly, -1));
    for (const marking of animal.markings) {
      const mark = MARKS[marking.name];
      if (mark) inside.push(mark.draw(easel, valuesOf(mark, marking)));
    }
    if (isFine(easel) && build.scales && build.scales[2] > 0) inside.push(scaleHint(easel, build.scales));
    if (!isRough(easel) && !isBent)
      inside.push(use({ fill: `url(#${definitions.id('shade', (id) => shadeText(id, animal.shade))})` }));
    // Broad faint strokes within the outline round the form.
    if (isFine(easel))
      inside.push(
        group(
          { fill: 'none', stroke: '#000', 'stroke-opacity': 0.075, transform: 'translate(-2-3)' },
          [22, 10].map((width) => use({ 'stroke-width': width })).join(''),
        ),
      );
    if (build.gill && !isRough(easel)) inside.push(gillCover(easel, build.gill));
    if (build.mouth && !isRough(easel)) inside.push(mouthLine(easel, build.mouth));
    const melt = isFine(easel) && build.tail ? { mask: `url(#${definitions.id('melt', meltText)})` } : {};
    return group(
      melt,
      use({ fill: tone }) +
        group({ 'clip-path': `url(#${clipId})` }, inside.join('')) +
        use({ fill: 'none', ...hairline(easel, 0.5) }),
    );
  });
}

/** The dark back (or the light belly) of a body in waves, which no upright gradient follows. */
function bentTone(easel: Easel, colour: string, side: 1 | -1): string {
  const numbers = { at: [0, side, 2, 50, side, 5, 101, side, 3], a: [0.8], halo: [2] };
  return stripe.draw(easel, valuesOf(stripe, { colour, colours: {}, numbers }));
}
