import { TodayScreen } from '@/ui/today';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Today' };

export default function Page() {
  return (
    <Suspense>
      <TodayScreen />
    </Suspense>
  );
}
