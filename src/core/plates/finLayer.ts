import type { Build, FinName, FinPaint } from './animal';
import type { Point } from './curve';
import { type Easel, group, hairline, isFine, isRough, path } from './easel';
import { FIN_MARKS } from './finMarks';
import { adiposeFin, edgeFin, pectoralFin, pelvicFin, tailFin } from './fins/build';
import type { Fin } from './fins/fin';
import { valuesOf } from './marks';
import type { Outline } from './outline';
import { UNITS } from './pen';
import { finHexOf, hexOf } from './pigments';

/** Fins of one layer: they share one hairline and one path of rays. */
class Layer {
  private done = '';
  private shapes = '';
  private readonly rays: (readonly Point[])[] = [];

  /** @param line how strong the hairline around its fins is */
  constructor(
    private readonly easel: Easel,
    private readonly line: number,
  ) {}

  add(shape: string): void {
    this.shapes += shape;
  }

  private flush(over = ''): void {
    this.done += group(hairline(this.easel, this.line), this.shapes) + over;
    this.shapes = '';
  }

  fin(name: FinName, fin: Fin): void {
    const { easel } = this;
    const { animal, pen } = easel;
    const paint: FinPaint = animal.fins[name] ?? animal.fins.all;
    this.shapes += path(pen.path(fin.outline(), true), {
      fill: finFill(easel, fin, paint),
      'fill-opacity': isRough(easel) ? Math.max(0.7, paint.opacity) : paint.opacity,
    });
    if (paint.marks.length > 0)
      this.flush(
        paint.marks
          .map((marking) => {
            const mark = FIN_MARKS[marking.name];
            return mark ? mark.draw(easel, fin, valuesOf(mark, marking)) : '';
          })
          .join(''),
      );
    if (isFine(easel))
      this.rays.push(
        ...fin
          .rays()
          .map(([from, handle, to]) =>
            Math.hypot(to[0] - from[0], to[1] - from[1]) > 15 ? [from, handle, to] : [from, to],
          ),
      );
  }

  text(): string {
    this.flush();
    const lines =
      this.rays.length > 0
        ? path(this.easel.pen.strokes(this.rays), { fill: 'none', ...hairline(this.easel, 0.24) })
        : '';
    return this.done + lines;
  }
}

function finFill(easel: Easel, fin: Fin, { colours }: FinPaint): string {
  const only = colours[colours.length >> 1] ?? 'clear';
  if (colours.length < 2 || isRough(easel)) return finHexOf(only);
  const { pen, definitions } = easel;
  const [a, b] = [pen.place(fin.at(0.5, 0)), pen.place(fin.at(0.5, 1))];
  const steps = colours.map((colour, i) => [i / (colours.length - 1), colour, 1] as const);
  const reach = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [from, to] = [fin.at(0, 0), fin.at(1, 0)];
  const isLong = Math.hypot(to[0] - from[0], to[1] - from[1]) * UNITS > reach * 0.7;
  return isLong
    ? definitions.linear(steps, { x1: a[0], y1: a[1], x2: b[0], y2: b[1] }, true)
    : definitions.radial(steps, { cx: a[0], cy: a[1], r: Math.round(reach) });
}

/** The fins of a build that stand behind its body, in the order in which they are drawn. */
export function finsOf(outline: Outline, build: Build): readonly (readonly [FinName, Fin])[] {
  return [
    ...(build.tail ? [['tail', tailFin(outline, build.tail)] as const] : []),
    ...(build.anal ? [['anal', edgeFin(outline, -1, build.anal)] as const] : []),
    ...(build.dorsal ? [['dorsal', edgeFin(outline, 1, build.dorsal)] as const] : []),
    ...(build.dorsal2 ? [['dorsal2', edgeFin(outline, 1, build.dorsal2)] as const] : []),
    ...(build.adipose ? [['adipose', adiposeFin(outline, build.adipose)] as const] : []),
    ...(build.pelvic ? [['pelvic', pelvicFin(outline, build.pelvic)] as const] : []),
  ];
}

/** Fins that stand behind the body. */
export function finsBehind(easel: Easel): string {
  const { animal, outline, pen } = easel;
  const { build } = animal;
  const layer = new Layer(easel, 0.38);
  for (const [name, fin] of finsOf(outline, build)) layer.fin(name, fin);
  if (build.threads && !isRough(easel)) {
    const { x, length, drop, width } = build.threads;
    const y = outline.bottom(x) + 0.8;
    const paint = animal.fins.pelvic ?? animal.fins.all;
    const threads = [1, 0.86].map((k) =>
      pen.ribbon([
        [x + (1 - k) * 8, y, width * 1.6],
        [x + length * 0.18 * k, y - length * drop * 0.42 * k, width],
        [x + length * 0.5 * k, y - length * drop * 0.8 * k, width * 0.7],
        [x + length * k, y - length * drop * k, 0.15],
      ]),
    );
    layer.add(path(threads.join(''), { fill: hexOf(paint.colours[0] ?? 'clear'), 'fill-opacity': 0.85 }));
  }
  return layer.text();
}

/** What stands before the body: pectoral fin and barbels. */
export function finsInFront(easel: Easel): string {
  const { animal, outline, pen } = easel;
  const { build } = animal;
  if (isRough(easel)) return '';
  const layer = new Layer(easel, 0.24);
  if (build.pectoral) layer.fin('pectoral', pectoralFin(outline, build.pectoral));
  if (build.barbels)
    layer.add(
      path(
        build.barbels
          .map(({ root: [x, y], reach: [dx, dy], bow }) =>
            pen.ribbon([
              [x, y, 0.9],
              [x + dx * 0.5 + bow, y + dy * 0.5 - Math.abs(bow), 0.6],
              [x + dx, y + dy, 0.25],
            ]),
          )
          .join(''),
        { fill: hexOf(animal.barbelColour) },
      ),
    );
  return layer.text();
}
