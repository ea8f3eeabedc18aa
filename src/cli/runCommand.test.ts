import { catalogue } from '@/testing/plans';
import type { Surroundings } from './answer';
import { runCommand } from './runCommand';

const plan = {
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm: 120, widthCm: 50, heightCm: 50 },
  groups: [{ species: 'angelfish', count: 3 }],
};
const world = (files: Record<string, string>): Surroundings => ({
  catalogue,
  today: '2026-11-23',
  readInput: (path) => {
    const text = files[path];
    if (text === undefined) throw new Error('no such file');
    return text;
  },
});
const run = (
  args: string[],
  files: Record<string, string> = { 'a.json': JSON.stringify(plan), '-': JSON.stringify(plan) },
) => runCommand(args, world(files));

describe('the command line', () => {
  it('assesses a file and standard input alike', () => {
    const file = run(['assess', 'a.json']);
    expect(file.errors).toEqual([]);
    expect(JSON.parse(file.output)).toMatchObject({
      format: 'lomvik-assessment',
      version: 1,
      verdict: 'stop',
      findings: expect.arrayContaining([
        expect.objectContaining({
          rule: 'group-number',
          severity: 'stop',
          species: ['pterophyllum-scalare'],
          fixes: expect.any(Array),
          because: expect.any(Object),
          contested: false,
        }),
      ]),
    });
    expect(run(['assess', '-']).output).toBe(file.output);
  });
  it('takes another day as today', () => {
    const young = {
      ...plan,
      groups: [
        { species: 'angelfish', count: 6, lengthCm: 4 },
        { species: 'neon tetra', count: 10 },
      ],
    };
    const from = (today: string): string =>
      JSON.parse(
        run(['assess', 'a.json', '--today', today], { 'a.json': JSON.stringify(young) }).output,
      ).findings.find((finding: { rule: string }) => finding.rule === 'predation').from;
    expect(from('2030-01-01') > from('2026-11-23')).toBe(true);
    expect(run(['assess', 'a.json', '--today', 'soon']).errors[0]).toContain('needs a date as YYYY-MM-DD');
  });
  it('gives the catalogue, or one profile by any name', () => {
    expect(JSON.parse(run(['species']).output).species.length).toBe(catalogue.all.length);
    expect(JSON.parse(run(['species', 'Pterophyllum scalare']).output)).toMatchObject({
      id: 'pterophyllum-scalare',
      company: 'group',
      smallestGroup: 4,
    });
    expect(JSON.parse(run(['species', 'neon', 'tetra']).output).id).toBe('paracheirodon-innesi');
    const slip = run(['species', 'angelfsh']);
    expect(JSON.parse(slip.output).id).toBe('pterophyllum-scalare');
    expect(slip.notes).toEqual(['"angelfsh" is taken as angelfish (pterophyllum-scalare).']);
    expect(run(['species', 'corys']).errors[0]).toContain('Did you mean');
    expect(run(['species', 'qwertzuiop']).errors).toHaveLength(1);
  });
  it('finds what a name may mean, and says what is near where nothing is found', () => {
    expect(run(['species', '--find', 'gold ram']).output.split('\n')[0]).toBe('mikrogeophagus-ramirezi-gold');
    expect(run(['species', '--find', 'tetra']).output.trim().split('\n')).toHaveLength(10);
    const none = run(['species', '--find', 'ticto barb']);
    expect(none.output).toBe('');
    expect(none.errors[0]).toMatch(/Nothing is called "ticto barb"\. Nearest: .*barb/);
  });
  it('tells a profile in words, in any units, with tanks, company and reasons', () => {
    const metric = run(['species', 'angelfish', '--text']).output;
    expect(metric).toMatch(/^Angelfish\nPterophyllum scalare/);
    expect(metric).toMatch(/\nTank\nStrict: 120 cm by 45 cm/);
    expect(metric).toMatch(/\nFits well with .*: \d+ of \d+ species asked/);
    expect(metric).toMatch(/\nLong fins \(genus Pterophyllum\): /);
    const us = run(['species', 'angelfish', '--text', '--units', 'us']).output;
    expect(us).toContain('grown 6 in');
    expect(us).not.toMatch(/\d (°C|°dH)/);
    expect(run(['species', '--text']).errors[0]).toBe('species --text: needs a name. Found nothing.');
  });
  it('says how many of each species a plan carries, where that is asked for', () => {
    const plain = JSON.parse(run(['assess', 'a.json']).output) as object;
    const asked = JSON.parse(run(['assess', 'a.json', '--numbers']).output) as {
      howMany: readonly { species: string; fewest: number | null; most: number | null }[];
    };
    expect(plain).not.toHaveProperty('howMany');
    expect(asked.howMany.length).toBeGreaterThan(0);
    for (const { fewest, most } of asked.howMany) expect(most ?? 0).toBeGreaterThanOrEqual(fewest ?? 0);
  });
  it('checks files of any kind', () => {
    expect(run(['check', 'a.json'])).toEqual({ output: 'a.json: a valid lomvik-plan file\n', errors: [] });
    const bad = run(['check', 'b.json'], {
      'b.json': JSON.stringify({ ...plan, tank: { ...plan.tank, widthCm: 0 } }),
    });
    expect(bad).toEqual({
      output: '',
      errors: ['b.json: tank.widthCm: needs a number above 0 and at most 1000 cm. Found 0.'],
    });
    expect(run(['check', 'c.json'], { 'c.json': '{"format":"other"}' }).errors[0]).toContain(
      'format: needs "lomvik-plan" (a plan), "lomvik-wishes" (wishes), "lomvik-life" (a fish with its story), "lomvik-experience" (experience of a room), "lomvik" (a room)',
    );
  });
  it('says what was expected when the call itself is off', () => {
    expect(run([]).errors[0]).toBe('needs a command. Found nothing.');
    expect(run(['feed']).errors[0]).toBe('needs a command. Found "feed".');
    expect(run(['assess']).errors[0]).toBe('assess: needs a plan file. Found nothing.');
    expect(run(['assess', 'missing.json']).errors[0]).toBe('missing.json: could not be read: no such file');
    expect(run(['assess', '-'], { '-': '{"format": "lomvik-pl' }).errors[0]).toContain(
      'standard input: The file: it ends early, at line',
    );
    expect(run(['--loud']).errors.length).toBeGreaterThan(1);
  });
});

