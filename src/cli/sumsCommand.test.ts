import delayed from '@/testing/fixtures/delayedEntry.json';
import { catalogue } from '@/testing/plans';
import { runCommand } from './runCommand';

const run = (args: string, input = '') =>
  runCommand(args.split(' '), { readInput: () => input, catalogue, today: '2026-11-30' });
const answer = (args: string, input?: string): unknown => JSON.parse(run(args, input).output);

describe('sums', () => {
  it('gives limits of shares and rates, and what is believed after looking', () => {
    expect(answer('sums share 0 3')).toMatchObject({ clopperPearson: [0, expect.closeTo(0.7076, 4)] });
    expect(answer('sums rate 1 10')).toEqual({
      garwood: [expect.closeTo(0.00253, 5), expect.closeTo(0.55716, 5)],
    });
    expect(answer('sums posterior-rate 0.5 2.14 1 2.23')).toMatchObject({ mean: expect.closeTo(0.34325, 5) });
    expect(answer('sums posterior-share 2.19 2.7 1 7')).toMatchObject({ mean: expect.closeTo(0.26829, 5) });
  });
  it('gives one curve of lives, and the test over their groups', () => {
    const csv = [
      'start,stop,event,group',
      ...delayed.lives.map((l) => [l.start, l.stop, l.event, l.group].join(',')),
    ];
    const got = answer('sums survival -', csv.join('\n')) as {
      curve: readonly { time: number; atRisk: number; events: number; survival: number }[];
      logRank: { chiSquare: number };
    };
    expect(got.curve.map(({ time, atRisk }) => [time, atRisk])).toEqual(
      delayed.time.map((time, i) => [time, delayed.atRisk[i]]),
    );
    expect(got.logRank.chiSquare).toBeCloseTo(delayed.scoreTestBreslow.chiSquare, 9);
  });
  it.each([
    ['sums', /needs one of share, rate, posterior-rate, posterior-share, survival\. Found nothing/],
    ['sums luck 1 2', /Found "luck"/],
    ['sums toString', /Found "toString"/],
    ['sums share 3', /N needs a whole number from 0 to 1000000\. Found nothing/],
    ['sums share 3 2', /Found 3 of 2/],
    ['sums share 0 0', /Found 0 of 0/],
    ['sums share 1.5 3', /K needs a whole number from 0 to 1000000\. Found "1\.5"/],
    ['sums rate 1e9 10', /EVENTS needs .*Found "1e9"/],
    ['sums share 1 2 3', /needs 2 numbers\. Found 3/],
    ['sums rate 3 0', /HOURS needs a number above 0\. Found "0"/],
    ['sums posterior-share 1 1 3 2', /Found 3 of 2/],
    ['sums survival', /needs a CSV file of lives/],
  ])('%s says what is wrong', (args, fault) => {
    const { output, errors } = run(args);
    expect([output, errors.join('\n')]).toEqual(['', expect.stringMatching(fault)]);
  });
  it('names the place of what is wrong in a file of lives', () =>
    expect(run('sums survival -', 'start,stop,event,group\n5,3,1,a').errors.join()).toMatch(/2.*stop/));
});
