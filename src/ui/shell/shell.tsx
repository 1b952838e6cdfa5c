'use client';

import { lazyPart } from '@/ui/blocks';
import { Finder, PieceSwitcher, ShortcutList } from '@/ui/finder';
import { useSaid, workspaceStore } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { Scale } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { type ReactNode, Suspense, useEffect, useRef, useState } from 'react';
import { BarButton } from './bar-button';
import { HistoryButtons, SavedMark, Notice, useHistoryKeys } from './history';
import { useKeptFocus } from './kept-focus';
import { NewVersion } from './offline';
import { Remind } from './remind';
import { Saving } from './saving';
import { ModeButton, UnitsMenu } from './units-menu';

// only where it is asked for
const Recover = lazyPart(() => import('./recover').then((part) => part.Recover));
const InstrumentTray = lazyPart(() => import('@/ui/instruments').then((part) => part.InstrumentTray));

const PLACES = [
  { href: '/today', words: 'Today' },
  { href: '/pieces', words: 'Pieces' },
  { href: '/clay', words: 'Clay' },
  { href: '/shelves', words: 'Shelves' },
  { href: '/orders', words: 'Orders' },
  { href: '/kit', words: 'Kit' },
  { href: '/files', words: 'Files' },
];

/** The places; where they do not all fit they are moved sideways, the open one in sight. */
function Places() {
  const path = usePathname();
  const places = useRef<HTMLElement>(null);
  useEffect(() => {
    const [all, here] = [places.current, places.current?.querySelector('[aria-current]')];
    if (all && here) all.scrollLeft += here.getBoundingClientRect().right - all.getBoundingClientRect().right;
  }, [path]);
  return (
    <nav ref={places} aria-label="Places" className="places">
      {PLACES.map(({ href, words }) => (
        <Link key={href} href={href} prefetch={false} aria-current={path === href ? 'page' : undefined}>
          {words}
        </Link>
      ))}
    </nav>
  );
}

/** The head with the places, the quick size, undo and units; and the page below it. */
export function Shell({ children }: { children: ReactNode }) {
  useEffect(() => void workspaceStore().open(), []);
  useKeptFocus();
  const atWheel = usePathname() === '/wheel';
  // the wheel has its own, for the piece that is open there
  useHistoryKeys(atWheel ? 'none' : undefined);
  const [tray, setTray] = useState(false);
  // nothing is shown beneath a question of what there is to show
  const offered = useSaid(({ offer }) => offer !== undefined);
  const asked = useSaid(({ offer, status }) => offer !== undefined && status === 'opening');
  // at the wheel it is a different screen: nothing but what wet hands need
  if (atWheel) {
    return (
      <>
        {offered && <Recover />}
        <main>{!asked && children}</main>
        <Notice high />
        <Box position="fixed" top="0" right="4" zIndex="50" css={{ '& [data-saving-word]': { color: 'var(--chakra-colors-fg-muted)' } }}>
          <Saving />
        </Box>
        <SavedMark />
        <ShortcutList />
        <NewVersion />
      </>
    );
  }
  return (
    <>
      <header className="head">
        <div className="brand">rimbet</div>
        <Suspense>
          <PieceSwitcher />
        </Suspense>
        <Places />
        <Finder />
        <div className="head-tools">
          <UnitsMenu />
          <BarButton aria-label="Scale and caliper" aria-expanded={tray} onClick={() => setTray(!tray)}>
            <Scale size={20} aria-hidden />
          </BarButton>
          <ModeButton display={{ base: 'none', md: 'inline-flex' }} />
          <Saving />
          <HistoryButtons />
        </div>
      </header>
      <Remind />
      {offered && <Recover />}
      <main>{!asked && children}</main>
      {tray && <InstrumentTray onClose={() => setTray(false)} />}
      <Notice />
      <SavedMark />
      <ShortcutList />
      <NewVersion />
    </>
  );
}
