'use client';

import { isExamplePiece } from '@/core/part';
import { useSaid } from '@/ui/state';
import { chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';

/** After so many changes a copy is worth having. */
const MANY = 300;
/** Once so many pieces were made the browser is asked to keep what it holds. */
const WORTH = 5;

/** Reminds of the export after many changes; asks the browser once to keep what it holds, when there is something to lose. */
export function Remind() {
  const pieces = useSaid(({ workspace }) => workspace.pieces);
  const before = useSaid(({ workspace }) => workspace.settings.exported?.since ?? 0);
  const done = useSaid((store) => store.done);
  const [later, setLater] = useState(false);
  const worth = useMemo(() => pieces.filter((piece) => !isExamplePiece(piece)).length >= WORTH, [pieces]);
  useEffect(() => {
    if (worth) void navigator.storage?.persist?.();
  }, [worth]);
  const since = done - before;
  if (later || since < MANY) return null;
  return (
    <chakra.div role="note" data-screen background="warn.wash" color="warn" paddingInline="5" paddingBlock="1" fontSize="sm">
      {since} changes since you last saved a file.{' '}
      <chakra.span textDecoration="underline">
        <Link href="/files">Save a file</Link>
      </chakra.span>{' '}
      to keep a copy outside this browser.{' '}
      <chakra.button
        type="button"
        minHeight="max(var(--finger), 32px)"
        paddingInline="2"
        textDecoration="underline dotted"
        cursor="pointer"
        onClick={() => setLater(true)}
      >
        Later
      </chakra.button>
    </chakra.div>
  );
}
