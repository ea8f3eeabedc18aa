import { compileCatalogue } from '../compile/compile';
import { shippedSources } from '../compile/shippedSources';
import { entriesOf } from './index';
import { slipsNoticed } from './slips';

/** Prints how many slips of each kind the checks of the catalogue notice, and of all. */
export function main(): void {
  const kinds = slipsNoticed(entriesOf(compileCatalogue(shippedSources())));
  const share = (noticed: number, tried: number): string => `${((100 * noticed) / tried).toFixed(1)} %`;
  for (const { slip, noticed, tried } of kinds)
    process.stdout.write(`${share(noticed, tried).padStart(8)}  ${noticed} of ${tried}  ${slip}\n`);
  const sum = (of: 'noticed' | 'tried'): number => kinds.reduce((all, kind) => all + kind[of], 0);
  process.stdout.write(`${share(sum('noticed'), sum('tried')).padStart(8)}  of all\n`);
}
