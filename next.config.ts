import { readFileSync } from 'node:fs';
import type { NextConfig } from 'next';

const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };

const config: NextConfig = {
  agentRules: false,
  distDir: process.env.RIMBET_DIST ?? '.next',
  poweredByHeader: false,
  env: { RIMBET_VERSION: version },
  reactStrictMode: true,
  productionBrowserSourceMaps: process.env.RIMBET_SOURCE_MAPS === '1',
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
};

export default config;
