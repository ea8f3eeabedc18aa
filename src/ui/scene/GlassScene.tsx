'use client';

import { memo, useMemo } from 'react';
import type { SpeciesProfile } from '@/core/model';
import { type Cast, layerCounts, type SceneAsked, type SceneTank } from '@/core/scene';
import { classes } from '../classes';
import { FishLayer } from './FishLayer';
import type { GlassGroup } from './group';
import { LayerLabels, layersInWords } from './LayerLabels';
import { habitOf } from './sceneTank';
import { TankDrawing } from './TankDrawing';
import { useScene } from './useScene';

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
  const hair = lengthCm / widthPx;
  const margin = isSmall ? hair : 3;
  const head = tank.lightHours > 0 ? 4 : 2;
  const layers = useMemo(
    () => (isSmall || asked.groups.length === 0 ? null : layerCounts(asked.groups)),
    [asked, isSmall],
  );
  const casts = scene?.casts ?? NO_CASTS;
  const [wide, high] = [lengthCm + 2 * margin, heightCm + head + (tickCm ? 3 : hair)];
  const frame = useMemo(() => [-margin, -head, wide, high] as const, [margin, head, wide, high]);
  return (
    <div
      role="img"
      aria-label={layers ? `${label}; ${layersInWords(layers)}` : label}
      className={classes('relative isolate', className)}
    >
      <TankDrawing
        tank={tank}
        scene={scene}
        frame={frame}
        hair={hair}
        isSmall={isSmall}
        layers={layers}
        tickCm={tickCm}
      />
      {groups.length > 0 && (
        <FishLayer
          groups={groups}
          casts={casts}
          mode={mode}
          lit={lit}
          onLight={onLight}
          tankCm={[lengthCm, heightCm]}
          frame={frame}
        />
      )}
      {layers && scene && (
        <LayerLabels
          counts={layers}
          tops={[0.5, 1.5, 2.5].map((third) => (head + scene.surface + (scene.free * third) / 3) / high)}
        />
      )}
    </div>
  );
});
