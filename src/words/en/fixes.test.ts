import { catalogue } from '@/testing/plans';
import { sayFix } from './fixes';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

describe('a larger tank', () => {
  const said = (name: string, units: typeof US, sizes: readonly [number, number, number]) => {
    const [lengthCm, widthCm, heightCm] = sizes;
    return sayFix(
      { edit: { kind: 'set-tank', name, lengthCm, widthCm, heightCm } },
      wordsFor(catalogue, units),
    );
  };
  it('goes by the name it is sold under, and by its measures', () => {
    expect(said('29 US gal', US, [76.2, 30.5, 45.7])).toBe(
      'Choose a larger tank, 29 US gal (30 in × 12 in × 18 in).',
    );
    expect(said('120 x 40 x 50 cm', METRIC, [120, 40, 50])).toBe(
      'Choose a larger tank, 120 cm × 40 cm × 50 cm.',
    );
  });
});
