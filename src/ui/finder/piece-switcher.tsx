'use client';

import { useSaid } from '@/ui/state';
import { ChevronDown, Plus } from 'lucide-react';
import Link from 'next/link';
import { usePathname, useSearchParams } from 'next/navigation';
import { useRef, useState } from 'react';
import { usePanel } from './finder';
import { openPlanOf } from './open-plan';

/** The open piece in the header: the way back to it, and beside it to another, found by typing. */
export function PieceSwitcher() {
  const path = usePathname();
  const here = path === '/';
  const asked = useSearchParams().get('plan');
  const id = useSaid(({ workspace }) => openPlanOf(workspace, asked)?.id);
  const name = useSaid(({ workspace }) => openPlanOf(workspace, asked)?.name);
  const button = useRef<HTMLButtonElement>(null);
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState(false);
  const loaded = usePanel(open);
  const toggle = () => {
    setTyped('');
    setOpen(!open);
  };
  return (
    <div className="switcher">
      {id && (
        <Link href={`/?plan=${id}`} aria-current={here ? 'page' : undefined}>
          <span className="switcher-name">{name}</span>
        </Link>
      )}
      {id && (
        <button
          ref={button}
          type="button"
          aria-label="Another piece"
          aria-expanded={open}
          onMouseDown={(event) => event.preventDefault()}
          onClick={toggle}
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
      {loaded && (
        <loaded.Panel
          typed={typed}
          onTyped={setTyped}
          piecesOnly
          label="Find a piece by name"
          onClose={() => setOpen(false)}
          onEscape={() => button.current?.focus()}
        />
      )}
    </div>
  );
}
