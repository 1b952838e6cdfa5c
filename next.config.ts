import type { NextConfig } from 'next';

const config: NextConfig = {
  agentRules: false,
  distDir: process.env.RIMBET_DIST ?? '.next',
  poweredByHeader: false,
  reactStrictMode: true,
  productionBrowserSourceMaps: process.env.RIMBET_SOURCE_MAPS === '1',
  experimental: { optimizePackageImports: ['@chakra-ui/react', 'lucide-react'] },
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'Referrer-Policy', value: 'no-referrer' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=()' },
        ],
      },
    ]),
};

export default config;
