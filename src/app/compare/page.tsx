import { CompareScreen } from '@/ui/compare';
import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Clays compared' };

export default function Page() {
  return <CompareScreen />;
}
