import { cameOf, happened, memberOf } from '@/testing/happened';
import { tradersOf } from './traders';

describe('shops and keepers of the record', () => {
  it('are those who sold and those who took, each once, the last first', () =>
    expect(
      tradersOf([
        cameOf('2026-01-01', [memberOf('a')], { from: 'Pier' }),
        cameOf('2026-02-01', [memberOf('b')], { from: '' }),
        happened({
          type: 'rehomed',
          on: '2026-03-01',
          resident: 'a',
          count: 1,
          taker: 'Maren',
          reason: 'other',
        }),
        happened({ type: 'to-go', on: '2026-04-01', resident: 'b', count: 1, taker: ' ', reason: 'other' }),
        cameOf('2026-05-01', [memberOf('c')], { from: 'pier ' }),
      ]),
    ).toEqual(['pier', 'Maren']));
  it('are those who answer for a loss, and those who wait for fish, whatever the case of their letters', () =>
    expect(
      tradersOf([
        happened({ type: 'claimed', on: '2026-01-01', from: 'Harbour', about: 'two dead', outcome: '' }),
        happened({
          type: 'to-go',
          on: '2026-02-01',
          resident: 'b',
          count: 1,
          taker: 'Ines',
          reason: 'other',
        }),
        happened({ type: 'noted', on: '2026-03-01', text: 'x', from: 'nobody', taker: 'nobody' }),
        cameOf('2026-04-01', [memberOf('c')], { from: 'HARBOUR' }),
      ]),
    ).toEqual(['HARBOUR', 'Ines']));
});
