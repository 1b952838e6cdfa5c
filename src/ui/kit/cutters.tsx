'use client';

import { type CutterRecord, exampleCutters } from '@/core/records';
import { commands } from '@/store';
import { Act, Choice, DeleteAct, LengthInput, NameInput, optionsOf, useStanding } from '@/ui/fields';
import { text, writeLength } from '@/core/units';
import { type Units, run, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const FIELD = { width: '2.875rem', fontSize: '1rem' };
/** A new scalloped cutter's hollows lie so much within its tips, as a share. */
const USUAL_HOLLOWS = 0.94;

type Kind = 'round' | 'square' | 'scalloped';
const KINDS: Record<Kind, string> = { round: 'Round', square: 'Square', scalloped: 'Scalloped' };
/** What a cutter is called by what it is, until it is given a name of its own. */
const plainName = (kind: Kind, mm: number, units: Units): string => `${KINDS[kind]} ${text(writeLength(mm, units.choice), false)}`;
const kindOf = ({ shape, hollows }: CutterRecord): Kind => (shape === 'square' ? 'square' : hollows ? 'scalloped' : 'round');

function CutterRow({ cutter, fresh }: { cutter: CutterRecord; fresh: boolean }) {
  const units = useUnits();
  const { name, width, hollows } = cutter;
  const plain = name === plainName(kindOf(cutter), width, units);
  const edit = (change: Partial<CutterRecord>, key?: string) => {
    const then = { ...cutter, ...change };
    const called = plain && change.name === undefined ? { name: plainName(kindOf(then), then.width, units) } : {};
    run(commands.editCutter(cutter.id, { ...change, ...called }, `“${name}”`, key));
  };
  return (
    <HStack as="li" gap="2" flexWrap="wrap" borderTopWidth="1px" borderColor="line" paddingBlock="0.5">
      <NameInput
        label={`Name of ${name}`}
        size="1rem"
        width="6.625rem"
        fresh={fresh}
        shown={name}
        take={(typed, key) => {
          if (typed.trim() === '') return 'A cutter needs a name, such as Round 76.';
          edit({ name: typed }, key);
          return undefined;
        }}
      />
      <Choice
        label={`Kind of ${name}`}
        value={kindOf(cutter)}
        options={optionsOf(KINDS)}
        onChoose={(kind) =>
          edit({ shape: kind === 'square' ? 'square' : 'round', hollows: kind === 'scalloped' ? width * USUAL_HOLLOWS : undefined })
        }
      />
      <LengthInput
        label={`Width of ${name}`}
        mm={width}
        takeMm={(mm, key) => {
          if (hollows && mm <= hollows) return 'The width over the tips must be larger.';
          edit({ width: mm }, key);
          return undefined;
        }}
        known
        style={FIELD}
      />
      {hollows !== undefined && (
        <HStack gap="1" fontSize="sm" color="fg.muted">
          <span>hollows</span>
          <LengthInput
            label={`Width over the hollows of ${name}`}
            mm={hollows}
            takeMm={(mm, key) => {
              if (mm >= width) return 'The width over the hollows must be smaller.';
              edit({ hollows: mm }, key);
              return undefined;
            }}
            known
            style={FIELD}
          />
        </HStack>
      )}
      <Box flex="1" />
      <DeleteAct label={`Delete ${name}`} onClick={() => workspaceStore().runAndTell(commands.deleteCutter(cutter))} />
    </HStack>
  );
}

const NEW_MM = 80;

/** The maker's cutters, smallest first. */
export function Cutters() {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const sorted = useStanding(
    [...workspace.cutters].sort((a, b) => a.shape.localeCompare(b.shape) || a.width - b.width),
    ({ id }) => id,
  );
  const [fresh, setFresh] = useState<string | undefined>();
  const add = () => {
    const { act, id } = commands.createCutter({ shape: 'round', width: NEW_MM, name: plainName('round', NEW_MM, units) });
    setFresh(id);
    run(act);
  };
  const examples = exampleCutters(workspace);
  return (
    <Box as="section" aria-label="Cutters" marginBottom="6">
      <chakra.h2 fontWeight="650">Cutters</chakra.h2>
      <Box fontSize="sm" color="fg.muted">
        Scalloped cutters have two widths, over the tips and over the hollows. Lids and discs are matched to these cutters.
      </Box>
      {sorted.length === 0 && <Box paddingBlock="2">None yet.</Box>}
      <chakra.ul listStyleType="none">
        {sorted.map((cutter) => (
          <CutterRow key={cutter.id} cutter={cutter} fresh={cutter.id === fresh} />
        ))}
      </chakra.ul>
      <HStack gap="3" flexWrap="wrap" marginTop="1">
        <Act onClick={add}>Add a cutter</Act>
        {examples.length > 0 && (
          <Act onClick={() => workspaceStore().runAndTell(commands.deleteCutters(examples))}>Remove the example cutters</Act>
        )}
      </HStack>
    </Box>
  );
}
