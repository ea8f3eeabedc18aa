import { compileCatalogue } from '../compile/compile';
import { shippedSources } from '../compile/shippedSources';
import { entriesOf } from './index';
import { slipsNoticed } from './slips';

/** Of a hundred plausible slips so many have to show. */
const AIM = 0.9;

describe('slips of the pen', () => {
  const kinds = slipsNoticed(entriesOf(compileCatalogue(shippedSources())));

  it(`show in ${AIM * 100} % of all cases`, () => {
    const tried = kinds.reduce((sum, kind) => sum + kind.tried, 0);
    const noticed = kinds.reduce((sum, kind) => sum + kind.noticed, 0);
    expect(noticed / tried).toBeGreaterThanOrEqual(AIM);
  });
});
