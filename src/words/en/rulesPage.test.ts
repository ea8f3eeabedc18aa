import { readFileSync } from 'node:fs';
import { rulesPage } from './rulesPage';

describe('docs/rules.md', () => {
  it('is what the rules print: run `npm run docs` after a rule changed', () =>
    expect(readFileSync('docs/rules.md', 'utf8')).toBe(rulesPage()));
});
