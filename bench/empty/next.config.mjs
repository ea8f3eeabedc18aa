import { join } from 'node:path';

const config = {
  turbopack: { root: join(import.meta.dirname, '..', '..') },
  typescript: { ignoreBuildErrors: true },
};

export default config;
