import { zoneHere } from './zoneHere';

describe('the time zone of the browser', () => {
  const standIn = (zone: string) =>
    jest.spyOn(Intl.DateTimeFormat.prototype, 'resolvedOptions').mockReturnValue({
      timeZone: zone,
    } as Intl.ResolvedDateTimeFormatOptions);
  const at = (iso: string): string => {
    jest.spyOn(Date, 'now').mockReturnValue(Date.parse(iso));
    return zoneHere();
  };
  afterEach(() => jest.restoreAllMocks());
  it('holds for a minute, and is asked for again then, or when the clock was put back', () => {
    standIn('Europe/Oslo');
    expect(at('2027-03-01T12:00:00Z')).toBe('Europe/Oslo');
    standIn('Asia/Tokyo');
    expect(at('2027-03-01T12:00:59Z')).toBe('Europe/Oslo');
    expect(at('2027-03-01T12:01:00Z')).toBe('Asia/Tokyo');
    standIn('America/Lima');
    expect(at('2027-03-01T11:59:00Z')).toBe('America/Lima');
  });
});
