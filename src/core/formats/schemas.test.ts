import { PLAINLY } from '@/testing/plans';
import Ajv2020 from 'ajv/dist/2020';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { clubFiles } from '@/demo/club';
import { demoRoom } from '@/demo/demoRoom';
import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import { toAnswer } from '../assess/toAnswer';
import { DOCUMENT_KINDS } from '../records/documents';
import { EVENT_TYPES } from '../events/events';
import { readExperience } from '../evidence';
import { readWishes } from '../lineups/wishes';
import { writeBackup } from './backup';
import { readLifeFile } from './lifeFile';

const ajv = new Ajv2020({ allErrors: true, allowUnionTypes: true });
const schema = (name: string) =>
  ajv.compile(
    JSON.parse(readFileSync(join(process.cwd(), 'docs', 'schema', `${name}.schema.json`), 'utf8')) as object,
  );
/** A list of all species takes minutes: each of its thousands of fixes is tried. */
const ONE_OF = 12;
const [planSchema, assessmentSchema, backupSchema, wishesSchema, lifeSchema, experienceSchema] = [
  'plan',
  'assessment',
  'backup',
  'wishes',
  'life',
  'experience',
].map(schema);

type ListOf<Name extends string> = {
  readonly items: { readonly properties: Readonly<Record<Name, { readonly enum: readonly string[] }>> };
};
interface BackupSchema {
  readonly properties: { readonly documents: ListOf<'kind'>; readonly entries: ListOf<'type'> };
}

describe('the published JSON Schemas', () => {
  it('accept what Lomvik writes', () => {
    const demo = demoRoom('2026-05-20');
    expect(backupSchema!(JSON.parse(writeBackup(demo.documents, demo.entries, '')))).toBe(true);
    const file = plan(
      TANKS.us20long,
      catalogue.all
        .filter((_, at) => at % ONE_OF === 0)
        .map((profile) => ({ species: profile.id, count: 3, lengthCm: profile.size.soldCm })),
    );
    expect(planSchema!(JSON.parse(JSON.stringify(file)))).toBe(true);
    expect(assessmentSchema!(JSON.parse(JSON.stringify(toAnswer(judge(file), PLAINLY))))).toBe(true);
  });
  it('take wishes as the reader does, and refuse what it refuses', () => {
    const wishes = {
      format: 'lomvik-wishes',
      version: 1,
      tank: TANKS.us29,
      wishes: [{ species: 'neon tetra' }],
    };
    for (const value of [
      wishes,
      { ...wishes, best: 0 },
      { ...wishes, wishes: [{ species: 'neon tetra', weight: 9 }] },
      { ...wishes, wishes: undefined },
      { ...wishes, tank: { lengthCm: 60 } },
    ]) {
      const plain = JSON.parse(JSON.stringify(value)) as unknown;
      expect(wishesSchema!(plain)).toBe(readWishes(plain, catalogue).ok);
    }
  });
  it('take a life as the reader does, and refuse what it refuses', () => {
    const life = {
      format: 'lomvik-life',
      version: 1,
      name: 'Torch',
      species: 'labidochromis-caeruleus',
      count: 1,
      sex: 'male',
      lengthCm: 9,
      origin: 'wild',
      bornAbout: '',
      keeper: '',
      story: [{ on: '2026-01-02T10:00:00.000Z', text: 'Came.' }],
      lengths: [],
    };
    for (const value of [
      life,
      { ...life, lengthCm: 0 },
      { ...life, sex: 'both' },
      { ...life, story: [{ on: 'x', text: 'y' }] },
      { ...life, count: undefined },
    ]) {
      const plain = JSON.parse(JSON.stringify(value)) as unknown;
      expect(lifeSchema!(plain)).toBe(readLifeFile(plain, catalogue).ok);
    }
  });
  it('take experience as the reader does, and refuse what it refuses', () => {
    const file = clubFiles()[0]!;
    const [stay] = file.stays;
    for (const value of [
      file,
      { ...file, made: '2027-13' },
      { ...file, room: '' },
      ...[
        { until: null },
        { until: undefined },
        { minutesWatched: -1 },
        { water: undefined },
        { water: { ph: [6] } },
        { fish: [] },
        { ended: 'well' },
        { losses: [{ species: 'x', cause: 'age', count: 0 }] },
        { steps: [{ step: 'prayed', effect: 'helped' }] },
      ].map((more) => ({ ...file, stays: [{ ...stay, ...more }] })),
    ]) {
      const plain = JSON.parse(JSON.stringify(value)) as unknown;
      expect(experienceSchema!(plain)).toBe(readExperience(plain).ok);
    }
  });
  it('know every kind of document and of entry, and no other', () => {
    const text = readFileSync(join(process.cwd(), 'docs', 'schema', 'backup.schema.json'), 'utf8');
    const { documents, entries } = (JSON.parse(text) as BackupSchema).properties;
    expect(documents.items.properties.kind.enum).toEqual(DOCUMENT_KINDS);
    expect(entries.items.properties.type.enum).toEqual([...EVENT_TYPES, 'corrected']);
  });
  // A schema knows shapes, not species: names that lead nowhere are the reader's to find.
  const shapes = readdirSync(join(process.cwd(), 'fixtures', 'broken')).filter(
    (name) => name.endsWith('.lomvik-plan.json') && !/unknown-species|hostile|truncated|empty/.test(name),
  );
  it.each(shapes)('refuse %s', (name) => {
    expect(
      planSchema!(JSON.parse(readFileSync(join(process.cwd(), 'fixtures', 'broken', name), 'utf8'))),
    ).toBe(false);
  });
});
