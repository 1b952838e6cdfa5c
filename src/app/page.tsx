import { PieceScreen } from '@/ui/piece';
import type { Metadata } from 'next';
import { Suspense } from 'react';

export const metadata: Metadata = { title: 'Piece' };

export default function Page() {
  return (
    <Suspense>
      <PieceScreen />
    </Suspense>
  );
}
