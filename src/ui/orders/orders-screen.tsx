'use client';

import { lazyPart } from '@/ui/blocks';
import { openOrders, type OrderWork, orderWork } from '@/core/orders';
import { madeActs, orderActs } from '@/store';
import { Act } from '@/ui/fields';
import { useGo, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { OrderHead } from './order-head';
import { OrderLines } from './order-lines';
import { Shared } from './shared';
import { Strip, StripHelp } from './strip';
import { Takes } from './takes';

const HowWeWork = lazyPart(() => import('./how-we-work').then((part) => part.HowWeWork));
const Sets = lazyPart(() => import('./sets').then((part) => part.Sets));

const SETS = 'sets';
const WORK = 'work';

/** What was ordered: how many to make, what they take, on which days, and whether it is worth it. */
export function OrdersScreen() {
  const { status, workspace } = useWorkspace();
  const router = useRouter();
  const go = useGo();
  const asked = useSearchParams().get('order');
  const today = madeActs.today();
  const works = useMemo(() => openOrders(workspace).map((order) => orderWork(workspace, order, today)), [workspace, today]);
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const closed = workspace.orders.filter((order) => order.closed);
  const open = workspace.orders.find(({ id }) => id === asked) ?? works[0]?.order;
  const view = asked === SETS || asked === WORK ? asked : undefined;
  const begin = () => {
    const { act, id } = orderActs.createOrder();
    go(act, `/orders?order=${id}`);
  };
  const tab = (id: string, words: string, here: boolean) => (
    <button key={id} type="button" aria-current={here ? 'true' : undefined} onClick={() => router.push(`/orders?order=${id}`)}>
      {words}
    </button>
  );
  return (
    <Box className="links" padding={{ base: '3', md: '20px' }} maxWidth="1360px">
      <HStack gap="3" flexWrap="wrap" marginBottom="3">
        <chakra.h1 fontSize="1.375rem" fontWeight="680">
          Orders
        </chakra.h1>
        <nav className="sections" aria-label="Orders">
          {works.map(({ order }) => tab(order.id, order.name, !view && order.id === open?.id))}
          {closed.map((order) => tab(order.id, `${order.name}, done`, !view && order.id === open?.id))}
          {tab(SETS, 'Sets', view === SETS)}
          {tab(WORK, 'Workshop settings', view === WORK)}
        </nav>
        <Box flex="1" />
        <Act look={works.length === 0 ? 'solid' : 'plain'} onClick={begin}>
          New order
        </Act>
      </HStack>
      {view === SETS && <Sets />}
      {view === WORK && <HowWeWork />}
      {!view &&
        (open ? (
          <OneOrder
            key={open.id}
            work={works.find(({ order }) => order.id === open.id) ?? orderWork(workspace, open, today)}
            works={works}
            today={today}
          />
        ) : (
          <Box color="fg.muted" maxWidth="60ch" paddingBlock="6">
            No orders yet. Add what somebody has ordered. Rimbet works out how many to make, the clay you need and the date of each step.
          </Box>
        ))}
    </Box>
  );
}

function OneOrder({ work, works, today }: { work: OrderWork; works: readonly OrderWork[]; today: string }) {
  const { order } = work;
  // this order first: its days are the ones shown
  const all = [work, ...(order.closed ? [] : works.filter((each) => each.order.id !== order.id))];
  return (
    <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 330px' }} gap="6">
      <Box minWidth="0">
        <OrderHead order={order} today={today} />
        <OrderLines work={work} today={today} />
        {all.some(({ lines }) => lines.some(({ dates }) => dates?.ok)) && (
          <Box as="section" aria-label="Days" marginTop="4">
            <Strip works={all} today={today} />
            <StripHelp />
            <Shared works={all} />
          </Box>
        )}
      </Box>
      <Takes work={work} today={today} />
    </Box>
  );
}
