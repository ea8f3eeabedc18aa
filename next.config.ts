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
  redirects: () =>
    Promise.resolve(
      Object.entries(RENAMED).map(([source, destination]) => ({ source, destination, permanent: true })),
    ),
};

export default config;
