import config from '../jest.config.mjs';

/** The tests of the core alone: those that small faults are tried against. */
const [node] = config.projects;

export default { ...node, rootDir: '..', testMatch: ['<rootDir>/src/core/**/*.test.ts'] };
