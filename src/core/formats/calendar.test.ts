import ICAL from 'ical.js';
import { calendarText } from './calendar';

const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never[])
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));

describe('calendarText, read back by an independent library', () => {
  it('keeps titles with commas and umlauts, whole days and their ends', () => {
    const [first, second] = events(
      calendarText('Fen', [
        {
          uid: 'w1',
          title: 'Neon tetras, six: into Quay',
          on: '2026-03-01',
          days: 28,
          about: 'Line one\nline two; ü',
        },
        { uid: 'w2', title: 'Release', on: '2026-03-29', days: 1, about: '' },
      ]),
    );
    expect(first!.summary).toBe('Neon tetras, six: into Quay');
    expect(first!.description).toBe('Line one\nline two; ü');
    expect([first!.startDate.isDate, first!.startDate.toString(), first!.endDate.toString()]).toEqual([
      true,
      '2026-03-01',
      '2026-03-29',
    ]);
    expect(second!.uid).toBe('w2@lomvik');
  });
  it('is a calendar even when nothing is dated, under any name', () => {
    const text = calendarText('Fen; reeds, moss\nand \\', []);
    expect(events(text)).toEqual([]);
    expect(new ICAL.Component(ICAL.parse(text) as never[]).getFirstPropertyValue('x-wr-calname')).toBe(
      'Fen\\; reeds\\, moss\\nand \\\\',
    );
    expect(text.split('\r\n')).toHaveLength(6);
  });
  it('says who wrote it', () => {
    const text = calendarText('Fen', [{ uid: 'w1', title: 'Release', on: '2026-03-29', days: 1, about: '' }]);
    expect(text).toContain('PRODID:lomvik');
  });
  it.each(['someday', '2026-13-45'])('names an entry that cannot be written: %s', (on) =>
    expect(() => calendarText('Fen', [{ uid: 'w1', title: 'Release', on, days: 1, about: '' }])).toThrow(),
  );
});
