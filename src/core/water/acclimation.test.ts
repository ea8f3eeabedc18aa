import { acclimation, type BagAndTank } from './acclimation';

const water = (temperatureC: number, tdsPpm: number | null, ph: number | null = null) => ({
  temperatureC,
  tdsPpm,
  ph,
});
const ask = (more: Partial<BagAndTank>) =>
  acclimation({
    bag: water(25, 200),
    tank: water(25, 210),
    hoursInBag: 1,
    bagLitres: 2,
    sensitive: false,
    ...more,
  });

describe('acclimation, by the measured difference and the hours in the bag (common practice)', () => {
  it('F48: same tap, same warmth, little or nothing; two rounds of five minutes when nobody measured', () => {
    expect(ask({}).method).toBe('temperature only');
    expect(ask({ bag: water(25, null) })).toMatchObject({
      method: 'mixing rounds',
      rounds: 2,
      minutes: 10,
      tankWaterLitres: 4,
    });
  });
  it('leaves of the difference what repeated mixing leaves: one part in one plus the rounds', () => {
    expect(ask({ bag: water(25, 300) }).remaining).toBeCloseTo(1 / 3, 12);
    expect(ask({ bag: water(25, 360) })).toMatchObject({ rounds: 3, remaining: 1 / 4 });
  });
  it('drips when the waters lie far apart or the species is sensitive', () => {
    expect(ask({ bag: water(25, 700) }).method).toBe('slow drip');
    expect(ask({ bag: water(25, 200, 6), tank: water(25, 210, 7.5) }).method).toBe('slow drip');
    expect(ask({ sensitive: true }).method).toBe('slow drip');
  });
  it('goes straight in after a day in the bag, for its ammonia turns toxic as the pH climbs', () => {
    expect(ask({ hoursInBag: 30, bag: water(22, 300, 6.2), tank: water(25, 210, 7.4) }).method).toBe(
      'straight in',
    );
    expect(ask({ hoursInBag: 30, bag: water(25, 300, 7.4), tank: water(25, 210, 7.4) }).method).not.toBe(
      'straight in',
    );
  });
});

describe('a way that the keeper swears by', () => {
  it('is followed, and told what the measures ask for', () => {
    const asked: BagAndTank = {
      bag: water(25, 200),
      tank: water(25, 210),
      hoursInBag: 1,
      bagLitres: 2,
      sensitive: false,
    };
    expect(acclimation(asked, 'temperature only')).toEqual(acclimation(asked));
    const drip = acclimation(asked, 'slow drip');
    expect(drip).toMatchObject({ method: 'slow drip', tankWaterLitres: 6, remaining: 1 / 4 });
    expect(drip.recommended).toMatchObject({ method: 'temperature only' });
    expect(acclimation(asked, 'mixing rounds')).toMatchObject({ rounds: 2, remaining: 1 / 3 });
    expect(acclimation(asked, 'straight in').rounds).toBe(0);
  });
});
