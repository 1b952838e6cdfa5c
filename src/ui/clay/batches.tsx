'use client';

import type { Batch, Body } from '@/core/records';
import { commands } from '@/store';
import { Act, DeleteAct, LabelledChoice, TextInput } from '@/ui/fields';
import { run, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { parseDate } from '@internationalized/date';

function readDate(text: string): { date: string | undefined } | undefined {
  if (text.trim() === '') return { date: undefined };
  try {
    return { date: parseDate(text.trim()).toString() };
  } catch {
    return undefined;
  }
}

function BatchRow({ batch }: { batch: Batch }) {
  const edit = (change: Partial<Batch>, what: string, key?: string) => {
    run(commands.editBatch(batch.id, change, `${what} of batch ${batch.name}`, key));
    return undefined;
  };
  return (
    <Grid
      templateColumns={{ base: '1fr 1fr', md: 'minmax(0, 160px) minmax(0, 140px) minmax(0, 130px) minmax(0, 1fr) auto' }}
      gap="3"
      alignItems="start"
    >
      <TextInput
        label="Batch"
        shown={batch.name}
        take={(name, key) => (name.trim() === '' ? 'A batch needs a name, such as August.' : edit({ name }, 'name', key))}
      />
      <TextInput
        label="Date"
        shown={batch.date ?? ''}
        take={(text, key) => {
          const read = readDate(text);
          return read ? edit(read, 'date', key) : 'Enter year, month and day, such as 2026-08-17.';
        }}
      />
      <LabelledChoice
        label="Softness"
        value={batch.softness ?? ''}
        options={(['', 'soft', 'medium', 'firm'] as const).map((value) => ({ value, words: value || 'not recorded' }))}
        onChoose={(softness) => edit({ softness: softness || undefined }, 'softness')}
      />
      <TextInput label="Note" shown={batch.note} take={(note, key) => edit({ note }, 'note', key)} />
      <DeleteAct
        marginTop={{ md: '22px' }}
        label={`Delete batch ${batch.name}`}
        onClick={() => workspaceStore().runAndTell(commands.deleteBatch(batch))}
      />
    </Grid>
  );
}

/** The deliveries of one clay. */
export function Batches({ body }: { body: Body }) {
  const { workspace } = useWorkspace();
  const batches = workspace.batches.filter(({ bodyId }) => bodyId === body.id);
  return (
    <Box as="section" marginTop="6" aria-label="Batches">
      <chakra.h2 fontSize="1.125rem" fontWeight="650" marginBottom="2">
        Batches
      </chakra.h2>
      {batches.length === 0 && <Box color="fg.muted">No batches yet.</Box>}
      <Grid gap="3">
        {batches.map((batch) => (
          <BatchRow key={batch.id} batch={batch} />
        ))}
      </Grid>
      <Act marginTop="3" onClick={() => run(commands.createBatch(body.id, `Batch ${batches.length + 1}`))}>
        Add a batch
      </Act>
    </Box>
  );
}
