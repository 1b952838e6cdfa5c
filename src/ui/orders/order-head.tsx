'use client';

import { chanceWords } from '@/core/fit';
import type { Order } from '@/core/records';
import { orderActs } from '@/store';
import { Act, DeleteAct, LabelledChoice, NameInput, OptionalDay, TextInput } from '@/ui/fields';
import { run, workspaceStore } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { dayWords } from './step-words';

/** So many characters of what the customer said. */
const MOST = 10_000;
const ODDS = [0.8, 0.9, 0.95, 0.99];

/** An order's name, the customer's words, the day it is due and how sure it should be. */
export function OrderHead({ order, today }: { order: Order; today: string }) {
  const edit = (change: Partial<Order>, label: string, key?: string) => run(orderActs.editOrder(order.id, change, label, key));
  const past = order.due !== undefined && order.due < today;
  return (
    <Box as="section" aria-label="The order">
      <HStack gap="2" flexWrap="wrap">
        <NameInput
          label="Name of the order"
          shown={order.name}
          fresh={order.name === 'New order'}
          width={{ base: 'auto', md: '17.5rem' }}
          grows
          take={(name, key) => (name.trim() ? edit({ name: name.trim() }, 'name', key) : 'An order needs a name.') ?? undefined}
        />
        <Act onClick={() => edit({ closed: !order.closed }, order.closed ? 'open again' : 'order done')}>
          {order.closed ? 'Reopen' : 'Mark as delivered'}
        </Act>
        <DeleteAct label={`Delete ${order.name}`} onClick={() => workspaceStore().runAndTell(orderActs.deleteOrder(order))} />
      </HStack>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginTop="2">
        <Box flex="1 1 320px">
          <TextInput
            label="What the customer asked for"
            shown={order.words}
            style={{ as: 'textarea', paddingBlock: '1.5', minHeight: '64px', css: { fieldSizing: 'content' } }}
            take={(words, key) => (words.length > MOST ? 'At most 10,000 characters.' : (edit({ words }, 'words', key) ?? undefined))}
          />
        </Box>
        <OptionalDay
          label="Due"
          today={today}
          width="9.375rem"
          value={order.due}
          hint={order.due && dayWords(order.due)}
          onValue={(due, key) => edit({ due }, 'due', key)}
        />
        <LabelledChoice
          label="Chance of enough"
          value={String(order.odds)}
          options={ODDS.map((each) => ({ value: String(each), words: chanceWords(each) }))}
          onChoose={(odds) => edit({ odds: Number(odds) }, 'odds')}
        />
      </HStack>
      {past && !order.closed && (
        <Box role="status" color="warn">
          {dayWords(order.due!)} is in the past. Check the date.
        </Box>
      )}
    </Box>
  );
}
