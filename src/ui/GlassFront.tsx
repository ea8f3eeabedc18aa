import { memo } from 'react';
import { adultLengthCm, type SpeciesProfile } from '@/core/model';
import type { FurnishedTank } from '@/core/tank';
import { FishInScene } from './plates/FishInScene';
import { glassPlaces } from './glassPlaces';

export interface GlassGroup {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: number;
  readonly colour: string;
  /** Planned: drawn as an outline would hide it, so it is drawn lighter. */
  readonly planned: boolean;
}

interface Props {
  readonly tank: Pick<FurnishedTank, 'lengthCm' | 'heightCm' | 'waterLineCm' | 'substrateCm'>;
  readonly lid: boolean;
  readonly groups: readonly GlassGroup[];
  readonly label: string;
  /** The group under the pointer or the keyboard; the others step back. */
  readonly lit?: string | null;
  readonly className?: string;
  /** How far apart the ticks under the glass stand. */
  readonly tickCm?: number;
}

/** More than this many of one group say no more than this many. */
const DRAWN = 60;
const MARGIN_CM = 3;

interface AnimalsProps {
  readonly group: GlassGroup;
  readonly tank: Props['tank'];
  readonly dim: boolean;
}

function isDrawnAlike(before: AnimalsProps, after: AnimalsProps): boolean {
  return (
    before.dim === after.dim &&
    before.group.profile === after.group.profile &&
    before.group.count === after.group.count &&
    before.group.lengthCm === after.group.lengthCm &&
    before.group.colour === after.group.colour &&
    before.group.planned === after.group.planned &&
    before.tank.lengthCm === after.tank.lengthCm &&
    before.tank.heightCm === after.tank.heightCm &&
    before.tank.waterLineCm === after.tank.waterLineCm &&
    before.tank.substrateCm === after.tank.substrateCm
  );
}

const Animals = memo(function Animals({ group, tank, dim }: AnimalsProps) {
  const surface = tank.heightCm - tank.waterLineCm;
  const depth = tank.waterLineCm - tank.substrateCm;
  const half = group.lengthCm / 2;
  const tall = (group.profile.size.heightCm * group.lengthCm) / adultLengthCm(group.profile) / 2;
  return (
    <g opacity={dim ? 0.15 : group.planned ? 0.55 : 0.95}>
      {glassPlaces(group.profile, Math.min(group.count, DRAWN)).map((place, i) => {
        const x = half + place.across * Math.max(0, tank.lengthCm - 2 * half);
        const y = surface + Math.min(Math.max(place.down * depth, tall), Math.max(depth - tall, tall));
        return (
          <FishInScene
            key={i}
            profile={group.profile}
            lengthCm={group.lengthCm}
            colour={group.colour}
            x={x}
            y={y}
            facing={place.facing}
          />
        );
      })}
    </g>
  );
}, isDrawnAlike);

/** The front of a tank in true proportion, with every group at true size in the layer where it lives. */
export const GlassFront = memo(function GlassFront({
  tank,
  lid,
  groups,
  label,
  lit = null,
  className,
  tickCm = 10,
}: Props) {
  const { lengthCm, heightCm, waterLineCm, substrateCm } = tank;
  const surface = heightCm - waterLineCm;
  const floor = heightCm - substrateCm;
  return (
    <svg
      role="img"
      aria-label={label}
      className={`isolate ${className ?? ''}`}
      viewBox={`${-MARGIN_CM} ${-MARGIN_CM} ${lengthCm + 2 * MARGIN_CM} ${heightCm + 2 * MARGIN_CM + 3}`}
      preserveAspectRatio="xMidYMid meet"
    >
      <rect x={0} y={surface} width={lengthCm} height={waterLineCm} fill="var(--water)" />
      <rect x={0} y={floor} width={lengthCm} height={substrateCm} fill="var(--sand)" />
      {[1, 2].map((third) => {
        const y = surface + ((floor - surface) * third) / 3;
        return (
          <line
            key={third}
            x1={0}
            x2={lengthCm}
            y1={y}
            y2={y}
            stroke="var(--water-deep)"
            strokeWidth={0.25}
            strokeDasharray="1.5 1.5"
          />
        );
      })}
      {groups.map((group) => (
        <Animals key={group.key} group={group} tank={tank} dim={lit !== null && lit !== group.key} />
      ))}
      <line x1={0} x2={lengthCm} y1={surface} y2={surface} stroke="var(--deep)" strokeWidth={0.3} />
      <path d={`M0 0V${heightCm}H${lengthCm}V0`} fill="none" stroke="var(--slate)" strokeWidth={0.7} />
      {lid && <line x1={-1} x2={lengthCm + 1} y1={-0.8} y2={-0.8} stroke="var(--slate)" strokeWidth={1} />}
      <g stroke="var(--slate)" strokeWidth={0.25}>
        {Array.from({ length: Math.floor(lengthCm / tickCm + 1e-9) + 1 }, (_, i) => (
          <line
            key={i}
            x1={i * tickCm}
            x2={i * tickCm}
            y1={heightCm + 0.8}
            y2={heightCm + (i % 5 === 0 ? 2.6 : 1.6)}
          />
        ))}
      </g>
    </svg>
  );
});
