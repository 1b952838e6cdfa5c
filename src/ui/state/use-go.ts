'use client';

import type { Act } from '@/store';
import { useRouter } from 'next/navigation';
import { run, workspaceStore } from './use-workspace';

/** Does something and goes to what it made, once that is on disk: a page that has to be loaded anew finds it there. */
export function useGo(): (act: Act, to: string) => void {
  const router = useRouter();
  return (act, to) => {
    run(act);
    void workspaceStore()
      .settled()
      .then(() => router.push(to));
  };
}
