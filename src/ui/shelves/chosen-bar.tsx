'use client';

import { CONES } from '@/core/clay';
import { type MadePiece, onShelf, type Shelf, SHELF_WORDS, SHELVES, WRONG, type Wrong } from '@/core/records';
import { madeActs } from '@/store';
import { Act, Choice } from '@/ui/fields';
import { workspaceStore } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import type { Row } from './use-shelves';

interface Props {
  readonly rows: readonly Row[];
  readonly chosen: ReadonlySet<string>;
  readonly onClear: () => void;
}

/** What is done with the chosen pieces together. */
export function ChosenBar({ rows, chosen, onClear }: Props) {
  const own = rows.filter(({ piece }) => chosen.has(piece.id));
  if (own.length === 0) return null;
  const ids = own.map(({ piece }) => piece.id);
  const names = [...new Set(own.map(({ run }) => run.name))].join(', ');
  const count = own.length === 1 ? 'one piece' : `${own.length} pieces`;
  const act = (change: (piece: MadePiece) => MadePiece, label: string) => {
    workspaceStore().runAndTell(madeActs.editPieces(ids, change, label));
    onClear();
  };
  const on = madeActs.today();
  return (
    <Box position="sticky" bottom="0" background="bg" borderTopWidth="2px" borderColor="act" paddingBlock="2" zIndex="20">
      <HStack gap="3" flexWrap="wrap" role="group" aria-label="Chosen pieces">
        <Box fontWeight="650">{count} chosen</Box>
        <Choice<Shelf | ''>
          label="Move the chosen to"
          value=""
          options={[{ value: '', words: 'Move to…' }, ...SHELVES.map((shelf) => ({ value: shelf, words: SHELF_WORDS[shelf] }))]}
          onChoose={(shelf) => shelf && act((piece) => onShelf(piece, shelf, on), `${count} of ${names}: ${SHELF_WORDS[shelf]}`)}
        />
        <Choice<Wrong | ''>
          label="Lost, because"
          value=""
          options={[{ value: '', words: 'Mark as lost…' }, ...WRONG.map((what) => ({ value: what, words: what }))]}
          onChoose={(what) =>
            what &&
            act(
              (piece) => ({ ...onShelf(piece, 'lost', on), wrong: [...new Set([...(piece.wrong ?? []), what])] }),
              `${count} of ${names} lost: ${what}`,
            )
          }
        />
        <Choice
          label="Fired to"
          value=""
          options={[
            { value: '', words: 'Mark as fired to cone…' },
            ...CONES.map((cone) => ({ value: cone as string, words: `cone ${cone}` })),
          ]}
          onChoose={(cone) =>
            cone && act((piece) => ({ ...onShelf(piece, 'fired', on), firing: { cone } }), `${count} of ${names}: fired to cone ${cone}`)
          }
        />
        <Act onClick={onClear}>Clear selection</Act>
      </HStack>
    </Box>
  );
}
