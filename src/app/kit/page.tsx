import { KitScreen } from '@/ui/kit';
import type { Metadata } from 'next';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return <KitScreen />;
}
