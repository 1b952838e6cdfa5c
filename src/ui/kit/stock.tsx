'use client';

import { readLengths, text, writeLength } from '@/core/units';
import { lotOf, type Stock, STOCK_KINDS, stockFault, type StockKind } from '@/core/records';
import { setShop, useBench } from '@/ui/bench';
import { Act, Choice, DeleteAct, NameInput, OptionalInput, OptionalLength, optionsOf } from '@/ui/fields';
import { newKey, useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';

const WIDTH_WORDS: Record<StockKind, string> = {
  lid: 'Widths, one per piece',
  stopper: 'Widths at the top, each measured',
  gasket: 'Smallest and largest mouth it fits',
  plate: 'Widths, one per piece',
  glass: 'Widths at the seat, one per piece',
  shelf: 'Clear height under the shelf',
};

const FRESH: Omit<Stock, 'id'> = { name: 'Lids', kind: 'lid', widths: [80] };

type Edit = (change: Partial<Stock>, key?: string) => string | undefined;

/** Bought lids and stoppers, as measured: pots are made to them. Five measured are enough to know how much a lot differs. */
export function BoughtThings() {
  const units = useUnits();
  const items = useBench().shop.stock ?? [];
  const set = (change: (now: readonly Stock[]) => readonly Stock[], label: string, key?: string) =>
    setShop('stock', (now) => change(now ?? []), label, key);
  const editing =
    (item: Stock): Edit =>
    (change, key) =>
      stockFault({ ...item, ...change }, units.length) ??
      set((now) => now.map((each) => (each.id === item.id ? { ...each, ...change } : each)), 'bought lids and stoppers', key);
  return (
    <Box as="section" aria-label="Bought lids and stoppers" marginBottom="6">
      <chakra.h2 fontWeight="650">Bought lids and stoppers</chakra.h2>
      <Box fontSize="sm" color="fg.muted">
        Measure five from each lot and enter all five. The difference between them is counted in the odds.
      </Box>
      {items.map((item) => (
        <Lot
          key={item.id}
          item={item}
          edit={editing(item)}
          onDelete={() => set((now) => now.filter(({ id }) => id !== item.id), `“${item.name}” deleted`)}
        />
      ))}
      <Act
        marginTop="1"
        onClick={() => set((now) => [...now, { ...FRESH, id: newKey(), name: `${FRESH.name} ${now.length + 1}` }], 'new lot')}
      >
        Add a lot
      </Act>
    </Box>
  );
}

function Lot({ item, edit, onDelete }: { item: Stock; edit: Edit; onDelete: () => void }) {
  const units = useUnits();
  const { mean, spreadSd } = lotOf(item);
  const width = (mm: number) => text(writeLength(mm, units.choice), false);
  return (
    <Box borderTopWidth="1px" borderColor="line" paddingBlock="2" data-lot={item.name}>
      <HStack gap="2" flexWrap="wrap">
        <Box flex="1 1 9rem" minWidth="0">
          <NameInput
            label={`Name of the lot ${item.name}`}
            size="1rem"
            width="100%"
            shown={item.name}
            take={(name, key) => (name.trim() === '' ? 'A lot needs a name, such as Beech stoppers, May.' : edit({ name }, key))}
          />
        </Box>
        <Choice
          label={`What ${item.name} are`}
          value={item.kind}
          options={optionsOf(STOCK_KINDS)}
          onChoose={(kind) => edit({ kind, ...(kind === 'gasket' && { widths: [mean, mean + 4] }) }, newKey())}
        />
        <DeleteAct label={`Delete ${item.name}`} onClick={onDelete} />
      </HStack>
      <Box marginTop="1">
        <OptionalInput<number[]>
          label={`${WIDTH_WORDS[item.kind]}, ${units.readLength.unit}`}
          keys="text"
          value={[...item.widths]}
          read={(typed) => readLengths(typed, units.readLength)}
          write={(widths) => widths.map(width).join('; ')}
          onValue={(widths, key) => edit({ widths: widths ?? [] }, key)}
          hint={
            item.kind === 'gasket'
              ? undefined
              : `${item.widths.length} measured: about ${units.length(mean)}${spreadSd === undefined ? '' : `, ± ${units.apart(spreadSd)}`}`
          }
        />
      </Box>
      {item.kind === 'stopper' && (
        <HStack gap="4" marginTop="1">
          <OptionalLength label="Width at the bottom" value={item.bottom} onValue={(bottom, key) => edit({ bottom }, key)} />
          <OptionalLength label="Length" value={item.length} onValue={(length, key) => edit({ length }, key)} />
        </HStack>
      )}
    </Box>
  );
}
