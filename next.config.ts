import type { NextConfig } from 'next';

/** Screens that had another name: their old addresses still lead there, with what stands after the question mark. */
const RENAMED = {
  '/order': '/hierarchy',
  '/settle': '/aggression',
  '/leavers': '/departures',
} as const;

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked by `npm test`; who starts the app does not wait for it.
  typescript: { ignoreBuildErrors: true },
  redirects: () =>
    Promise.resolve(
      Object.entries(RENAMED).map(([source, destination]) => ({ source, destination, permanent: true })),
    ),
};

export default config;
