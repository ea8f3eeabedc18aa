import { readDocument, readEntry } from './readRecord';

const NOON = '2026-11-01T12:00:00.000Z';
const noted = { id: 'e1', type: 'noted', on: NOON, recorded: NOON, tank: null, text: 'fed' };
const correction = (replacement: unknown, more: object = {}) => ({
  id: 'c1',
  type: 'corrected',
  on: NOON,
  recorded: NOON,
  target: 'e1',
  replacement,
  ...more,
});
/** The paths of the faults, and what was expected there. */
const wrong = (read: ReturnType<typeof readEntry> | ReturnType<typeof readDocument>) =>
  read.ok ? [] : read.faults.map(({ path, expected }) => `${path}: ${expected.is}`);
const nested = (levels: number): unknown => (levels === 0 ? 1 : { a: nested(levels - 1) });

describe('an entry from foreign data', () => {
  it('that is whole is taken as the same object', () =>
    expect(readEntry(noted)).toEqual({ ok: true, value: noted }));

  it.each([
    ['no object', 7, [': object']],
    ['a list', [noted], [': object']],
    ['null', null, [': object']],
    ['nested too deep', { ...noted, extra: nested(40) }, [': nested']],
    ['of an unknown kind', { ...noted, type: 'teleported' }, ['type: choice']],
    ['named as the prototype is', { ...noted, type: 'constructor' }, ['type: choice']],
    ['without an identity', { ...noted, id: '' }, ['id: id']],
    ['of a day that is none', { ...noted, on: '2026-13-45T99:99' }, ['on: moment']],
    ['with parts that are wrong, each by its path', { ...noted, text: 'x'.repeat(10_050) }, ['text: text']],
  ])('that is %s is refused', (_, value, faults) => expect(wrong(readEntry(value))).toEqual(faults));

  it('of another zone is the same moment in universal time', () => {
    expect(readEntry({ ...noted, on: '2026-11-01T14:00:00+02:00' })).toMatchObject({
      ok: true,
      value: { on: NOON },
    });
    expect(readEntry({ ...noted, recorded: '2026-11-01T10:30-01:30' })).toMatchObject({
      value: { recorded: NOON, on: NOON },
    });
    // No zone; and a day that the calendar does not have.
    expect(wrong(readEntry({ ...noted, on: '2026-11-01 14:00' }))).toEqual(['on: moment']);
    expect(wrong(readEntry({ ...noted, on: '2026-11-31T14:00:00+02:00' }))).toEqual(['on: moment']);
  });
});

describe('a correction from foreign data', () => {
  const { id: _id, recorded: _recorded, ...said } = noted;

  it('strikes out, or says what is true instead', () => {
    expect(readEntry(correction(null)).ok).toBe(true);
    const whole = correction(said);
    const read = readEntry(whole);
    expect(read.ok && read.value).toBe(whole);
  });

  it('says nothing of the journal in what it puts instead', () => {
    const read = readEntry(correction({ ...noted, seq: 4, zone: 'Europe/Oslo', corrected: true }));
    expect(read).toMatchObject({ ok: true });
    expect(read.ok && read.value.type === 'corrected' && read.value.replacement).toEqual(said);
  });

  it.each([
    ['of nothing', correction(null, { target: 7 }), ['target: id']],
    ['of itself', correction(null, { target: 'c1' }), ['target: another']],
    ['without what is true', correction(undefined), ['replacement: truth or null']],
    ['by a text', correction('gone'), ['replacement: truth or null']],
    ['by another correction', correction(correction(null)), ['replacement: truth or null']],
    ['by what never was', correction({ ...said, on: '2026-02-30' }), ['replacement.on: moment']],
    ['by what has wrong parts', correction({ ...said, text: 7 }), ['replacement.text: text']],
  ])('%s is refused', (_, value, faults) => expect(wrong(readEntry(value))).toEqual(faults));
});

const settings = {
  id: 'settings',
  kind: 'settings',
  rev: 3,
  body: { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH', keeper: '' },
};
describe('a document from foreign data', () => {
  it('that is whole is the same object; one that was removed has no body', () => {
    const read = readDocument(settings);
    expect(read.ok && read.value).toBe(settings);
    expect(readDocument({ ...settings, body: null })).toMatchObject({
      ok: true,
      value: { body: null, rev: 3 },
    });
  });

  it.each([
    ['no object', 'settings', [': object']],
    ['nested too deep', { ...settings, extra: nested(40) }, [': nested']],
    ['of an unknown kind', { ...settings, kind: 'toString' }, ['kind: choice']],
    ['without a revision', { ...settings, rev: 0 }, ['rev: whole']],
    ['of a version to come', { ...settings, v: 99 }, ['v: version']],
    ['without a body', { ...settings, body: undefined }, ['body: object']],
    ['with a text as its body', { ...settings, body: 'x' }, ['body: object']],
    [
      'with parts that are wrong',
      { ...settings, body: { ...settings.body, length: 'ell' } },
      ['body.length: choice'],
    ],
  ])('that is %s is refused', (_, value, faults) => expect(wrong(readDocument(value))).toEqual(faults));

  it('keeps its clock when that is one, and counts as undated where it is none', () => {
    const dated = { ...settings, clock: { at: { length: NOON } } };
    const read = readDocument(dated);
    expect(read.ok && read.value).toBe(dated);
    for (const clock of ['noon', { at: { length: 'noon' } }, { at: { length: NOON }, gone: [7] }]) {
      const odd = readDocument({ ...settings, clock });
      expect(odd.ok && 'clock' in odd.value).toBe(false);
    }
  });

  it('of an older shape is lifted, and what its clock hid with it', () => {
    const old = {
      name: 'Fen',
      purpose: 'display',
      order: 1,
      tank: { lengthCm: 100, widthCm: 40, heightCm: 50 },
      water: {},
      routine: {},
      practice: {},
      entered: { lengthCm: '100 cm', widthCm: 7 },
    };
    const read = readDocument({
      id: 'T',
      kind: 'tank',
      rev: 1,
      body: old,
      clock: { at: { '': NOON }, hidden: { name: 'Reed' } },
    });
    expect(read).toMatchObject({ ok: true, value: { v: 3, body: { entered: { lengthCm: '100 cm' } } } });
    expect(read.ok && read.value.clock).toEqual({ at: { '': NOON } });
  });
});
