'use client';

import { commands } from '@/store';
import { Act, Choice } from '@/ui/fields';
import { useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const MOST = 500;

/** A run that was made without the wheel screen: how many of which piece. */
export function Begin() {
  const { workspace } = useWorkspace();
  const [planId, setPlan] = useState('');
  const [typed, setTyped] = useState('');
  const [why, setWhy] = useState<string | undefined>();
  const plans = workspace.plans.toSorted((a, b) => a.name.localeCompare(b.name));
  const begin = () => {
    const plan = plans.find(({ id }) => id === planId);
    if (!plan) return setWhy('Choose which piece was made.');
    const many = Number(typed.trim());
    if (!Number.isInteger(many) || many < 1 || many > MOST) return setWhy(`Write how many were made, 1 to ${MOST}.`);
    const made = commands.logRun(workspace, plan, many);
    if (!made) return setWhy('This piece cannot be made as it stands: open it first.');
    setWhy(undefined);
    setTyped('');
    workspaceStore().runAndTell(made.act);
  };
  return (
    <Box>
      <HStack as="form" gap="2" flexWrap="wrap" onSubmit={(event) => (event.preventDefault(), begin())}>
        <chakra.label fontSize="sm" color="fg.muted" htmlFor="made-many">
          made
        </chakra.label>
        <chakra.input
          id="made-many"
          inputMode="numeric"
          placeholder="6"
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
          aria-invalid={why ? true : undefined}
          aria-describedby={why ? 'made-why' : undefined}
          width="56px"
          minHeight={{ base: '44px', md: '38px' }}
          paddingInline="2"
          borderWidth="1px"
          borderColor={why ? 'bad' : 'line.strong'}
          borderRadius="4px"
          background="bg.raised"
        />
        <Choice
          label="Which piece was made"
          value={planId}
          width="190px"
          options={[{ value: '', words: 'of which piece' }, ...plans.map(({ id, name }) => ({ value: id, words: name }))]}
          onChoose={setPlan}
        />
        <Act type="submit">Put them on the shelf</Act>
      </HStack>
      {why && (
        <Box id="made-why" role="alert" color="bad" fontSize="sm">
          {why}
        </Box>
      )}
    </Box>
  );
}
