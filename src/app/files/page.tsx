import { FilesScreen } from '@/ui/files';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Files' };

export default function Page() {
  return (
    <Suspense>
      <FilesScreen />
    </Suspense>
  );
}
