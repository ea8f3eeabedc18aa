import { readPlan } from '@/core/assess';
import { readBackupInSteps, readLifeFile, writeBackup } from '@/core/formats';
import { atOnce, type Fault, parseJson } from '@/core/kernel';
import { readWishes } from '@/core/lineups';
import { demoRoom } from '@/demo/demoRoom';
import { faultLine } from '@/words/en';
import { mutantOf } from './mutants';
import { catalogue } from './plans';

/** So many broken files in all; the long trial takes more, and another seed. */
const MUTANTS = Number(process.env.MUTANTS ?? 1000);
const SEED = Number(process.env.SEED ?? 1);
/** Longer than this no file may hold up whoever opens it; asked in the long trial only, as machines differ. */
const LONGEST_MS = 2000;

const NOW = '2027-06-02T12:00:00.000Z';
const demo = demoRoom('2026-11-23');
// A part of the story that makes sense by itself, so that many can be read.
const room = {
  format: 'lomvik',
  version: 4,
  exportedOn: NOW,
  documents: demo.documents.filter(({ kind }) => kind !== 'photo'),
  entries: demo.entries.slice(0, 60),
};
const plan = {
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm: 120, widthCm: 50, heightCm: 50, lid: true, substrate: 'sand' },
  water: { temperatureC: 25, ph: 7, ghDh: 8 },
  routine: { changeFraction: 0.4, everyDays: 7 },
  groups: [
    { species: 'neon tetra', count: 12, males: 5, females: 7 },
    { species: 'sterbai cory', count: 8, lengthCm: 3, origin: 'tank-bred' },
  ],
};
const wishes = {
  ...plan,
  format: 'lomvik-wishes',
  groups: undefined,
  wishes: [{ species: 'neon tetra', weight: 3, counts: [8, 12] }],
  best: 3,
};
const life = {
  format: 'lomvik-life',
  version: 1,
  name: 'Amber',
  species: 'labidochromis-caeruleus',
  count: 1,
  sex: 'male',
  lengthCm: 9,
  origin: 'tank-bred',
  bornAbout: '2025-03',
  keeper: 'Maren',
  story: [{ on: '2026-01-02T10:00:00.000Z', text: 'Arrived' }],
  lengths: [{ on: '2026-02-02T10:00:00.000Z', lengthCm: 8 }],
};

interface Format {
  readonly good: unknown;
  /** The faults of a file; of a room, which is read in parts, also whether what was read can be written and read again. */
  readonly read: (value: unknown) => readonly Fault[];
}
const faultsOf = (
  outcome: { readonly ok: true } | { readonly ok: false; readonly faults: readonly Fault[] },
) => (outcome.ok ? [] : outcome.faults);

function roomFaults(value: unknown): readonly Fault[] {
  const read = atOnce(readBackupInSteps(value, catalogue, NOW));
  if (!read.ok) return read.faults;
  const { backup, faults } = read.value;
  const again = atOnce(
    readBackupInSteps(JSON.parse(writeBackup(backup.documents, backup.entries, NOW)), catalogue, NOW),
  );
  if (!again.ok || again.value.faults.length > 0)
    throw new Error(
      `what was accepted is refused: ${faultsOf(again).map(faultLine).join() || JSON.stringify(again)}`,
    );
  return faults;
}

const FORMATS: Readonly<Record<string, Format>> = {
  room: { good: JSON.parse(JSON.stringify(room)) as unknown, read: roomFaults },
  plan: { good: plan, read: (value) => faultsOf(readPlan(value, catalogue)) },
  wishes: {
    good: JSON.parse(JSON.stringify(wishes)) as unknown,
    read: (value) => faultsOf(readWishes(value, catalogue)),
  },
  life: { good: life, read: (value) => faultsOf(readLifeFile(value, catalogue)) },
};

jest.setTimeout(3_600_000);

describe.each(Object.entries(FORMATS))('a broken file: %s', (_name, { good, read }) => {
  it('whole is read without a fault', () => expect(read(structuredClone(good)).map(faultLine)).toEqual([]));
  it('is refused with the place of each fault, quickly, and never breaks the reader', () => {
    const many = Math.ceil(MUTANTS / Object.keys(FORMATS).length);
    let refused = 0;
    let longest = { ms: 0, seed: 0 };
    for (let i = 0; i < many; i += 1) {
      const seed = SEED * 1_000_003 + i;
      const text = mutantOf(good, seed);
      const started = performance.now();
      try {
        const parsed = parseJson(text);
        const faults = parsed.ok ? read(parsed.value) : parsed.faults;
        for (const fault of faults)
          if (faultLine(fault) === '' || typeof fault.path !== 'string')
            throw new Error('a fault without its place');
        refused += faults.length > 0 ? 1 : 0;
      } catch (error) {
        throw new Error(`seed ${seed}: ${text.slice(0, 300)}`, { cause: error });
      }
      const ms = performance.now() - started;
      if (ms > longest.ms) longest = { ms, seed };
    }
    if (process.env.MUTANTS !== undefined && longest.ms > LONGEST_MS)
      throw new Error(`seed ${longest.seed} took ${Math.round(longest.ms)} ms`);
    // Most of what is made is broken, and is seen to be.
    expect(refused).toBeGreaterThan(many / 4);
  });
});
