import { hierarchyWork } from '@/workers/hierarchyWork';

/** The hierarchy's worker without a thread, for a browser that has none: `jest.mock('@/workers/startHierarchy', () => jest.requireActual('@/testing/hierarchyHere'))`. */
export const startHierarchy = () => ({
  thread: { terminate: () => undefined },
  remote: {
    order: (...args: Parameters<typeof hierarchyWork.order>) => Promise.resolve(hierarchyWork.order(...args)),
    own: (...args: Parameters<typeof hierarchyWork.own>) => Promise.resolve(hierarchyWork.own(...args)),
  },
});
