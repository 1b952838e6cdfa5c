'use client';

import { FAMILIES, type FamilyName, ROUND_FAMILIES } from '@/core/form';
import { madeActs } from '@/store';
import { Act, Choice, OptionalLength } from '@/ui/fields';
import { useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const MOST = 500;
const OTHER = 'other';

/** A run that was made without the wheel screen: how many of which piece. */
export function Begin() {
  const { workspace } = useWorkspace();
  const [planId, setPlan] = useState('');
  const [typed, setTyped] = useState('');
  const [name, setName] = useState('');
  const [family, setFamily] = useState<FamilyName>('cylinder');
  const [across, setAcross] = useState<number | undefined>();
  const [why, setWhy] = useState<string | undefined>();
  const plans = workspace.plans.toSorted((a, b) => a.name.localeCompare(b.name));
  const begin = () => {
    const plan = plans.find(({ id }) => id === planId);
    if (!plan && planId !== OTHER) return setWhy('Choose which piece was made.');
    if (!plan && !(across && name.trim())) return setWhy('Enter a name and the finished mouth width.');
    const many = Number(typed.trim());
    if (!Number.isInteger(many) || many < 1 || many > MOST) return setWhy(`Enter how many were made, 1 to ${MOST}.`);
    const made = plan ? madeActs.logRun(workspace, plan, many) : madeActs.logOther(workspace, name.trim(), family, across!, many);
    if (!made) return setWhy('This piece cannot be made with these sizes. Open it and fix them first.');
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
          width="3.5rem"
          minHeight="max(var(--finger), 38px)"
          paddingInline="2"
          borderWidth="1px"
          borderColor={why ? 'bad' : 'line.strong'}
          borderRadius="4px"
          background="bg.raised"
        />
        <Choice
          label="Which piece was made"
          value={planId}
          width="11.875rem"
          options={[
            { value: '', words: 'Choose a piece…' },
            { value: OTHER, words: 'something else' },
            ...plans.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChoose={setPlan}
        />
        {planId === OTHER && (
          <>
            <chakra.input
              aria-label="What it was"
              placeholder="what it was"
              value={name}
              onChange={(event) => setName(event.currentTarget.value.slice(0, 200))}
              width="8.125rem"
              minHeight="max(var(--finger), 38px)"
              paddingInline="2"
              borderWidth="1px"
              borderColor="line.strong"
              borderRadius="4px"
              background="bg.raised"
            />
            <Choice
              label="Its form"
              value={family}
              options={ROUND_FAMILIES.map((each) => ({ value: each, words: FAMILIES[each].words.toLowerCase() }))}
              onChoose={setFamily}
            />
            <OptionalLength label="Mouth, finished" width="6.25rem" value={across} onValue={(mm) => setAcross(mm || undefined)} />
          </>
        )}
        <Act type="submit">Add to shelves</Act>
      </HStack>
      {why && (
        <Box id="made-why" role="alert" color="bad" fontSize="sm">
          {why}
        </Box>
      )}
    </Box>
  );
}
