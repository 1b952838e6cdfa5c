'use client';

import { type Doing, type ToDo, workList } from '@/core/orders';
import { SHELF_WORDS } from '@/core/records';
import { type Act as Done, madeActs, orderActs } from '@/store';
import { Act } from '@/ui/fields';
import { useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useMemo } from 'react';

/** What a tap on a line does; none where it has to be gone to. */
function actOf(doing: Doing): Done | undefined {
  if (doing.kind === 'step') return orderActs.markStep(doing.orderId, doing.lineId, doing.step);
  if (doing.kind === 'shelf')
    return madeActs.movePieces(doing.ids, doing.to, `${doing.ids.length} of ${doing.name}: ${SHELF_WORDS[doing.to]}`);
  return undefined;
}

/** Today's work: one line each, done in one tap; from orders, shelves and clay together. */
export function TodayScreen() {
  const { status, workspace } = useWorkspace();
  const today = madeActs.today();
  const list = useMemo(() => workList(workspace, today), [workspace, today]);
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const day = new Date(`${today}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  return (
    <Box padding={{ base: '3', md: '20px' }} maxWidth="820px">
      <HStack gap="3" flexWrap="wrap" marginBottom="3">
        <chakra.h1 fontSize="1.375rem" fontWeight="680">
          Today, {day}
        </chakra.h1>
        <Box flex="1" />
        {list.length > 0 && <Act onClick={() => window.print()}>Print</Act>}
      </HStack>
      {list.length === 0 ? (
        <Box color="fg.muted" maxWidth="60ch">
          Nothing to do today. Steps of your orders appear here on their dates, and pieces on the shelves when they are due.
        </Box>
      ) : (
        <Box as="ul" listStyleType="none" padding="0">
          {list.map((each) => (
            <Line key={each.id} todo={each} />
          ))}
        </Box>
      )}
    </Box>
  );
}

function Line({ todo: { words, of, overdue, done, href } }: { todo: ToDo }) {
  const act = actOf(done);
  return (
    <HStack as="li" gap="3" borderBottomWidth="1px" borderColor="line" minHeight="56px" alignItems="center">
      {act ? (
        <chakra.button
          type="button"
          aria-label={`Done: ${words}`}
          width="2.75rem"
          height="44px"
          flexShrink="0"
          display="grid"
          placeItems="center"
          cursor="pointer"
          onClick={() => workspaceStore().runAndTell(act)}
        >
          <Box width="1.625rem" height="26px" borderWidth="2px" borderColor="line.strong" borderRadius="4px" />
        </chakra.button>
      ) : (
        <Box width="2.75rem" flexShrink="0" textAlign="center" color="fg.muted" aria-hidden>
          →
        </Box>
      )}
      <Box flex="1" minWidth="0">
        <Box fontSize="1.125rem" fontWeight="550">
          <Link href={href}>{words}</Link>
        </Box>
        <Box fontSize="sm" color={overdue ? 'warn' : 'fg.muted'}>
          {of}
          {overdue ? ', overdue' : ''}
        </Box>
      </Box>
    </HStack>
  );
}
