'use client';

import { memo, useId, useMemo } from 'react';
import { commonName, type SpeciesProfile } from '@/core/model';
import type { Wearer } from '@/core/plates';
import type { Cast, SceneAsked, SceneTank } from '@/core/scene';
import { classes } from '../classes';
import { wearerOf } from '../plates/wearerOf';
import { FishGroup } from './FishGroup';
import { habitOf } from './sceneTank';
import { useScene } from './useScene';

export interface GlassGroup {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: number;
  /** The first and the last length of the slider; both the length where nothing grows. */
  readonly fromCm?: number;
  readonly toCm?: number;
  readonly sex?: 'male' | 'female' | null;
  readonly colour: string;
  /** On the list, not in the tank: drawn lighter. */
  readonly planned: boolean;
}

interface Props {
  readonly tank: SceneTank;
  readonly groups: readonly GlassGroup[];
  readonly label: string;
  /** One colour a group, as in charts, or the dress that the fish wear. */
  readonly mode?: 'dress' | 'list';
  /** The group under the pointer or the keyboard; the others step back. */
  readonly lit?: string | null;
  readonly onLight?: (key: string | null) => void;
  readonly className?: string;
  /** How far apart the ticks under the glass stand; none in a thumbnail. */
  readonly tickCm?: number;
  /** How wide it is about to be on the page. */
  readonly widthPx?: number;
}

const NO_CASTS: readonly Cast[] = [];
/** Narrower than this it is a thumbnail. */
const SMALL_PX = 340;

const grownShare = ({ lengthCm, fromCm = lengthCm, toCm = lengthCm }: GlassGroup): number =>
  toCm === fromCm ? 0 : Math.min(1, Math.max(0, (lengthCm - fromCm) / (toCm - fromCm)));

const heightShare = ({ size }: SpeciesProfile): number =>
  size.heightCm / Math.max(size.maleCm, size.femaleCm, 0.1);

/** The front of a tank as it stands, in true proportion, with every group at true size where it lives. */
export const GlassScene = memo(function GlassScene({
  tank,
  groups,
  label,
  mode = 'dress',
  lit = null,
  onLight,
  className,
  tickCm,
  widthPx = 560,
}: Props) {
  const isSmall = widthPx < SMALL_PX;
  const { lengthCm, heightCm } = tank;
  // A step of the slider asks for nothing new: the first and the last length decide the scene.
  const wanted = JSON.stringify({
    tank,
    isSmall,
    groups: groups.map(({ key, profile, count, lengthCm: now, fromCm = now, toCm = now }) => ({
      key,
      count,
      fromCm,
      toCm,
      tall: heightShare(profile),
      layers: [profile.layers.top, profile.layers.middle, profile.layers.bottom] as const,
      habit: habitOf(profile),
    })),
  } satisfies SceneAsked);
  const asked = useMemo(() => JSON.parse(wanted) as SceneAsked, [wanted]);
  const scene = useScene(asked);
  const id = useId();
  const hair = lengthCm / widthPx;
  const margin = isSmall ? hair : 3;
  const head = tank.lightHours > 0 ? 4 : 2;
  const pane = scene?.pane ?? 0.6;
  const surface = scene?.surface ?? Math.max(1, heightCm - tank.waterLineCm);
  const casts = scene?.casts ?? NO_CASTS;
  const byKey = new Map(groups.map((group) => [group.key, group]));
  const wearer = (group: GlassGroup): Wearer | null =>
    wearerOf(group.profile, group.lengthCm, group.sex ?? null);
  return (
    <svg
      role="img"
      aria-label={label}
      className={classes('isolate', className)}
      viewBox={`${-margin} ${-head} ${lengthCm + 2 * margin} ${heightCm + head + (tickCm ? 3 : hair)}`}
      preserveAspectRatio="xMidYMid meet"
    >
      <defs>
        <linearGradient id={`${id}l`} x2="0" y2="1">
          <stop stopColor="var(--scene-light)" stopOpacity={Math.min(0.6, tank.lightHours / 16)} />
          <stop offset={0.75} stopColor="var(--scene-light)" stopOpacity={0} />
        </linearGradient>
        <clipPath id={`${id}c`}>
          <rect width={lengthCm} height={heightCm - pane / 2} />
        </clipPath>
      </defs>
      {tank.lightHours > 0 && (
        <rect
          x={lengthCm * 0.14}
          y={-head * 0.85}
          width={lengthCm * 0.72}
          height={head * 0.35}
          fill="var(--lamp)"
          fillOpacity={0.3}
          stroke="var(--lamp)"
          strokeWidth={hair}
        />
      )}
      <rect y={surface} width={lengthCm} height={Math.max(0, heightCm - surface)} fill="var(--water)" />
      <rect y={surface} width={lengthCm} height={Math.max(0, heightCm - surface)} fill={`url(#${id}l)`} />
      <g clipPath={`url(#${id}c)`}>
        {scene && !isSmall && (
          <path
            d={[1, 2].map((third) => `M0 ${surface + (scene.free * third) / 3}H${lengthCm}`).join('')}
            stroke="var(--deep)"
            strokeOpacity={0.22}
            strokeWidth={hair}
            strokeDasharray={`${6 * hair}`}
          />
        )}
        {scene && (
          <g transform={`scale(${1 / scene.steps})`} dangerouslySetInnerHTML={{ __html: scene.art }} />
        )}
        {casts.map((cast) => {
          const group = byKey.get(cast.key);
          if (!group) return null;
          const isBack = lit !== null && lit !== cast.key;
          return (
            <g
              key={cast.key}
              className="plate"
              opacity={isBack ? 0.18 : group.planned ? 0.62 : 1}
              {...(onLight
                ? {
                    onPointerEnter: () => onLight(cast.key),
                    onPointerLeave: () => onLight(null),
                    onClick: () => onLight(cast.key),
                  }
                : {})}
            >
              <title>{`${group.count} ${commonName(group.profile)}`}</title>
              <FishGroup
                cast={cast}
                grown={grownShare(group)}
                lengthCm={group.lengthCm}
                grownCm={group.toCm ?? group.lengthCm}
                profile={group.profile}
                wearer={wearer(group)}
                colour={mode === 'list' ? group.colour : null}
                pxPerCm={1 / hair}
                tankCm={[lengthCm, heightCm]}
              />
            </g>
          );
        })}
      </g>
      <path
        d={`M0 0V${heightCm}H${lengthCm}V0H${lengthCm - pane}V${heightCm - pane}H${pane}V0Z`}
        fill="var(--slate)"
        fillOpacity={isSmall ? 0.6 : 0.28}
        stroke="var(--slate)"
        strokeWidth={hair}
      />
      <path
        d={`M${pane} ${surface}H${lengthCm - pane}`}
        stroke="var(--deep)"
        strokeWidth={hair * 1.6}
        strokeOpacity={0.75}
      />
      {tank.lid && (
        <path
          d={`M${-margin / 2} ${-head * 0.25}H${lengthCm + margin / 2}`}
          stroke="var(--slate)"
          strokeOpacity={0.45}
          strokeWidth={isSmall ? hair : hair * 4}
        />
      )}
      {tickCm !== undefined && (
        <path
          d={Array.from({ length: Math.floor(lengthCm / tickCm + 1e-9) + 1 }, (_, i) => {
            const long = i % 5 === 0 ? 2.4 : 1.4;
            return `M${i * tickCm} ${heightCm + 0.5}v${long}`;
          }).join('')}
          stroke="var(--slate)"
          strokeWidth={hair}
        />
      )}
    </svg>
  );
});
