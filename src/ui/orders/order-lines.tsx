'use client';

import { unbroken } from '@/core/units';
import type { LineWork, OrderWork } from '@/core/orders';
import { type OrderLine, type OrderStep, shopOf } from '@/core/records';
import { orderActs } from '@/store';
import { Choice, DeleteAct, OptionalNumber, TextInput } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { dayWords } from './step-words';

const WISH = 'wish';

/** What was ordered, line by line; and how many to make of each. */
export function OrderLines({ work: { order, lines }, today }: { work: OrderWork; today: string }) {
  return (
    <Box as="section" aria-label="What was ordered" marginTop="3">
      {lines.map((line) => (
        <Line key={line.line.id} orderId={order.id} work={line} due={order.due} today={today} />
      ))}
      <AddLine orderId={order.id} />
    </Box>
  );
}

function AddLine({ orderId }: { orderId: string }) {
  const { workspace } = useWorkspace();
  const options = [
    { value: '', words: 'Add a piece, a set or a request…' },
    { value: WISH, words: 'a request, not a piece yet' },
    ...workspace.sets.map(({ id, name }) => ({ value: `set ${id}`, words: name })),
    ...workspace.plans.map(({ id, name }) => ({ value: `plan ${id}`, words: name })).sort((a, b) => a.words.localeCompare(b.words)),
  ];
  const add = (value: string) => {
    const [kind, id] = value.split(' ') as [string, string];
    if (value === WISH) run(orderActs.addLine(orderId, { wish: '', count: 1 }));
    else if (value) run(orderActs.addLine(orderId, kind === 'set' ? { setId: id, count: 1 } : { planId: id, count: 6 }));
  };
  return (
    <HStack marginTop="2" data-screen>
      <Choice label="Add to the order" value="" options={options} width="16.25rem" onChoose={add} />
    </HStack>
  );
}

interface LineProps {
  readonly orderId: string;
  readonly work: LineWork;
  readonly due: string | undefined;
  readonly today: string;
}

function Line({ orderId, work, due, today }: LineProps) {
  const { workspace } = useWorkspace();
  const { line, name, items, matched } = work;
  const edit = (change: (line: OrderLine) => OrderLine, label: string, key?: string) =>
    run(orderActs.editLine(orderId, line.id, change, label, key));
  const currency = shopOf(workspace).money?.currency ?? '';
  const isSet = line.setId !== undefined;
  return (
    <HStack
      as="article"
      aria-label={name || 'wish'}
      gap="3"
      flexWrap="wrap"
      alignItems="flex-start"
      paddingBlock="2"
      borderBottomWidth="1px"
      borderColor="line"
      data-line={line.id}
    >
      <Box width="5.25rem">
        <OptionalNumber
          label={isSet ? 'Sets' : 'Number'}
          min={1}
          max={5000}
          whole
          example="12"
          width="5.25rem"
          value={line.count}
          onValue={(count, key) => (count === undefined ? 'How many?' : edit((each) => ({ ...each, count }), 'number', key))}
        />
      </Box>
      <Box flex="1 1 260px" minWidth="0" paddingTop={{ base: '0', md: '20px' }} order={{ base: '-1', md: '0' }}>
        {line.planId ? (
          <Link href={`/?plan=${line.planId}`}>{name}</Link>
        ) : isSet ? (
          <Link href="/orders?order=sets">{name}</Link>
        ) : (
          <Wish line={line} edit={edit} />
        )}
        {items.length > 0 && <MakeWords work={work} />}
        <Late work={work} due={due} today={today} />
        <Stands work={work} />
      </Box>
      {items.length > 0 && (
        <OptionalNumber
          label={`Make${matched ? ' in total' : ''}`}
          min={1}
          max={5000}
          whole
          example="14"
          width="5.25rem"
          value={line.make}
          onValue={(make, key) => edit(({ make: _, ...each }) => (make === undefined ? each : { ...each, make }), 'how many to make', key)}
        />
      )}
      <OptionalNumber
        label={`Price${currency ? `, ${currency}` : ''}`}
        min={0.01}
        max={1e6}
        example="34"
        width="5.625rem"
        value={line.price}
        onValue={(price, key) => edit(({ price: _, ...each }) => (price === undefined ? each : { ...each, price }), 'price', key)}
      />
      <DeleteAct label={`Delete ${name || 'wish'}`} onClick={() => run(orderActs.deleteLine(orderId, line.id))} />
    </HStack>
  );
}

