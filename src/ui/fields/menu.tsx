'use client';

import { Ellipsis } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, type ToggleEvent, createContext, useContext, useId } from 'react';
import { Act, type ActProps } from './button';

const Within = createContext('');

/** The arrow keys go from one to the next, and round. */
function step(event: KeyboardEvent<HTMLDivElement>): void {
  const way = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (way === undefined) return;
  event.preventDefault();
  const items = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=menuitem]')];
  const at = items.indexOf(document.activeElement as HTMLElement);
  items.at((at + way + items.length) % items.length)?.focus();
}

/** Its first item has the focus once it is open. */
function enter({ newState, currentTarget }: ToggleEvent<HTMLDivElement>): void {
  if (newState === 'open') currentTarget.querySelector<HTMLElement>('[role=menuitem]')?.focus();
}

/** What else can be done with one of several: behind three dots, so that no slip of a finger deletes it. Escape closes it. */
export function Menu({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  const id = useId();
  return (
    <>
      <Act aria-label={label} title={label} popoverTarget={id} aria-haspopup="menu" borderColor="transparent" paddingInline="1">
        <Ellipsis size={20} aria-hidden />
      </Act>
      <div className="row-menu" id={id} popover="auto" role="menu" aria-label={label} onKeyDown={step} onToggle={enter}>
        <Within value={id}>{children}</Within>
      </div>
    </>
  );
}

/** One of the things that can be done; the menu closes on it. */
export function MenuItem(props: ActProps) {
  const within = useContext(Within);
  return (
    <Act
      role="menuitem"
      popoverTarget={within}
      popoverTargetAction="hide"
      justifyContent="flex-start"
      borderColor="transparent"
      {...props}
    />
  );
}
