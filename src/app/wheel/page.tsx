import { WheelScreen } from '@/ui/wheel';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'At the wheel' };

export default function Page() {
  return (
    <Suspense>
      <WheelScreen />
    </Suspense>
  );
}
