'use client';

import { Act } from '@/ui/fields';
import { saveText, useWorkspace } from '@/ui/state';
import { HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { PrintList } from './print-list';

/** The pieces table out of Rimbet: as a CSV file, or to the clipboard for a sheet. Its writer is fetched when first needed. */
export function TableActions() {
  const { workspace } = useWorkspace();
  const [said, setSaid] = useState('');
  const write = async (separator: ',' | '\t') => (await import('@/core/encode')).piecesTable(workspace, separator);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(await write('\t'));
      setSaid('Copied: paste it into a sheet.');
    } catch {
      setSaid('The browser refused the clipboard. Save the CSV instead.');
    }
  };
  return (
    <HStack gap="2" flexWrap="wrap">
      <chakra.span role="status" fontSize="sm" color="fg.muted">
        {said}
      </chakra.span>
      <PrintList />
      <Act onClick={() => void copy()}>Copy table</Act>
      <Act onClick={() => void write(',').then((csv) => saveText(csv, 'rimbet-pieces.csv', 'text/csv'))}>Save CSV</Act>
    </HStack>
  );
}
