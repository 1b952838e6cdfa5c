import { ClayScreen } from '@/ui/clay';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Clay' };

export default function Page() {
  return (
    <Suspense>
      <ClayScreen />
    </Suspense>
  );
}
