import { StartScreen } from '@/ui/start';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'New piece' };

export default function Page() {
  return (
    <Suspense>
      <StartScreen />
    </Suspense>
  );
}
