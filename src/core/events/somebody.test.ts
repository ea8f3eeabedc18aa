import { readSomebody, somebodyId } from './somebody';

describe('a fish that nobody could tell from its like', () => {
  it.each(['male', 'female', 'unknown'] as const)('is told by kind and sex: %s', (sex) => {
    const one = { species: 'labidochromis-caeruleus', sex };
    expect(readSomebody(somebodyId(one))).toEqual(one);
  });
  it('is no resident', () => {
    for (const id of ['demo-amber', 'V1StGXR8_Z5j', 'some', 'some-x-y', ''])
      expect(readSomebody(id)).toBeNull();
  });
});
