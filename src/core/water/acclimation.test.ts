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

describe('acclimation at its limits', () => {
  it('takes waters for the same up to 50 ppm, three tenths of a pH and one degree', () => {
    expect(ask({ bag: water(25, 160) })).toEqual({
      method: 'temperature only',
      why: { says: 'alike' },
      recommended: null,
      rounds: 0,
      addLitres: 0,
      tankWaterLitres: 0,
      remaining: 1,
      minutes: 5,
    });
    expect(ask({ bag: water(25, 159) }).method).toBe('mixing rounds');
    expect([
      ask({ bag: water(26, 200) }).minutes,
      ask({ bag: water(26.1, 200) }).minutes,
      ask({ bag: water(23.9, 200) }).minutes,
    ]).toEqual([5, 15, 15]);
    expect(ask({ bag: water(25, 200, 7), tank: water(25, 210, 7.3) }).method).toBe('temperature only');
    expect(ask({ bag: water(25, 200, 7), tank: water(25, 210, 7.31) }).method).toBe('mixing rounds');
    expect(ask({ bag: water(25, 200, 7), tank: water(25, 210, 6.6) }).method).toBe('mixing rounds');
    expect(ask({ bag: water(25, 200, 7), tank: water(25, 210, null) }).method).toBe('temperature only');
    expect(ask({ tank: water(25, null) })).toMatchObject({
      method: 'mixing rounds',
      why: { says: 'not measured' },
    });
  });
  it('mixes three times beyond 125 ppm, and floats first where the warmth differs', () => {
    expect(ask({ bag: water(25, 335) })).toEqual({
      method: 'mixing rounds',
      why: { says: 'apart', tdsPpm: 125 },
      recommended: null,
      rounds: 2,
      addLitres: 2,
      minutes: 10,
      tankWaterLitres: 4,
      remaining: 1 / 3,
    });
    expect(ask({ bag: water(25, 336) })).toMatchObject({ rounds: 3, minutes: 15, tankWaterLitres: 6 });
    expect(ask({ bag: water(27, 336) }).minutes).toBe(30);
    expect(ask({ bag: water(26, 336) }).minutes).toBe(15);
  });
  it('drips beyond 250 ppm or one pH', () => {
    expect(ask({ bag: water(25, 460) }).method).toBe('mixing rounds');
    expect(ask({ bag: water(25, 461) })).toEqual({
      method: 'slow drip',
      why: { says: 'far apart' },
      recommended: null,
      rounds: 0,
      addLitres: 6,
      minutes: 90,
      tankWaterLitres: 6,
      remaining: 1 / 4,
    });
    expect(ask({ bag: water(25, 200, 6.5), tank: water(25, 210, 7.5) }).method).toBe('mixing rounds');
    expect(ask({ bag: water(25, null, 6), tank: water(25, 210, 7.5) }).method).toBe('slow drip');
    expect(ask({ sensitive: true }).why).toEqual({ says: 'sensitive' });
  });
  it('goes straight in from a day in the bag on, unless its pH is as high as that of the tank', () => {
    const day = (hoursInBag: number, bagPh: number | null, tankPh: number | null) =>
      ask({ hoursInBag, bag: water(25, 200, bagPh), tank: water(25, 210, tankPh) });
    expect(day(24, 6, 7)).toEqual({
      method: 'straight in',
      why: { says: 'long in the bag', hours: 24 },
      recommended: null,
      rounds: 0,
      addLitres: 0,
      minutes: 15,
      tankWaterLitres: 0,
      remaining: 1,
    });
    expect(day(23.9, 6.9, 7).method).toBe('temperature only');
    expect(day(24, 7, 7.3).method).toBe('temperature only');
    expect(day(24, null, 7).method).toBe('straight in');
    expect(day(24, 7, null).method).toBe('straight in');
  });
  it('by a way of the keeper takes its own time and water', () => {
    const by = (way: Parameters<typeof acclimation>[1]) =>
      acclimation(
        { bag: water(25, 900), tank: water(25, 210), hoursInBag: 1, bagLitres: 2, sensitive: false },
        way,
      );
    const recommended = { method: 'slow drip', why: { says: 'far apart' } };
    expect(by('temperature only')).toEqual({
      method: 'temperature only',
      why: { says: 'far apart' },
      recommended,
      rounds: 0,
      addLitres: 0,
      minutes: 15,
      tankWaterLitres: 0,
      remaining: 1,
    });
    expect(by('mixing rounds')).toEqual({
      method: 'mixing rounds',
      why: { says: 'far apart' },
      recommended,
      rounds: 2,
      addLitres: 2,
      minutes: 25,
      tankWaterLitres: 4,
      remaining: 1 / 3,
    });
    expect(by('slow drip').recommended).toBeNull();
    expect(
      acclimation(
        { bag: water(25, 200), tank: water(25, 210), hoursInBag: 1, bagLitres: 2, sensitive: false },
        'slow drip',
      ),
    ).toMatchObject({ addLitres: 6, minutes: 90 });
  });
});
