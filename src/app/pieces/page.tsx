import { PiecesScreen } from '@/ui/pieces';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Pieces' };

export default function Page() {
  return (
    <Suspense>
      <PiecesScreen />
    </Suspense>
  );
}
