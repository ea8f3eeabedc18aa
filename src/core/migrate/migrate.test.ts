import { assertContiguous, BACKUP_MIGRATIONS, BACKUP_VERSION, migrate, type Migration } from './migrations';

const step = (from: number): Migration => ({
  from,
  name: `to ${from + 1}`,
  up: (file) => ({ ...file, way: [...((file.way as number[] | undefined) ?? []), from] }),
});
const STEPS = [step(1), step(2), step(3)];

describe('a file of an older version', () => {
  it.each([
    [1, [1, 2, 3], 4],
    [2, [2, 3], 4],
    [3, [3], 4],
  ])('of version %i goes through the steps %j', (version, way, to) => {
    const before = { format: 'lomvik', version };
    expect(migrate(before, version, STEPS)).toEqual({ format: 'lomvik', way, version: to });
    expect(before).toEqual({ format: 'lomvik', version });
  });

  it('of this version stays as it is', () => {
    const file = { format: 'lomvik', version: 4 };
    expect(migrate(file, 4, STEPS)).toBe(file);
  });
});

describe('steps', () => {
  it('lead from the first version to the one that is written', () => {
    expect(() => assertContiguous(BACKUP_MIGRATIONS, BACKUP_VERSION)).not.toThrow();
    expect(BACKUP_VERSION).toBe(BACKUP_MIGRATIONS.length + 1);
  });

  it('with a gap, or one too few or too many, are found at start, by name', () => {
    expect(() => assertContiguous([step(1), step(3)], 3)).toThrow('Migration "to 4" starts at 3, expected 2');
    expect(() => assertContiguous(STEPS, 3)).toThrow('Migrations lead to version 4, the code writes 3');
    expect(() => assertContiguous(STEPS, 5)).toThrow('Migrations lead to version 4, the code writes 5');
  });
});

describe('the step from version 3', () => {
  const at = (recorded: string) => ({ id: recorded, recorded });
  it('makes moments of writing go up strictly, and touches nothing else', () => {
    const noon = '2026-11-01T12:00:00.000Z';
    const lifted = migrate({ entries: [at(noon), at(noon)], documents: [1] }, 3, BACKUP_MIGRATIONS);
    expect(lifted).toEqual({
      entries: [at(noon), { id: noon, recorded: '2026-11-01T12:00:00.001Z' }],
      documents: [1],
      version: 4,
    });
  });

  it('leaves a file without a list of entries for the reader to refuse', () =>
    expect(migrate({ entries: 'none' }, 3, BACKUP_MIGRATIONS)).toEqual({ entries: 'none', version: 4 }));
});
