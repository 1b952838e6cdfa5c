'use client';

import { Act, Saves } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { usePrintList } from './print-list';

/** The pieces table out of Rimbet: as a CSV file, or to the clipboard for a sheet. Its writer is fetched when first needed. */
export function TableActions() {
  const { workspace } = useWorkspace();
  const [said, setSaid] = useState('');
  const list = usePrintList();
  const write = async (separator: ',' | '\t') => (await import('@/core/encode')).piecesTable(workspace, separator);
  const csv = async () => ({ content: await write(','), name: 'rimbet-pieces.csv', type: 'text/csv' });
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(await write('\t'));
      setSaid('Copied. Paste it into a spreadsheet.');
    } catch {
      setSaid('The browser did not allow copying. Save the CSV instead.');
    }
  };
  return (
    <Saves files={[list, { words: 'Save CSV', make: csv }]}>
      <chakra.span role="status" fontSize="sm" color="fg.muted" _empty={{ position: 'absolute' }}>
        {said}
      </chakra.span>
      <Act onClick={() => void copy()}>Copy table</Act>
    </Saves>
  );
}
