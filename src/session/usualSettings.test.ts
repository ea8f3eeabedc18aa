import { usualSettings } from './usualSettings';

describe('the units of a room in which nobody chose any', () => {
  it.each([
    ['en-US', 'America/Denver', 'in gal F ppmCaCO3'],
    ['en-US', 'Pacific/Honolulu', 'in gal F ppmCaCO3'],
    // The English that many browsers come with, elsewhere.
    ['en-US', 'Europe/Oslo', 'cm L C dH'],
    ['en-US', 'UTC', 'cm L C dH'],
    ['en-CA', 'America/Toronto', 'cm L C dH'],
    ['en-GB', 'Europe/London', 'cm L C dH'],
    ['es-MX', 'America/Mexico_City', 'cm L C dH'],
  ])('%s in %s', (language, timeZone, units) => {
    const { length, volume, temperature, hardness } = usualSettings({ language, timeZone });
    expect(`${length} ${volume} ${temperature} ${hardness}`).toBe(units);
  });
});
