import fc from 'fast-check';
import type { Schema } from 'yup';
import { EVENT_TYPES, schemaOf } from '@/core/events';
import { type Expected, faultOf, type Fault, validate } from '@/core/kernel';
import { planSchema, speciesSchema } from '@/core/model';
import { bodySchemaOf, DOCUMENT_KINDS } from '@/core/records';
import { faultLine, faultSentence, partSentence } from './faults';
import { METRIC, quantitiesIn, US } from './quantities';

const line = (path: string, expected: Expected, value?: unknown): string =>
  faultLine(faultOf(path, expected, value));
const cell = (at: number, path: string, expected: Expected, value?: unknown): string =>
  faultLine({ ...faultOf(path, expected, value), line: at });

describe('a fault of a file', () => {
  it('names the place, what it needs and what stood there', () => {
    expect(cell(4, 'count', { is: 'whole', from: 1, to: null }, 'many')).toBe(
      'Line 4, count: needs a whole number from 1. Found "many".',
    );
    expect(line('tank.widthCm', { is: 'positive', to: 1000, unit: 'cm' }, 0)).toBe(
      'tank.widthCm: needs a number above 0 and at most 1000 cm. Found 0.',
    );
    expect(line('groups', { is: 'list' })).toBe('groups: needs a list. Found nothing.');
  });
  it('says a whole sentence where that is plainer', () => {
    expect(cell(9, 'loser', { is: 'another', than: 'winner' }, 'Amber')).toBe(
      'Line 9, loser: same fish as the winner.',
    );
    expect(cell(1, '', { is: 'column', name: 'loser' })).toBe('Line 1: no column "loser".');
    expect(
      faultLine({
        path: '',
        line: 3,
        expected: { is: 'cells', count: 6 },
        received: { is: 'list', length: 7 },
      }),
    ).toBe('Line 3: 7 cells here, 6 in the heading.');
    expect(
      faultLine({ path: '', line: 7, expected: { is: 'quotation marks' }, received: { is: 'damage' } }),
    ).toBe(
      'Line 7: a quotation mark opens a cell here and does not close it. Rows below it may be missing too.',
    );
    expect(line('members[0].males', { is: 'sexes', males: 4, females: 1, count: 4 }, 5)).toBe(
      'members[0].males: 4 males and 1 female are more than 4 fish.',
    );
    expect(line('species', { is: 'known', what: 'species', nearest: 'danio-rerio' }, 'zebra danjo')).toBe(
      'species: "zebra danjo" is unknown. Did you mean danio-rerio?',
    );
  });
  it('says where a file ends early, and where it cannot be read', () => {
    const broken = (cut: boolean): Fault => ({
      path: '',
      expected: { is: 'JSON', cut },
      received: { is: 'break', line: 212, column: 7 },
    });
    expect(faultLine(broken(true))).toBe('The file: it ends early, at line 212.');
    expect(faultLine(broken(false))).toBe(
      'The file: needs JSON text. Found text that cannot be read at line 212, column 7.',
    );
  });
  it('tells one of a list from the number of a list', () => {
    expect(line('commonNames', { is: 'list', least: 1 }, [])).toBe(
      'commonNames: needs at least 1. Found a list of 0.',
    );
    expect(line('event', { is: 'choice', of: ['1', '0'] }, '2')).toBe('event: needs 1 or 0. Found "2".');
  });
});

describe('a fault at a field', () => {
  const rim = faultOf('tank.waterLineCm', { is: 'at most', most: 45.72, than: 'heightCm', unit: 'cm' }, 50);
  it('is told in the keeper’s units', () => {
    expect(faultSentence(rim, quantitiesIn(METRIC))).toBe('Needs at most 45.72 cm, the height.');
    expect(faultSentence(rim, quantitiesIn(US))).toBe('Needs at most 18 in, the height.');
  });
  it('has both bounds in them', () => {
    const heat = faultOf('temperatureC', { is: 'number', from: 0, to: 45, unit: '°C' }, 60);
    expect(faultSentence(heat, quantitiesIn(US))).toBe('Needs a number from 32 °F to 113 °F.');
    expect(faultLine(heat)).toBe('temperatureC: needs a number from 0 to 45 °C. Found 60.');
  });
  it('has the name of its field where it stands elsewhere', () => {
    expect(partSentence(rim, quantitiesIn(US))).toBe('Water line: needs at most 18 in, the height.');
    expect(partSentence(faultOf('somewhere', { is: 'yes or no' }, 3), quantitiesIn(US))).toBe(
      'somewhere: needs yes or no. Found 3.',
    );
  });
  it('says how many there are when more are to go', () => {
    const most = (count: number) =>
      faultSentence(faultOf('count', { is: 'here', count }, 9), quantitiesIn(US));
    expect(most(3)).toBe('Only 3 are here.');
    expect(most(1)).toBe('Only 1 is here.');
    expect(most(0)).toBe('Needs a fish that is still here.');
  });
});

describe('every schema', () => {
  const schemas: readonly Schema[] = [
    ...EVENT_TYPES.map(schemaOf),
    ...DOCUMENT_KINDS.map(bodySchemaOf),
    planSchema,
    speciesSchema,
  ];
  /** Names of parts, all the way down. */
  const partsOf = (schema: Schema): readonly string[] =>
    Object.entries((schema as unknown as { fields?: Record<string, Schema> }).fields ?? {}).flatMap(
      ([name, field]) => [name, ...partsOf(field)],
    );
  it('says what it expected as facts that have words, whatever stands there', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...schemas).chain((schema) => {
          const names = partsOf(schema);
          const part = fc.oneof(
            { maxDepth: 3 },
            fc.jsonValue(),
            fc.constantFrom(null, undefined, NaN, -1, 1e12, '', 'x'.repeat(11_000), ['a'], [9, 1], [NaN, 1]),
            fc.dictionary(fc.constantFrom(...names), fc.jsonValue()),
          );
          return fc.tuple(fc.constant(schema), fc.dictionary(fc.constantFrom(...names), part));
        }),
        ([schema, value]) => {
          const read = validate(schema, value);
          if (read.ok) return;
          for (const fault of read.faults) {
            expect(faultLine(fault)).toMatch(/^[^ ]+.*: .+[.?]$/);
            expect(faultSentence(fault, quantitiesIn(US))).toMatch(/^[A-Z"].+[.?]$/);
          }
        },
      ),
      { numRuns: 500 },
    );
  });
});
