import { demoRoom } from '@/demo/demoRoom';
import { catalogue } from '@/testing/plans';
import type { Entry } from '../events';
import { atOnce } from '../kernel';
import { BACKUP_VERSION } from '../migrate';
import type { RoomDocument } from '../records';
import { backupPieces, readBackup, readBackupInSteps, writeBackup } from './backup';

const SAVED = '2026-05-20T12:00:00.000Z';
const demo = demoRoom('2026-05-20');
const file = (more: object = {}) => ({
  format: 'lomvik',
  version: BACKUP_VERSION,
  exportedOn: SAVED,
  documents: demo.documents,
  entries: demo.entries,
  ...more,
});
const inParts = (value: unknown) => {
  const read = atOnce(readBackupInSteps(value, catalogue));
  if (!read.ok) throw new Error('refused whole');
  return read.value;
};
const copies = <T extends Entry | RoomDocument>(one: T, count: number): readonly T[] =>
  Array.from({ length: count }, (_, at) => ({ ...one, id: `n${String(at).padStart(5, '0')}`, seq: at + 1 }));

describe('a backup as it is written', () => {
  const [note] = demo.entries.filter(({ type }) => type === 'noted');
  it('has nothing but its frame for an empty room', () =>
    expect(writeBackup([], [], SAVED)).toBe(
      `{\n  "documents": [],\n  "entries": [],\n  "exportedOn": "${SAVED}",\n  "format": "lomvik",\n  "version": ${BACKUP_VERSION}\n}\n`,
    ));
  it.each([1, 499, 500, 501, 1000, 1001])(
    'holds %d entries once each, in their order, however it is cut',
    (count) => {
      const entries = copies(note!, count);
      const pieces = [...backupPieces([], entries, SAVED)];
      const read = JSON.parse(pieces.join('')) as { readonly entries: readonly Entry[] };
      expect(read.entries.map(({ id }) => id)).toEqual(entries.map(({ id }) => id));
      // Two lines around the list, three of the frame, and a piece for each five hundred.
      expect(pieces).toHaveLength(Math.ceil(count / 500) + 5);
    },
  );
  it('stands in lines that are set in by what they are in', () => {
    const text = writeBackup(demo.documents.slice(0, 2), demo.entries.slice(0, 2), SAVED);
    expect(text).toBe(`${JSON.stringify(JSON.parse(text), null, 2)}\n`);
  });
  it('is in the order of identifiers, whatever order it is given in', () => {
    const [first, second] = copies(demo.documents[0]!, 2);
    expect(writeBackup([second!, first!], [], SAVED)).toBe(writeBackup([first!, second!], [], SAVED));
    expect(writeBackup([second!, first!], [], SAVED).indexOf('n00000')).toBeLessThan(
      writeBackup([second!, first!], [], SAVED).indexOf('n00001'),
    );
  });
  it('carries what was set aside, and has no place for it where there is none', () => {
    const aside = [{ odd: 1 }, 'text'];
    expect(JSON.parse(writeBackup([], [], SAVED, aside))).toMatchObject({ aside });
    expect(writeBackup([], [], SAVED, [])).not.toContain('aside');
    expect(inParts(file({ aside })).backup.aside).toEqual(aside);
    for (const none of [[], undefined, 'aside', null])
      expect(inParts(file({ aside: none })).backup).not.toHaveProperty('aside');
  });
});

describe('a file that is none of ours is refused whole', () => {
  const told = (value: unknown) => {
    const read = readBackup(value, catalogue);
    return read.ok ? 'accepted' : read.faults;
  };
  const format = { is: 'format', of: ['lomvik'] };
  it.each([
    ['nothing', null, { is: 'value', text: 'null' }],
    ['a text', 'lomvik', { is: 'value', text: '"lomvik"' }],
    ['a list', [], { is: 'list', length: 0 }],
    ['no format', { version: 1 }, { is: 'nothing' }],
    ['another format', file({ format: 'lomvik-plan' }), { is: 'value', text: '"lomvik-plan"' }],
  ])('%s', (_what, value, received) =>
    expect(told(value)).toEqual([{ path: 'format', expected: format, received }]),
  );
  it.each([undefined, '1', 1.5, 0, -1, null])('of version %j', (version) =>
    expect(told(file({ version }))).toEqual([
      {
        path: 'version',
        expected: { is: 'version', to: BACKUP_VERSION, newer: false },
        received: version === undefined ? { is: 'nothing' } : { is: 'value', text: JSON.stringify(version) },
      },
    ]),
  );
  it.each(['documents', 'entries'])('without a list of %s', (name) =>
    expect(told(file({ [name]: { a: 1 } }))).toEqual([
      { path: name, expected: { is: 'list' }, received: { is: 'object' } },
    ]),
  );
});

