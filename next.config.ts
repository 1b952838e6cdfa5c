import type { NextConfig } from 'next';

const config: NextConfig = {
  agentRules: false,
  distDir: process.env.RIMBET_DIST ?? '.next',
  poweredByHeader: false,
  reactStrictMode: true,
  productionBrowserSourceMaps: process.env.RIMBET_SOURCE_MAPS === '1',
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
};

export default config;
