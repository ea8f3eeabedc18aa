import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { demoRoom } from '@/demo/demoRoom';
import { catalogue } from '@/testing/plans';
import { watchesOf } from '../aggression/watches';
import { effective } from '../events/roomAt';
import { BACKUP_MIGRATIONS, BACKUP_VERSION, assertContiguous, migrate } from '../migrate/migrations';
import { readBackup, writeBackup } from './backup';
import { canonicalJson } from '../kernel/schema/canonicalJson';
import { checkFile } from './checkFile';
import { faultLine } from '@/words/en';
import { parseJson } from '../kernel/schema/parseJson';
import { speciesAnswer } from './speciesAnswer';

const demo = demoRoom('2026-05-20');
const text = writeBackup(demo.documents, demo.entries, '2026-05-20T12:00:00.000Z');
const parse = (source: string): Record<string, unknown> => JSON.parse(source) as Record<string, unknown>;

describe('a backup', () => {
  it('comes back byte for byte', () => {
    const read = readBackup(parse(text), catalogue);
    if (!read.ok) throw new Error(read.faults.map(faultLine).join('\n'));
    expect(writeBackup(read.value.documents, read.value.entries, read.value.exportedOn)).toBe(text);
  });
  it('does not depend on the order in which things are kept', () => {
    expect(
      writeBackup([...demo.documents].reverse(), [...demo.entries].reverse(), '2026-05-20T12:00:00.000Z'),
    ).toBe(text);
  });
  it('is refused when it is newer, and says so', () => {
    const read = readBackup({ ...parse(text), version: BACKUP_VERSION + 1 }, catalogue);
    expect(read).toMatchObject({
      ok: false,
      faults: [{ path: 'version', expected: { is: 'version', newer: true } }],
    });
  });
  it('names the place of every kind of damage', () => {
    const fault = (
      change: (file: { entries: Record<string, unknown>[]; documents: Record<string, unknown>[] }) => void,
    ): string => {
      const file = parse(text) as never as {
        entries: Record<string, unknown>[];
        documents: Record<string, unknown>[];
      };
      change(file);
      const read = readBackup(file, catalogue);
      return read.ok ? 'accepted' : faultLine(read.faults[0]!);
    };
    expect(fault((file) => (file.entries[0]!.species = 'no-such-fish'))).toMatch(
      /^entries\[0\]\.species: "no-such-fish" is unknown/,
    );
    expect(fault((file) => (file.entries[0]!.type = 'vanished'))).toMatch(
      /^entries\[0\]\.type: needs one of came/,
    );
    expect(fault((file) => (file.entries[3]!.on = 'yesterday'))).toMatch(
      /^entries\[3\]\.on: needs an ISO date and time/,
    );
    expect(fault((file) => (file.entries[1]!.id = file.entries[0]!.id))).toMatch(
      /^entries\[1\]\.id: needs a name that no other has/,
    );
    expect(
      fault(
        (file) =>
          ((file.documents.find((one) => one.kind === 'draft') as { body: { groups: unknown } }).body.groups =
            'many'),
      ),
    ).toMatch(/^documents\[\d\]\.body\.groups: needs a list/);
    expect(fault((file) => ((file as Record<string, unknown>).entries = null))).toMatch(
      /^entries: needs a list\. Found null/,
    );
    expect(
      fault((file) =>
        file.entries.push({
          id: 'x',
          type: 'corrected',
          on: '2026-01-01T10:00',
          recorded: '2026-01-01T10:00',
          target: 'demo-001',
          replacement: { type: 'odd' },
        }),
      ),
    ).toMatch(/replacement: needs what is true instead, or null/);
    expect(fault(() => undefined)).toBe('accepted');
  });
});

describe('canonicalJson', () => {
  it('gives equal texts for equal things', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (thing) => {
        const turned = Object.fromEntries(Object.entries(thing).reverse());
        expect(canonicalJson(turned)).toBe(canonicalJson(thing));
        expect(JSON.parse(canonicalJson(thing))).toEqual(JSON.parse(JSON.stringify(thing)));
      }),
    );
  });
});

