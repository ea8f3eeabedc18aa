import { readLine } from './fieldText';

describe('a line of a catalogue file', () => {
  it.each([
    ['company.finNipping', '2 because it bites trailing fins', 2, 'it bites trailing fins'],
    ['company.longFins', 'yes', true, ''],
    ['habits.jumps', 'no', 'no', ''],
    ['water.wild.temperatureC', '22 to 28', [22, 28], ''],
    ['water.wild.khDh', 'none', null, ''],
    ['layers', 'top 10, middle 60, bottom 30', { top: 0.1, middle: 0.6, bottom: 0.3 }, ''],
    ['tank.middle', '120 x 45 cm, 240 L', { lengthCm: 120, widthCm: 45, heightCm: null, litres: 240 }, ''],
    ['tank.tried', '90 x 45 x 60 cm, 240 L', { lengthCm: 90, widthCm: 45, heightCm: 60, litres: 240 }, ''],
    ['commonNames', ['neon tetra'], ['neon tetra'], ''],
    ['badWith', { 'betta-splendens': 'it nips' }, [['betta-splendens', 'it nips']], ''],
    // Prose may give reasons of its own.
    ['notes', 'Rare because farmed.', 'Rare because farmed.', ''],
  ])('%s: %s', (path, raw, value, why) => {
    expect(readLine(path, raw)).toEqual({ value, why });
  });
});
