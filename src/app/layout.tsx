import '@fontsource-variable/archivo/standard.css';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '../../generated/theme.css';
import { Shell } from '@/ui/shell';
import { Providers } from '@/ui/theme';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';

export const metadata: Metadata = {
  title: { default: 'Rimbet', template: '%s · Rimbet' },
  description: 'What to weigh out and what to throw, so that the fired piece is the size it had to be.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Providers>
          <Shell>{children}</Shell>
        </Providers>
      </body>
    </html>
  );
}
