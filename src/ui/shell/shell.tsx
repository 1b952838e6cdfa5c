'use client';

import { later } from '@/ui/blocks';
import { Finder, PieceSwitcher } from '@/ui/finder';
import { workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Scale } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { type ReactNode, Suspense, useEffect, useState } from 'react';
import { BarButton } from './bar-button';
import { HistoryButtons, SavedMark, Told, useHistoryKeys } from './history';
import { NewVersion } from './offline';
import { Remind } from './remind';
import { Saving } from './saving';
import { ModeButton, UnitsMenu } from './units-menu';

// only where it is asked for
const InstrumentTray = later(() => import('@/ui/instruments').then((part) => part.InstrumentTray));

const PLACES = [
  { href: '/today', words: 'Today' },
  { href: '/pieces', words: 'Pieces' },
  { href: '/clay', words: 'Clay' },
  { href: '/shelves', words: 'Shelves' },
  { href: '/orders', words: 'Orders' },
  { href: '/kit', words: 'Kit' },
  { href: '/files', words: 'Files' },
];

function Nav() {
  const path = usePathname();
  return (
    <HStack
      as="nav"
      aria-label="Places"
      gap={{ base: '0', md: '1' }}
      minWidth="0"
      maxWidth="100%"
      overflowX={{ base: 'auto', md: 'visible' }}
    >
      <Suspense>
        <PieceSwitcher />
      </Suspense>
      {PLACES.map(({ href, words }) => {
        const here = path === href;
        return (
          <chakra.span
            key={href}
            flexShrink="0"
            css={{
              '& a': {
                display: 'inline-flex',
                alignItems: 'center',
                minHeight: '44px',
                paddingInline: '6px',
                '@media (min-width: 48rem)': { paddingInline: '8px' },
                color: here ? 'bar.fg' : 'bar.muted',
                fontWeight: here ? 650 : 450,
                borderBottom: '3px solid',
                borderColor: here ? '#8fd0b6' : 'transparent',
              },
            }}
          >
            <Link href={href} prefetch={false} aria-current={here ? 'page' : undefined}>
              {words}
            </Link>
          </chakra.span>
        );
      })}
    </HStack>
  );
}

/** The head with the places, the quick size, undo and units; and the page below it. */
export function Shell({ children }: { children: ReactNode }) {
  useEffect(() => void workspaceStore().open(), []);
  const atWheel = usePathname() === '/wheel';
  useHistoryKeys(atWheel ? 'wheel' : undefined);
  const [tray, setTray] = useState(false);
  // at the wheel it is a different screen: nothing but what wet hands need
  if (atWheel) {
    return (
      <>
        <main>{children}</main>
        <Told place="wheel" />
        <Box position="fixed" top="0" right="4" zIndex="50" css={{ '& [data-saving-word]': { color: 'var(--chakra-colors-fg-muted)' } }}>
          <Saving />
        </Box>
        <SavedMark />
        <NewVersion />
      </>
    );
  }
  return (
    <>
      <HStack
        as="header"
        background="bar"
        color="bar.fg"
        minHeight="52px"
        paddingInline={{ base: '2', md: '5' }}
        columnGap="3"
        rowGap="1"
        flexWrap={{ base: 'wrap', xl: 'nowrap' }}
      >
        <Box fontSize="22px" fontWeight="750" letterSpacing="-0.01em" display={{ base: 'none', md: 'block' }}>
          rimbet
        </Box>
        <Nav />
        <Box flex="1" />
        <HStack gap={{ base: '0', md: '1' }} width={{ base: '100%', md: 'auto' }} minWidth="0" paddingBottom={{ base: '2', md: '0' }}>
          <Finder />
          <UnitsMenu />
          <BarButton aria-label="Scale and caliper" aria-expanded={tray} onClick={() => setTray(!tray)}>
            <Scale size={20} aria-hidden />
          </BarButton>
          <ModeButton />
          <Saving />
          <HistoryButtons />
        </HStack>
      </HStack>
      <Remind />
      <main>{children}</main>
      {tray && <InstrumentTray onClose={() => setTray(false)} />}
      <Told />
      <SavedMark />
      <NewVersion />
    </>
  );
}
