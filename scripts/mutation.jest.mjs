import config from '../jest.config.mjs';

/** Tests of a folder of the core that stand in other folders. */
const ELSEWHERE = {
  gate: ['src/session', 'src/store', 'src/core/formats'],
  journal: ['src/core/events', 'src/core/commands'],
  migrate: ['src/core/formats'],
  merge: ['src/session'],
};

/** The tests that small faults in a folder of the core are tried against: its own, as a lower bound. */
const folder = process.env.MUTATED ?? '*';
const [node] = config.projects;

export default {
  ...node,
  rootDir: '..',
  testMatch: [`src/core/${folder}`, ...(ELSEWHERE[folder] ?? [])].map(
    (path) => `<rootDir>/${path}/**/*.test.ts`,
  ),
};
