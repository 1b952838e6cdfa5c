'use client';

import { setShop, useBench } from '@/ui/bench';
import { Act, DeleteAct, LengthInput, NameInput } from '@/ui/fields';
import type { Shop } from '@/core/records';
import { useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

type ListName = 'bats' | 'dies' | 'chucks';
type Item<N extends ListName> = Shop[N][number];
type LengthOf<N extends ListName> = { [K in keyof Item<N>]: Item<N>[K] extends number ? K : never }[keyof Item<N>] & string;

const FIELD = { width: '4rem', fontSize: '1rem' };

interface Props<N extends ListName> {
  readonly list: N;
  readonly title: string;
  readonly about: string;
  /** One of them, as it is called: bat. */
  readonly one: string;
  /** Its lengths with what each is and how large it may be, mm. */
  readonly lengths: readonly { readonly name: LengthOf<N>; readonly words: string; readonly most: number }[];
  readonly fresh: Item<N>;
  /** What else is said or chosen of one. */
  readonly more?: (item: Item<N>, edit: (change: Partial<Item<N>>, key?: string) => undefined) => ReactNode;
}

/** Things of the maker's with a name and lengths: named, measured, deleted, undone like everything else. */
export function ToolList<N extends ListName>({ list, title, about, one, lengths, fresh, more }: Props<N>) {
  const { length } = useUnits();
  const items = (useBench().shop[list] ?? []) as readonly Item<N>[];
  const set = (change: (now: readonly Item<N>[]) => readonly Item<N>[], label: string, key?: string) =>
    setShop(list, (now) => change((now ?? []) as readonly Item<N>[]) as Shop[N], label, key);
  const edit = (index: number, change: Partial<Item<N>>, key?: string) =>
    set((now) => now.map((each, i) => (i === index ? { ...each, ...change } : each)), one, key);
  return (
    <Box as="section" aria-label={title} marginBottom="6">
      <chakra.h2 fontWeight="650">{title}</chakra.h2>
      <Box fontSize="sm" color="fg.muted">
        {about}
      </Box>
      {items.map((item, i) => (
        <HStack key={i} gap="4" flexWrap="wrap" borderTopWidth="1px" borderColor="line" paddingBlock="1">
          <NameInput
            label={`Name of ${one} ${i + 1}`}
            size="1rem"
            width="9.375rem"
            shown={item.name}
            take={(name, key) =>
              name.trim() === '' ? `A ${one} needs a name, such as ${fresh.name}.` : edit(i, { name } as Partial<Item<N>>, key)
            }
          />
          {lengths.map(({ name, words, most }) => (
            <Box key={name} fontSize="sm" color="fg.muted">
              {words}{' '}
              <LengthInput
                label={`${words} of ${item.name}`}
                mm={item[name] as number}
                takeMm={(mm, key) =>
                  mm > most ? `A ${one} is at most ${length(most)} ${words}.` : edit(i, { [name]: mm } as Partial<Item<N>>, key)
                }
                known
                style={FIELD}
              />
            </Box>
          ))}
          {more?.(item, (change, key) => edit(i, change, key))}
          <DeleteAct
            label={`Delete ${item.name}`}
            onClick={() => set((now) => now.filter((_, j) => j !== i), `${one} “${item.name}” deleted`)}
          />
        </HStack>
      ))}
      <Act marginTop="1" onClick={() => set((now) => [...now, { ...fresh, name: `${fresh.name} ${now.length + 1}` }], `new ${one}`)}>
        Add a {one}
      </Act>
    </Box>
  );
}