/** A wish in the customer's words, until there is a piece for it. */
function Wish({ line, edit }: { line: OrderLine; edit: (change: (line: OrderLine) => OrderLine, label: string, key?: string) => void }) {
  const { workspace } = useWorkspace();
  const options = workspace.plans.map(({ id, name }) => ({ value: id, words: name })).sort((a, b) => a.words.localeCompare(b.words));
  return (
    <HStack gap="2" flexWrap="wrap" alignItems="flex-end">
      <Box flex="1 1 200px">
        <TextInput
          label="Request"
          shown={line.wish ?? ''}
          take={(wish, key) => edit((each) => ({ ...each, wish }), 'wish', key) ?? undefined}
        />
      </Box>
      <Choice
        label="Which piece is this"
        value=""
        width="10.625rem"
        options={[{ value: '', words: 'Choose the piece…' }, ...options]}
        onChoose={(planId) => planId && edit((each) => ({ ...each, planId }), 'piece for a wish')}
      />
      <Link href="/new?from=holds">Create a piece</Link>
    </HStack>
  );
}

function MakeWords({ work: { items, matched } }: { work: LineWork }) {
  const units = useUnits();
  return (
    <Box fontSize="sm" color="fg.muted">
      {items.map(({ name, part, make, need, ballG, thumb, of, lost, made }) => (
        <Box key={name}>
          {items.length > 1 && <b>{name}: </b>}
          make <b>{make}</b> for {need}
          {ballG !== undefined && (
            <>
              , balls of{' '}
              <chakra.span color="wet" fontWeight="650">
                {unbroken(weighOutText(ballG, part, units))}
              </chakra.span>
            </>
          )}
          . {of > 0 ? `You lost ${lost} of ${of}.` : 'Typical loss: 1 in 10.'} Rules of thumb: {thumb.tenth}, {thumb.thirdOfOrder} or{' '}
          {thumb.thirdOfBatch}.{!made.ok && ` ${made.problem.message}`}
        </Box>
      ))}
      {items.some(({ wholeFirings }) => wholeFirings) && <Box>You have lost a whole firing before. Spares cannot cover that.</Box>}
      {matched && <Box>These must match. Measure them after bisque, sort them into sets, and glaze each set alike.</Box>}
    </Box>
  );
}

/** A step as what is done in it, at the beginning of a sentence. */
const DOING: Readonly<Record<OrderStep, string>> = {
  throw: 'Throwing',
  firm: 'Firming',
  trim: 'Trimming',
  dry: 'Drying',
  bisque: 'The bisque firing',
  sort: 'Sorting',
  glaze: 'Glazing',
  fire: 'The glaze firing',
  pack: 'Packing',
};

/** What is late, and what could give. */
function Late({ work: { dates, late, soonest, items }, due, today }: { work: LineWork; due: string | undefined; today: string }) {
  if (dates && !dates.ok)
    return (
      <Box role="alert" color="bad" fontSize="sm">
        {dates.problem.message}
      </Box>
    );
  if (late === 0 || !dates || items.length === 0 || due === undefined) return null;
  const next = dates.value.find((step) => !step.done)!;
  const waits = dates.value.filter((step) => !step.done && step.name === 'dry')[0];
  const ready = soonest !== undefined && soonest > due ? ` If you start today it is ready on ${dayWords(soonest)}.` : '';
  return (
    <Box role="status" color="warn" fontSize="sm" data-late>
      {DOING[next.name]} should have begun {late === 1 ? 'yesterday' : `${late} days ago`}.{ready} Options: a later date, fewer pieces
      {waits ? ', or a warmer room to dry in, slowly for thick ware' : ''}
      {today > due ? '. The due date has passed' : ''}.
    </Box>
  );
}

/** Longer than this between throwing and trimming it stiffens too far unless it is wrapped, days. */
const FIRMS = 2;

/** Where weekends and days off make a piece stand longer than is good for it. */
function Stands({ work: { dates } }: { work: LineWork }) {
  const firm = dates?.ok ? dates.value.find(({ name, done }) => name === 'firm' && !done) : undefined;
  if (!firm || firm.stands <= FIRMS) return null;
  return (
    <Box fontSize="sm" color="warn">
      {firm.stands} nights between throwing and trimming, from {dayWords(firm.from)}. Wrap them, or they will be too hard to trim.
    </Box>
  );
}
