import type { Point } from '../curve';
import type { Easel } from '../easel';
import { attributes } from '../svgText';

/** The whole body in a colour that comes in from one place and is full at another. */
export function wash(
  { pen, definitions }: Easel,
  colour: string,
  from: Point,
  to: Point,
  opacity: number,
): string {
  const [p, q] = [pen.place(from), pen.place(to)];
  const fill = definitions.linear(
    [
      [0, colour, 0],
      [1, colour, opacity],
    ],
    { x1: p[0], y1: p[1], x2: q[0], y2: q[1] },
    true,
  );
  return `<use href="#${definitions.id('body', () => '')}"${attributes({ fill })}/>`;
}
