import { ShelvesScreen } from '@/ui/shelves';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Shelves' };

export default function Page() {
  return (
    <Suspense>
      <ShelvesScreen />
    </Suspense>
  );
}
