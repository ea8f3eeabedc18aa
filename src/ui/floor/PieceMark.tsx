import { type Piece, type Polygon, shapeOf } from '@/core/sightlines';

/** Corners as a drawing has them: the front glass below. cm */
export const corners = (polygon: Polygon, widthCm: number): string =>
  polygon.map(([x, y]) => `${x.toFixed(1)},${(widthCm - y).toFixed(1)}`).join(' ');

/** Corners a little in or out, the same for the same place: a stone is no oval. */
const rough = (polygon: Polygon, [cx, cy]: readonly [number, number]): Polygon =>
  polygon.map(([x, y], i) => {
    const k = 0.88 + 0.2 * Math.abs(Math.sin(i * 12.9 + cx * 3.1 + cy * 7.7));
    return [cx + (x - cx) * k, cy + (y - cy) * k];
  });

const inner = (polygon: Polygon, [cx, cy]: readonly [number, number], share: number): Polygon =>
  polygon.map(([x, y]) => [cx + (x - cx) * share - 0.6, cy + (y - cy) * share + 0.8]);

const FILLS: Readonly<Record<Piece['kind'], string>> = {
  rock: 'var(--scene-stone)',
  cave: 'var(--scene-stone)',
  wood: 'var(--scene-wood)',
  root: 'var(--scene-wood)',
  plant: 'var(--scene-green-1)',
  slate: 'var(--scene-slab)',
  pot: 'var(--scene-clay)',
  shells: 'var(--scene-shell)',
  filter: 'var(--slate)',
};
const LINES: Readonly<Record<Piece['kind'], string>> = {
  rock: 'var(--scene-stone-line)',
  cave: 'var(--scene-stone-line)',
  wood: 'var(--scene-wood-line)',
  root: 'var(--scene-wood-line)',
  plant: 'var(--scene-green-line)',
  slate: 'var(--scene-stone-line)',
  pot: 'var(--scene-clay-line)',
  shells: 'var(--scene-shell-line)',
  filter: 'var(--slate)',
};

/** A piece of the floor seen from above. */
export function PieceMark({ piece, widthCm }: { readonly piece: Piece; readonly widthCm: number }) {
  const { kind, x, y, lengthCm, widthCm: depth, turned } = piece;
  const at = [x, y] as const;
  const shape = shapeOf(piece);
  const isStone = kind === 'rock' || kind === 'cave';
  const outline = isStone ? rough(shape, at) : shape;
  const hasMouth = kind === 'cave' || kind === 'pot';
  const middle = { cx: x, cy: widthCm - y };
  return (
    <g stroke={LINES[kind]} strokeWidth={0.3} strokeLinejoin="round">
      {kind === 'shells' ? (
        Array.from({ length: 9 }, (_, i) => {
          const t = i * 2.4;
          const r = Math.sqrt((i + 0.5) / 9);
          return (
            <ellipse
              key={i}
              cx={x + Math.cos(t) * r * (lengthCm / 2 - 1.5)}
              cy={widthCm - y + Math.sin(t) * r * (depth / 2 - 1.5)}
              rx={1.8}
              ry={1.3}
              fill={FILLS.shells}
            />
          );
        })
      ) : (
        <polygon points={corners(outline, widthCm)} fill={FILLS[kind]} />
      )}
      {isStone && (
        <polygon
          points={corners(inner(outline, at, 0.62), widthCm)}
          fill="var(--scene-stone-lit)"
          stroke="none"
        />
      )}
      {kind === 'plant' &&
        Array.from({ length: 7 }, (_, i) => {
          const t = (i / 7) * 2 * Math.PI;
          return (
            <line
              key={i}
              x1={middle.cx}
              y1={middle.cy}
              x2={middle.cx + Math.cos(t) * lengthCm * 0.4}
              y2={middle.cy + Math.sin(t) * depth * 0.4}
            />
          );
        })}
      {hasMouth && (
        <ellipse
          {...middle}
          rx={Math.min(lengthCm, depth) * 0.26}
          ry={Math.min(lengthCm, depth) * 0.16}
          fill="var(--scene-mouth)"
          stroke="none"
          transform={`rotate(${-turned} ${middle.cx} ${middle.cy}) translate(0 ${depth * 0.24})`}
        />
      )}
    </g>
  );
}
