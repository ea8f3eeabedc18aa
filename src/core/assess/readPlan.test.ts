import { catalogue, plan, TANKS } from '@/testing/plans';
import { readPlan } from './readPlan';

const NEON = 'paracheirodon-innesi';
const sound = plan(TANKS.us29, [{ species: NEON, count: 10 }]);
const read = (value: unknown) => readPlan(JSON.parse(JSON.stringify(value)), catalogue);
/** Each fault as its path with what was expected. */
const faults = (value: unknown): readonly string[] => {
  const found = read(value);
  return found.ok ? [] : found.faults.map(({ path, expected }) => `${path} ${expected.is}`);
};

describe('a plan from foreign data', () => {
  it('names its species by identifier, however they were named', () => {
    const found = read({ ...sound, groups: [{ species: 'Paracheirodon innesi', count: 10 }] });
    expect(found.ok && found.value.groups).toMatchObject([{ species: NEON, count: 10 }]);
  });
  it('of a newer version is told as that, and nothing else of it is judged', () => {
    expect(faults({ ...sound, version: 2, groups: 'many', tank: null })).toEqual(['version version']);
    const found = read({ ...sound, version: 2 });
    expect(found.ok ? null : found.faults[0]?.expected).toEqual({ is: 'version', to: 1, newer: true });
  });
  it.each<[string, unknown]>([
    ['of version 1', sound],
    ['of another format with a newer version', { ...sound, format: 'lomvik-room', version: 2 }],
    ['with a version that is no number', { ...sound, version: '2' }],
    ['of version 0', { ...sound, version: 0 }],
    ['that is nothing', null],
    ['that is a text', 'lomvik-plan'],
    ['that is a number', 2],
  ])('%s is not told as newer', (_name, value) => {
    const found = read(value);
    const expected = found.ok ? [] : found.faults.map((fault) => fault.expected);
    expect(expected).not.toContainEqual(expect.objectContaining({ newer: true }));
  });
  it('with other faults names its unknown species too', () => {
    const broken = {
      ...sound,
      tank: { ...sound.tank, lengthCm: -1 },
      groups: [
        { species: NEON, count: 10 },
        { species: 'no such fish', count: 4 },
        { species: '', count: 4 },
        { species: 7, count: 4 },
        { count: 4 },
        null,
      ],
    };
    const paths = faults(broken).map((one) => one.split(' ')[0]);
    expect(paths).toContain('tank.lengthCm');
    expect(faults(broken).filter((one) => one.startsWith('groups[1].species'))).toHaveLength(1);
    expect(faults(broken).filter((one) => one.startsWith('groups[0]'))).toEqual([]);
    for (const at of [2, 3, 4])
      expect(faults(broken).filter((one) => one.startsWith(`groups[${at}].species`))).toHaveLength(1);
    expect(faults({ ...broken, groups: 'many' }).some((one) => one.startsWith('groups'))).toBe(true);
  });
  it('names what is wrong with its tank and with each group', () => {
    const bad = faults({
      ...sound,
      tank: { ...sound.tank, waterLineCm: 500 },
      groups: [
        { species: NEON, count: 10 },
        { species: NEON, count: 3, males: 4, females: 4 },
        { species: 'no such fish', count: 1 },
      ],
    });
    expect(bad).toContain('tank.waterLineCm at most');
    expect(bad).toContain('groups[1].males sexes');
    expect(bad.some((one) => one.startsWith('groups[2].species'))).toBe(true);
    expect(bad.some((one) => one.startsWith('groups[0]'))).toBe(false);
  });
});
