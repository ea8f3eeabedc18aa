import { wrap } from 'comlink';
import type { ExperienceWork } from './experienceWork';
import type { Helper } from './workerLine';

/** Starts a worker that reads and sums the experience of other keepers, and of this room. */
export function startExperience(): Helper<ExperienceWork> {
  const thread = new Worker(new URL('./experience.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<ExperienceWork>(thread) };
}