describe('migrations', () => {
  it('lead to the version that is written, without a gap', () =>
    expect(() => assertContiguous(BACKUP_MIGRATIONS, BACKUP_VERSION)).not.toThrow());
  const steps = [
    { from: 1, name: 'one', up: (file: Record<string, unknown>) => ({ ...file, one: true }) },
    { from: 2, name: 'two', up: (file: Record<string, unknown>) => ({ ...file, two: true }) },
  ];
  it('are run from the file’s version on, each once', () => {
    expect(migrate({ version: 1 }, 1, steps)).toEqual({ version: 3, one: true, two: true });
    expect(migrate({ version: 2 }, 2, steps)).toEqual({ version: 3, two: true });
    expect(migrate({ version: 3 }, 3, steps)).toEqual({ version: 3 });
  });
  it('lift a room of version 1: its contests and watches mean what they meant', () => {
    const old = parse(readFileSync(join(process.cwd(), 'fixtures', 'room-v1.lomvik.json'), 'utf8'));
    const read = readBackup(old, catalogue);
    if (!read.ok) throw new Error(read.faults.map(faultLine).join('\n'));
    expect(read.value.version).toBe(BACKUP_VERSION);
    const [watch] = watchesOf(effective(read.value.entries), 'T');
    expect(watch).toMatchObject({ minutes: 20, fish: 2, contests: [{ winner: 'a', what: 'bite' }] });
  });
  it('are refused with a gap or a missing end', () => {
    expect(() => assertContiguous([steps[1]!], 2)).toThrow('starts at 2, expected 1');
    expect(() => assertContiguous(steps, 4)).toThrow('lead to version 3');
  });
});

describe('parseJson', () => {
  it('says where the reading stopped, and that a file seems cut short', () => {
    const cut = parseJson('{\n  "a": [1, 2');
    expect(cut).toMatchObject({
      ok: false,
      faults: [{ expected: { is: 'JSON', cut: true }, received: { is: 'break', line: 2 } }],
    });
    expect(parseJson('{"a": tru }')).toMatchObject({
      ok: false,
      faults: [{ expected: { is: 'JSON', cut: false }, received: { is: 'break', line: 1, column: 7 } }],
    });
    expect(parseJson('  ')).toMatchObject({ ok: false, faults: [{ received: { is: 'empty file' } }] });
    expect(parseJson('\uFEFF{"a":1}')).toEqual({ ok: true, value: { a: 1 } });
  });
});

describe('broken files', () => {
  const folder = join(process.cwd(), 'fixtures', 'broken');
  const files = readdirSync(folder);
  it('are there in every kind', () => expect(files.length).toBeGreaterThanOrEqual(10));
  it.each(files)('%s is refused with a place and what was expected', (name) => {
    const parsed = parseJson(readFileSync(join(folder, name), 'utf8'));
    const faults = parsed.ok ? checkFile(parsed.value, catalogue) : parsed;
    if (faults.ok) throw new Error(`${name} was accepted`);
    for (const fault of faults.faults) expect(faultLine(fault)).toMatch(/^[^ ].*: .+[.?]$/);
  });
});

describe('speciesAnswer', () => {
  it('has every key that outside tools rely on, for every species', () => {
    const keys = [
      'id',
      'scientificName',
      'aliases',
      'commonNames',
      'adultLengthCm',
      'matureAtCm',
      'temperatureC',
      'ph',
      'ghDh',
      'salinityPpt',
      'company',
      'smallestGroup',
      'comfortableGroup',
      'badNumbers',
      'tank',
      'gapeRatio',
      'depthRatio',
      'eatsFish',
      'eatsShrimp',
      'finNipping',
      'longFins',
      'eatsPlants',
      'jumps',
      'layers',
      'lifeYears',
      'kin',
      'lookalike',
      'confidence',
      'basis',
      'notes',
    ];
    for (const profile of catalogue.all)
      expect(Object.keys(speciesAnswer(profile))).toEqual(expect.arrayContaining(keys));
  });
});
