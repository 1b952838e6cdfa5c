import { CompareScreen } from '@/ui/compare';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Compare clays' };

export default function Page() {
  return (
    <Suspense>
      <CompareScreen />
    </Suspense>
  );
}
