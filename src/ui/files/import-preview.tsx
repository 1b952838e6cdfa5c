'use client';

import { compare, type TableDifference, type TableName, type Workspace } from '@/core/records';
import type { ReactNode } from 'react';
import { Act } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';

const TABLE_WORDS: Record<TableName, string> = {
  bodies: 'Clays',
  batches: 'Batches',
  bars: 'Bars',
  plans: 'Pieces',
  formers: 'Formers',
  cutters: 'Cutters',
  runs: 'Runs',
  pieces: 'Pieces made',
  sets: 'Sets',
  orders: 'Orders',
  shop: 'Workshop settings',
};

const SHOWN = 6;

const names = (all: readonly string[]): string =>
  all.length > SHOWN ? `${all.slice(0, SHOWN).join(', ')} and ${all.length - SHOWN} more` : all.join(', ');

function Difference({ difference, whole }: { difference: TableDifference; whole: boolean }) {
  const { table, added, changed, onlyHere, same } = difference;
  const rows = [
    { words: 'new', all: added },
    { words: 'changed (the file’s version is used)', all: changed },
    ...(whole ? [{ words: 'only here (kept if you merge, deleted if you replace)', all: onlyHere }] : []),
  ].filter(({ all }) => all.length > 0);
  if (!whole && rows.length === 0) return null;
  return (
    <Box marginTop="2">
      <chakra.b>{TABLE_WORDS[table]}</chakra.b> <chakra.span color="fg.muted">{same > 0 ? `${same} the same` : ''}</chakra.span>
      {rows.map(({ words, all }) => (
        <Box key={words} paddingInlineStart="4">
          {all.length} {words}: {names(all)}
        </Box>
      ))}
    </Box>
  );
}

interface Props {
  readonly fileName: string;
  readonly incoming: Workspace;
  readonly onMerge: (incoming: Workspace) => void;
  /** None where it is a part of a workshop only. */
  readonly onReplace?: ((incoming: Workspace) => void) | undefined;
  readonly onCancel: () => void;
  /** In place of the differences: what is asked of a piece that was sent. */
  readonly children?: ReactNode;
}

/** What a file would change, before it does. */
export function ImportPreview({ fileName, incoming, onMerge, onReplace, onCancel, children }: Props) {
  const { workspace } = useWorkspace();
  const differences = compare(workspace, incoming);
  return (
    <Box marginTop="3" padding="4" background="bg.panel" borderRadius="4px" role="region" aria-label="What the file would change">
      <b>{fileName}</b> can be opened. It contains:
      {children ??
        differences.map((difference) => <Difference key={difference.table} difference={difference} whole={onReplace !== undefined} />)}
      <HStack gap="3" marginTop="4" flexWrap="wrap">
        <Act look="solid" onClick={() => onMerge(incoming)}>
          {onReplace ? 'Merge' : 'Add to my pieces'}
        </Act>
        {onReplace && (
          <Act look="danger" onClick={() => onReplace(incoming)}>
            Replace everything
          </Act>
        )}
        <Act onClick={onCancel}>Cancel</Act>
      </HStack>
    </Box>
  );
}
