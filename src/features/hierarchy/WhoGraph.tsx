'use client';

import type { HierarchyAnswer } from '@/workers/hierarchyWork';

const SIZE = 300;
const RADIUS = 112;
const DOT = 9;
const THICKEST = 7;
/** Arrows thinner than this share of the thickest are left out, and more than so many: the table has them. */
const LEAST = 0.08;
const MOST_ARROWS = 90;

/** Who chases whom, drawn: the thicker the arrow, the more often; each way by itself. The table beside it says the same. */
export function WhoGraph({
  ranking,
  order,
  nameOf,
  colours,
}: {
  readonly ranking: HierarchyAnswer['ranking'];
  readonly order: readonly string[];
  readonly nameOf: (id: string) => string;
  readonly colours: ReadonlyMap<string, string>;
}) {
  const at = new Map(
    order.map((id, index) => {
      const angle = (2 * Math.PI * index) / Math.max(1, order.length) - Math.PI / 2;
      return [
        id,
        { x: SIZE / 2 + RADIUS * Math.cos(angle), y: SIZE / 2 + RADIUS * Math.sin(angle) },
      ] as const;
    }),
  );
  const arrows = order.flatMap((from) =>
    order.flatMap((to) => {
      const wins = ranking.wins.get(from)?.get(to) ?? 0;
      return wins > 0 ? [{ from, to, wins }] : [];
    }),
  );
  const most = Math.max(1, ...arrows.map((arrow) => arrow.wins));
  return (
    <svg
      viewBox={`-60 -16 ${SIZE + 120} ${SIZE + 40}`}
      className="max-h-[21rem] w-full"
      role="img"
      aria-label="Who chases whom, as arrows; the table has the numbers"
    >
      <defs>
        <marker
          id="who-head"
          viewBox="0 0 6 6"
          refX="5"
          refY="3"
          markerWidth="7"
          markerHeight="7"
          markerUnits="userSpaceOnUse"
          orient="auto"
        >
          <path d="M0 0L6 3L0 6z" fill="var(--slate)" />
        </marker>
      </defs>
      {arrows
        .filter(({ wins }) => wins / most >= LEAST)
        .sort((a, b) => a.wins - b.wins)
        .slice(-MOST_ARROWS)
        .map(({ from, to, wins }) => {
          const a = at.get(from)!;
          const b = at.get(to)!;
          const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
          const [ux, uy] = [(b.x - a.x) / length, (b.y - a.y) / length];
          // Each way bends to its own side, so that both are seen.
          const bend = Math.min(24, length / 5);
          const middle = { x: (a.x + b.x) / 2 - uy * bend, y: (a.y + b.y) / 2 + ux * bend };
          return (
            <path
              key={`${from}${to}`}
              d={`M${a.x + ux * DOT} ${a.y + uy * DOT}Q${middle.x} ${middle.y} ${b.x - ux * (DOT + 5)} ${b.y - uy * (DOT + 5)}`}
              fill="none"
              stroke={colours.get(from) ?? 'var(--slate)'}
              strokeOpacity={0.35 + 0.5 * (wins / most)}
              strokeWidth={1 + (THICKEST - 1) * (wins / most)}
              markerEnd="url(#who-head)"
            >
              <title>{`${nameOf(from)} over ${nameOf(to)}: ${wins}`}</title>
            </path>
          );
        })}
      {order.map((id) => {
        const { x, y } = at.get(id)!;
        const right = x >= SIZE / 2 - 1;
        return (
          <g key={id}>
            <circle
              cx={x}
              cy={y}
              r={DOT}
              fill={colours.get(id) ?? 'var(--slate)'}
              stroke="var(--paper)"
              strokeWidth="2"
            />
            <text
              x={x + (Math.abs(x - SIZE / 2) < 4 ? 0 : right ? DOT + 4 : -DOT - 4)}
              y={Math.abs(x - SIZE / 2) < 4 ? y + (y < SIZE / 2 ? -DOT - 4 : DOT + 14) : y + 4}
              textAnchor={Math.abs(x - SIZE / 2) < 4 ? 'middle' : right ? 'start' : 'end'}
              fontSize="12"
              fill="var(--ink)"
            >
              {nameOf(id)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
