import type { NextConfig } from 'next';
import { ownPages } from './src/offline/pages';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // `npm test` checks the types by themselves: a build would do it a second time, and every demo once.
  typescript: { ignoreBuildErrors: true },
  rewrites: async () => [...ownPages],
};

export default config;
