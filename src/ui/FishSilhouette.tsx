import { adultLengthCm, type SpeciesProfile } from '@/core/model';
import { SILHOUETTE_PATHS } from './silhouettes';

interface Props {
  readonly profile: SpeciesProfile;
  readonly lengthCm: number;
  readonly colour: string;
  /** Middle of the fish, in the drawing's units (cm). */
  readonly x?: number;
  readonly y?: number;
  readonly facing?: 'left' | 'right';
}

/** One animal at true size inside a drawing whose unit is the centimetre. */
export function FishSilhouette({ profile, lengthCm, colour, x = 0, y = 0, facing = 'right' }: Props) {
  const heightCm = (profile.size.heightCm * lengthCm) / adultLengthCm(profile);
  const turn = facing === 'left' ? -1 : 1;
  return (
    <path
      d={SILHOUETTE_PATHS[profile.look.silhouette]}
      fill={colour}
      transform={`translate(${x - (turn * lengthCm) / 2} ${y}) scale(${turn * lengthCm} ${heightCm})`}
    />
  );
}
