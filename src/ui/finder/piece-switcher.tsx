'use client';

import { useWorkspace } from '@/ui/state';
import { ChevronDown, Plus } from 'lucide-react';
import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import { type ComponentProps, type ComponentType, useState } from 'react';
import type { FinderPanel } from './finder-panel';
import { openPlanOf } from './open-plan';

type Panel = ComponentType<ComponentProps<typeof FinderPanel>>;

/** The open piece in the header: the way back to it, and beside it to another, found by typing. */
export function PieceSwitcher() {
  const { workspace } = useWorkspace();
  const path = usePathname();
  const here = path === '/';
  const plan = openPlanOf(workspace, useSearchParams().get('plan'));
  const [typed, setTyped] = useState('');
  const [panel, setPanel] = useState<{ readonly Panel: Panel } | undefined>();
  const [open, setOpen] = useState(false);
  const toggle = async () => {
    setTyped('');
    setOpen(!open);
    if (!panel) setPanel({ Panel: (await import('./finder-panel')).FinderPanel });
  };
  return (
    <div className="switcher">
      {plan && (
        <Link href={`/?plan=${plan.id}`} aria-current={here ? 'page' : undefined}>
          <span className="switcher-name">{plan.name}</span>
        </Link>
      )}
      {plan && (
        <button
          type="button"
          aria-label="Another piece"
          aria-expanded={open}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => void toggle()}
        >
          <ChevronDown size={18} aria-hidden />
        </button>
      )}
      <Link
        href="/new"
        aria-label="New piece"
        title="New piece"
        className="switcher-new"
        aria-current={path === '/new' ? 'page' : undefined}
      >
        <Plus size={18} aria-hidden />
      </Link>
      {open && panel && (
        <panel.Panel typed={typed} onTyped={setTyped} piecesOnly label="Another piece by its name" onClose={() => setOpen(false)} />
      )}
    </div>
  );
}
