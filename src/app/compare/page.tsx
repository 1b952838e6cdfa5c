import { CompareScreen } from '@/ui/compare';
import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Compare clays' };

export default function Page() {
  return <CompareScreen />;
}
