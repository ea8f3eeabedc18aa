import config from '../jest.config.mjs';

/** The tests that small faults are tried against: those of one folder of the core, or of all. */
const folder = process.env.MUTATED ?? '*';
const [node] = config.projects;

export default {
  ...node,
  rootDir: '..',
  testMatch: [`<rootDir>/src/core/${folder}/**/*.test.ts`],
};