describe('a file is read in parts', () => {
  it('with all that is good, in its order, and its own moment', () => {
    const { backup, faults, leftOut } = inParts(file());
    expect(faults).toEqual([]);
    expect(leftOut).toBe(0);
    expect(backup).toMatchObject({ format: 'lomvik', version: BACKUP_VERSION, exportedOn: SAVED });
    expect(backup.documents).toEqual(demo.documents);
    // Tanks are judged before the rest, and stand where they stood.
    const turned = [...demo.documents].reverse();
    expect(inParts(file({ documents: turned })).backup.documents.map(({ id }) => id)).toEqual(
      turned.map(({ id }) => id),
    );
    expect(inParts(file({ exportedOn: 7 })).backup.exportedOn).toBe('');
  });
  it('counts what is left out of both lists', () => {
    const broken = file({
      documents: [...demo.documents, { id: 'x' }, 7],
      entries: [...demo.entries, { id: 'y' }],
    });
    const { leftOut, faults, backup } = inParts(broken);
    expect(leftOut).toBe(3);
    expect(backup.entries).toHaveLength(demo.entries.length);
    const places = faults.map(({ path }) => /^\w+\[\d+\]/.exec(path)?.[0]);
    expect(new Set(places)).toEqual(
      new Set([
        `documents[${demo.documents.length}]`,
        `documents[${demo.documents.length + 1}]`,
        `entries[${demo.entries.length}]`,
      ]),
    );
  });
  it('leaves out a correction of what is left out, and names it', () => {
    // Sound by itself, and about somebody who never came.
    const measured = demo.entries.find(({ type }) => type === 'measured')!;
    const orphan = { ...measured, id: 'left', seq: 9000, resident: 'nobody' };
    const {
      id: _id,
      seq: _seq,
      recorded: _recorded,
      ...event
    } = orphan as unknown as Record<string, unknown>;
    const corrected = {
      id: 'of-left',
      seq: 9001,
      type: 'corrected',
      on: SAVED,
      recorded: SAVED,
      target: 'left',
      replacement: { ...event, note: 'the same fish' },
    };
    const { faults, leftOut } = inParts(file({ entries: [...demo.entries, orphan, corrected] }));
    const at = demo.entries.length;
    expect(faults.map(({ path }) => path)).toEqual([`entries[${at}].resident`, `entries[${at + 1}].target`]);
    expect(faults[1]).toMatchObject({
      expected: { is: 'known', what: 'entry' },
      received: { is: 'value', text: '"left"' },
    });
    expect(leftOut).toBe(2);
  });
  it('pauses after each thousand, so that a page can breathe', () => {
    const [note] = demo.entries.filter(({ type }) => type === 'noted');
    const pauses = (count: number): number => {
      const steps = readBackupInSteps(
        file({ documents: demo.documents, entries: copies({ ...note!, tank: null } as never, count) }),
        catalogue,
      );
      let times = 0;
      while (!steps.next().done) times += 1;
      return times;
    };
    const few = pauses(999);
    expect(pauses(1000)).toBeGreaterThan(few);
    expect(pauses(2999)).toBeLessThan(pauses(3000));
    expect(pauses(3000)).toBeLessThan(20);
  });
  it('tells fifty faults at most, and all of them in parts', () => {
    const broken = file({ entries: Array.from({ length: 60 }, (_, at) => ({ id: `x${at}` })) });
    const read = readBackup(broken, catalogue);
    expect(!read.ok && read.faults).toHaveLength(50);
    expect(inParts(broken).faults.length).toBeGreaterThanOrEqual(60);
  });
});
