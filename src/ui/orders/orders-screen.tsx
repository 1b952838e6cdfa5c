'use client';

import { lazyPart } from '@/ui/blocks';
import { openOrders, type OrderWork, orderWork } from '@/core/orders';
import type { Order, Workspace } from '@/core/records';
import { madeActs, orderActs } from '@/store';
import { Act, Choice } from '@/ui/fields';
import { AnswerSheet, Place, PlaceAnswer, type RailMark, counted, onRail } from '@/ui/frame';
import { useGo, useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { OrderHead } from './order-head';
import { OrderLines } from './order-lines';
import { Shared } from './shared';
import { Strip, StripHelp } from './strip';
import { MoreOfOrder, Takes } from './takes';

const HowWeWork = lazyPart(() => import('./how-we-work').then((part) => part.HowWeWork));
const Sets = lazyPart(() => import('./sets').then((part) => part.Sets));

const SETS = 'sets';
const WORK = 'work';

/** So many orders find room on the rail; more are chosen from a list too. */
const ON_RAIL = 8;

/** Orders with how many pieces are to be made, then what is set for all of them. */
function marksOf({ sets }: Pick<Workspace, 'sets'>, works: readonly OrderWork[], closed: readonly Order[], open?: Order): RailMark[] {
  const toMake = ({ lines }: OrderWork) => lines.flatMap(({ items }) => items).reduce((sum, { make }) => sum + make, 0);
  const orders: RailMark[] = [
    ...works.map((work) => ({ value: work.order.id, words: work.order.name, figure: String(toMake(work)), ink: 'wet' as const })),
    ...closed.map(({ id, name }) => ({ value: id, words: name, figure: 'done' })),
  ];
  return [
    ...onRail(
      orders,
      orders.find(({ value }) => value === open?.id),
      ON_RAIL,
    ),
    { value: SETS, words: 'Sets', figure: String(sets.length) },
    { value: WORK, words: 'Workshop settings', figure: '' },
  ];
}

interface AllProps {
  readonly orders: readonly Order[];
  readonly open: Order | undefined;
  readonly go: (id: string) => void;
}

/** The list of all orders, where not all find room on the rail. */
function AllOrders({ orders, open, go }: AllProps) {
  if (orders.length <= ON_RAIL) return null;
  return (
    <Choice
      label="All orders"
      value={open?.id ?? ''}
      options={orders.map(({ id, name, closed }) => ({ value: id, words: closed ? `${name}, done` : name }))}
      onChoose={go}
    />
  );
}

/** How many orders there are to make, or sets where those are looked at. */
function CountAnswer({ sets, orders }: { sets: number | undefined; orders: number }) {
  const asks = sets !== undefined ? 'sets of pieces' : orders === 1 ? 'order to make' : 'orders to make';
  return <AnswerSheet name="orders" asks={asks} big={counted(sets ?? orders)} />;
}

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
  const marks = marksOf(workspace, works, closed, open);
  const goTo = (id: string) => router.push(`/orders?order=${id}`);
  return (
    <Place
      label="Orders"
      marks={marks}
      current={view ?? open?.id ?? ''}
      go={goTo}
      title={
        <div className="place-head">
          <h1>Orders</h1>
          <div className="place-acts">
            <AllOrders orders={[...works.map(({ order }) => order), ...closed]} open={open} go={goTo} />
            <Act look={works.length === 0 ? 'solid' : 'plain'} onClick={begin}>
              New order
            </Act>
          </div>
        </div>
      }
      answer={(view || !open) && <CountAnswer sets={view === SETS ? workspace.sets.length : undefined} orders={works.length} />}
    >
      <div className="links">
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
      </div>
    </Place>
  );
}

function OneOrder({ work, works, today }: { work: OrderWork; works: readonly OrderWork[]; today: string }) {
  const { order } = work;
  // this order first: its days are the ones shown
  const all = [work, ...(order.closed ? [] : works.filter((each) => each.order.id !== order.id))];
  return (
    <>
      <PlaceAnswer>
        <Takes work={work} />
      </PlaceAnswer>
      <Box minWidth="0">
        <OrderHead order={order} today={today} />
        {all.some(({ lines }) => lines.some(({ dates }) => dates?.ok)) && (
          <Box as="section" aria-label="Days" marginTop="4">
            <Strip works={all} today={today} />
            <StripHelp />
            <Shared works={all} />
          </Box>
        )}
        <OrderLines work={work} today={today} />
        <MoreOfOrder work={work} today={today} />
      </Box>
    </>
  );
}