describe('water', () => {
  const water = (...args: string[]) => run(['water', ...args]);
  it.each([
    [['ammonia', '--t', '25', '--ph', '8', '--tan', '1'], { fraction: 0.0537, unIonisedMgL: 0.0537 }],
    [['oxygen', '--t', '25'], { saturationMgL: 8.2631 }],
    [['mix', '--v', '10', '--add', '10', '--rounds', '2', '--discard'], { remaining: 0.25 }],
    [
      ['routine', '--rate', '2.857142857142857', '--fraction', '0.5', '--days', '7', '--tap', '5'],
      { after: 25, before: 45 },
    ],
  ] as const)('%j', (args, expected) => {
    const { output, errors } = water(...args);
    expect(errors).toEqual([]);
    const answer = JSON.parse(output) as Record<string, number>;
    for (const [name, value] of Object.entries(expected)) expect(answer[name]).toBeCloseTo(value, 3);
  });
  it('names what is missing or out of bounds', () => {
    expect(water('ammonia', '--t', 'warm', '--ph', '8').errors.slice(0, 2)).toEqual([
      'water ammonia: --t: needs a number from 0 to 40. Found "warm".',
      'water ammonia: --tan: needs a number from 0 to 1000. Found nothing.',
    ]);
    expect(water('wine').errors[0]).toContain('ammonia, oxygen, mix, routine');
    expect(water('mix', '--v', '10', '--add', '5', '--rounds', '1.5').errors[0]).toContain('a whole number');
  });
});

describe('line-ups', () => {
  const wishes = {
    format: 'lomvik-wishes',
    version: 1,
    tank: { lengthCm: 120, widthCm: 50, heightCm: 50 },
    wishes: [
      { species: 'neon tetra', weight: 2 },
      { species: 'angelfish', weight: 3 },
      { species: 'sterbai cory' },
    ],
    best: 4,
  };
  it('gives the best with proof, and what was left out', () => {
    const { output, errors } = run(['line-ups', 'w.json'], { 'w.json': JSON.stringify(wishes) });
    expect(errors).toEqual([]);
    const answer = JSON.parse(output) as Record<string, unknown[]> & { proven: boolean };
    expect(answer.proven).toBe(true);
    expect(answer.lineUps).toHaveLength(4);
    expect(answer.lineUps![0]).toMatchObject({ assessment: { format: 'lomvik-assessment' } });
    expect(answer.leftOut).toEqual([expect.objectContaining({ species: 'paracheirodon-innesi' })]);
    expect(answer.problem).toBeUndefined();
  });
  it('hands out the problem, and solves it as any solver would', () => {
    const asked = JSON.parse(
      run(['line-ups', 'w.json', '--problem'], { 'w.json': JSON.stringify(wishes) }).output,
    ) as { problem: unknown; lineUps: { value: number }[] };
    const solved = JSON.parse(
      run(['line-ups', '--solve-problem', 'p.json'], { 'p.json': JSON.stringify(asked.problem) }).output,
    ) as { best: { value: number }[]; proven: boolean };
    expect(solved.proven).toBe(true);
    expect(solved.best[0]!.value).toBeCloseTo(asked.lineUps[0]!.value, 9);
  });
  it('names what is wrong', () => {
    const wrong = { ...wishes, wishes: [{ species: 'neon tetr', weight: 7 }] };
    expect(run(['line-ups', 'w.json'], { 'w.json': JSON.stringify(wrong) }).errors[0]).toContain(
      'w.json: wishes[0]',
    );
    expect(run(['line-ups']).errors[0]).toBe('line-ups: needs a wishes file. Found nothing.');
    expect(run(['check', 'w.json'], { 'w.json': JSON.stringify(wishes) }).output).toContain(
      'a valid lomvik-wishes file',
    );
  });
});
