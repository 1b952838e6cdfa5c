import { KitScreen } from '@/ui/kit';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return (
    <Suspense>
      <KitScreen />
    </Suspense>
  );
}
