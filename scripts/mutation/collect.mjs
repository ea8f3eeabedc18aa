import { expect } from 'expect';
import { bind } from 'jest-each';

/**
 * Gives the words that the core's tests are written in as globals, and answers with a function that collects the tests of one file: each
 * with its name and the groups that it stands in.
 */
export function collector() {
  let groups = [];
  let tests = [];
  const group = (name) => ({ name, before: [], after: [], once: [] });
  const describe = (name, body) => {
    groups = [...groups, group(name)];
    body();
    groups = groups.slice(0, -1);
  };
  const it = (name, body) =>
    void tests.push({ name: [...groups.map((one) => one.name), name].join(' '), groups, body });
  const add = (what) => (body) => groups.at(-1)[what].push(body);
  Object.assign(globalThis, {
    expect,
    describe: Object.assign(describe, { each: bind(describe, false) }),
    it: Object.assign(it, { each: bind(it, false) }),
    test: it,
    beforeEach: add('before'),
    afterEach: add('after'),
    beforeAll: add('once'),
  });
  return (file, load) => {
    groups = [group(file)];
    tests = [];
    load();
    return tests;
  };
}

/** Runs one test, with what its groups ask for; `begun` is told of each group whose first test it is. Throws what it throws. */
export async function runTest({ groups, body }, begun = () => undefined) {
  for (const group of groups) {
    if (group.once.length === 0) continue;
    for (const act of group.once.splice(0)) await act();
    begun(group);
  }
  try {
    for (const { before } of groups) for (const act of before) await act();
    await body();
  } finally {
    for (const { after } of groups.toReversed()) for (const act of after) await act();
  }
}
