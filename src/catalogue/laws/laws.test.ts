import { breachesOf, entriesOf } from './index';
import { excusesIn, isExcused } from './excuses';
import { shippedSources } from '../compile/shippedSources';
import { compileCatalogue } from '../compile/compile';

const entries = entriesOf(compileCatalogue(shippedSources()));
const excuses = excusesIn();

describe('the laws of the catalogue', () => {
  it.each(entries.map((entry) => [entry.profile.id, entry] as const))(
    '%s keeps them, or is excused by name',
    (_id, entry) => {
      expect(breachesOf(entry).filter((breach) => !isExcused(excuses, entry.profile, breach.path))).toEqual(
        [],
      );
    },
  );

  it('excuse nobody who keeps them', () => {
    const broken = new Set(
      entries.flatMap((entry) => breachesOf(entry).map(({ path }) => `${entry.profile.id} ${path}`)),
    );
    expect(excuses.filter(({ id, field }) => !broken.has(`${id} ${field}`))).toEqual([]);
  });
});
