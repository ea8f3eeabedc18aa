import { catalogue, plan, TANKS } from '@/testing/plans';
import { file as experience, stay } from '@/testing/stays';
import { checkFile } from './checkFile';

const BREAKS: Readonly<Record<string, unknown>> = {
  'lomvik-plan': plan(TANKS.us55, [{ species: 'danio-rerio', count: 8 }]),
  'lomvik-wishes': {
    format: 'lomvik-wishes',
    version: 1,
    tank: TANKS.us55,
    wishes: [{ species: 'danio-rerio', count: 8 }],
  },
  'lomvik-experience': experience('r', [stay()]),
  lomvik: {
    format: 'lomvik',
    version: 1,
    exportedOn: '2026-11-01T10:00:00.000Z',
    documents: [],
    entries: [],
  },
};

describe('a file is checked as what its format says', () => {
  it.each(Object.keys(BREAKS))('%s: a sound one is called so, a broken one is told its faults', (format) => {
    const sound = BREAKS[format] as object;
    expect(checkFile(sound, catalogue)).toEqual({ ok: true, value: format });
    const broken = checkFile({ format, version: 1 }, catalogue);
    expect(broken.ok).toBe(false);
    if (!broken.ok) {
      expect(broken.faults.length).toBeGreaterThan(0);
      expect(broken.faults.map(({ path }) => path)).not.toContain('format');
    }
  });
  it('a life too', () => {
    const broken = checkFile({ format: 'lomvik-life', version: 1 }, catalogue);
    expect(!broken.ok && broken.faults.every(({ path }) => path !== 'format')).toBe(true);
  });
  it.each([
    ['another', { format: 'csv' }, { is: 'value', text: '"csv"' }],
    ['none', {}, { is: 'nothing' }],
    ['that of an object’s own parts', { format: 'toString' }, { is: 'value', text: '"toString"' }],
    ['nothing at all', null, { is: 'nothing' }],
    ['a text', 'lomvik', { is: 'nothing' }],
  ])('a foreign one is told what formats there are: %s', (_what, value, received) =>
    expect(checkFile(value, catalogue)).toEqual({
      ok: false,
      faults: [
        {
          path: 'format',
          expected: {
            is: 'format',
            of: ['lomvik-plan', 'lomvik-wishes', 'lomvik-life', 'lomvik-experience', 'lomvik'],
          },
          received,
        },
      ],
    }),
  );
});
