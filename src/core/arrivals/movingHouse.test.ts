import type { ResidentId } from '../kernel/schema/ids';
import { isVitalMove, MOVING_STEPS, reconcile } from './movingHouse';

describe('moving house', () => {
  const residents = [
    { id: 'shoal' as ResidentId, count: 8 },
    { id: 'pleco' as ResidentId, count: 1 },
  ];
  it('F113, common practice: tells who was left behind, and who was lost on the way', () => {
    const told = reconcile(
      [
        { resident: 'shoal', out: 4, in: 4 },
        { resident: 'shoal', out: 3, in: 2 },
      ],
      residents,
    );
    expect(told).toEqual([
      { resident: 'shoal', onRecord: 8, out: 7, in: 6, lost: 1, left: 1 },
      { resident: 'pleco', onRecord: 1, out: 0, in: 0, lost: 0, left: 1 },
    ]);
  });
  it('loses nobody who is still in the bucket', () => {
    expect(reconcile([{ resident: 'shoal', out: 8, in: null }], residents)[0]).toMatchObject({
      lost: 0,
      left: 0,
      in: 0,
    });
  });
  it('does not end before the equipment is on again and what was taken out is searched', () => {
    expect(MOVING_STEPS.filter(isVitalMove)).toEqual(['ready', 'off', 'search', 'on', 'lid']);
  });
  it('counts a fish once that two tabs put into two buckets', () => {
    const twice = [
      { resident: 'a', out: 1, in: 1 },
      { resident: 'a', out: 1, in: 1 },
    ];
    expect(reconcile(twice, [{ id: 'a' as ResidentId, count: 1 }])[0]).toMatchObject({ in: 1, left: 0 });
  });
});
