import { join } from 'node:path';
import type { NextConfig } from 'next';

/** The same framework and interface kit and nothing else: what the application's first load is measured against. */
const config: NextConfig = {
  agentRules: false,
  turbopack: { root: join(import.meta.dirname, '..', '..') },
  experimental: { optimizePackageImports: ['@chakra-ui/react'] },
};

export default config;
