import type { Piece } from '../sightlines';

export const TEMPLATES = ['rock wall', 'two reefs', 'open middle', 'planted back'] as const;
export type Template = (typeof TEMPLATES)[number];

const piece = (
  kind: Piece['kind'],
  x: number,
  y: number,
  lengthCm: number,
  widthCm: number,
  turned = 0,
): Piece => ({
  kind,
  x: Math.round(x),
  y: Math.round(y),
  lengthCm: Math.round(lengthCm),
  widthCm: Math.round(widthCm),
  turned,
});

const row = (
  kind: Piece['kind'],
  count: number,
  from: number,
  to: number,
  y: number,
  lengthCm: number,
  widthCm: number,
): readonly Piece[] =>
  Array.from({ length: count }, (_, i) =>
    piece(
      kind,
      from + ((to - from) * (i + 0.5)) / count,
      y + (i % 2 ? 0.04 : -0.04) * widthCm,
      lengthCm,
      widthCm,
    ),
  );

/** A usual way to set up a floor, to be changed by hand. x from the left pane, y from the front glass; cm. */
export function templateOf(name: Template, lengthCm: number, widthCm: number): readonly Piece[] {
  const [l, w] = [lengthCm, widthCm];
  const rock = Math.min(0.42 * w, 0.2 * l);
  switch (name) {
    case 'rock wall': {
      const count = Math.max(3, Math.round(l / 24));
      return [
        ...row('rock', count, 0, l, w * 0.78, (l / count) * 1.05, rock),
        ...row('cave', 2, l * 0.2, l * 0.8, w * 0.5, rock * 0.7, rock * 0.6),
      ];
    }
    case 'two reefs':
      return [0.22, 0.78].flatMap((at, i) => [
        piece('rock', l * at, w * 0.62, l * 0.2, rock),
        piece('rock', l * (at + (i ? 0.07 : -0.07)), w * 0.36, l * 0.12, rock * 0.7),
        piece('cave', l * (at + (i ? -0.07 : 0.07)), w * 0.4, l * 0.1, rock * 0.6),
      ]);
    case 'open middle':
      return [0.12, 0.88].flatMap((at, i) => [
        piece('wood', l * at, w * 0.6, l * 0.18, w * 0.12, i ? 130 : 50),
        piece('plant', l * (at + (i ? 0.045 : -0.045)), w * 0.82, l * 0.14, w * 0.26),
        piece('rock', l * (at + (i ? -0.05 : 0.05)), w * 0.34, l * 0.08, w * 0.2),
      ]);
    case 'planted back':
      return [
        ...row('plant', Math.max(3, Math.round(l / 22)), 0, l, w * 0.84, 18, w * 0.24),
        piece('wood', l * 0.36, w * 0.5, l * 0.24, w * 0.1, 20),
        piece('rock', l * 0.68, w * 0.4, l * 0.1, w * 0.22),
      ];
  }
}
