import { adultLengthCm } from '../model';
import type { PlannedGroup } from '../rules';

/** Mean length of a group over that of the larger sex: by the sexes where they are known, half and half where not. */
export function sexShare({ profile, males, females }: PlannedGroup): number {
  const { maleCm, femaleCm } = profile.size;
  const known = (males ?? 0) + (females ?? 0);
  const maleShare = known > 0 ? (males ?? 0) / known : 0.5;
  return (maleShare * maleCm + (1 - maleShare) * femaleCm) / adultLengthCm(profile);
}
