import { readDocument } from '../../gate/readRecord';

const size = { lengthCm: 76.2, widthCm: 30.48, heightCm: 45.72, inside: false };
/** What a new tank of that size was given once: 29 US gal. */
const once = {
  ...size,
  glassMm: 8,
  waterLineCm: 43.7,
  substrate: 'sand',
  substrateCm: 4,
  hardscapeFraction: 0.05,
  lid: true,
  filterLph: 531,
};
const documentOf = (v: number, tank: object, entered?: unknown) =>
  readDocument({
    id: 'T',
    kind: 'tank',
    rev: 1,
    v,
    body: { name: 'Fen', purpose: 'display', order: 1, tank, water: {}, routine: {}, practice: {}, entered },
  });
const read = (tank: object, entered?: object): Record<string, unknown> => {
  const document = documentOf(2, tank, entered);
  if (!document.ok) throw new Error(JSON.stringify(document.faults));
  return (document.value.body as unknown as { tank: Record<string, unknown> }).tank;
};

describe('a tank of an earlier Lomvik', () => {
  it('lets go of what nobody typed, so that it follows the measures', () =>
    expect(read(once)).toEqual({ ...size, substrate: 'sand', lid: true }));
  it('keeps what was typed, and what is not the usual', () =>
    expect(read({ ...once, glassMm: 6 }, { waterLineCm: '43.7 cm' })).toEqual({
      ...size,
      glassMm: 6,
      waterLineCm: 43.7,
      substrate: 'sand',
      lid: true,
    }));
  it('is left as it is where its measures are none', () => {
    const document = documentOf(1, { ...once, lengthCm: -1 }, null);
    expect(document.ok ? [] : document.faults.map(({ path }) => path)).toEqual(['body.tank.lengthCm']);
  });
  it('keeps of what was typed the short texts only', () => {
    const document = documentOf(1, size, {
      lengthCm: '30 in',
      long: 'x'.repeat(200),
      longer: 'x'.repeat(201),
      count: 7,
      list: ['x'],
    });
    expect(document.ok && document.value.body).toMatchObject({
      entered: { lengthCm: '30 in', long: 'x'.repeat(200) },
    });
    expect(document.ok && Object.keys((document.value.body as { entered: object }).entered)).toEqual([
      'lengthCm',
      'long',
    ]);
  });
});
