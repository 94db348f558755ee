import type { NextConfig } from 'next';
import { ownPages } from './src/offline/pages';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  rewrites: async () => [...ownPages],
};

export default config;
