'use client';

import { remaining } from '@/core/clay';
import { clayOf } from '@/core/part';
import { clayUsedLast, type Die } from '@/core/records';
import { useUnits, useWorkspace } from '@/ui/state';
import { StageName } from '@/ui/stage';
import { Box, chakra } from '@chakra-ui/react';
import { ToolList } from './tool-list';

/** Bats, extruder dies and chucks. */
export function WheelTools() {
  return (
    <Box marginTop="8">
      <ToolList
        list="bats"
        title="Bats"
        about="Each piece uses the smallest bat that fits its base. Its thickness sets the pointer height above the wheel head."
        one="bat"
        lengths={[
          { name: 'width', words: 'across', most: 1000 },
          { name: 'thickness', words: 'thick', most: 200 },
        ]}
        fresh={{ name: 'Bat', width: 300, thickness: 18 }}
        more={({ name, plaster }, edit) => (
          <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="44px" fontSize="sm">
            <input
              type="checkbox"
              aria-label={`${name} is plaster`}
              checked={plaster === true}
              onChange={(event) => edit({ plaster: event.currentTarget.checked || undefined })}
            />
            plaster
          </chakra.label>
        )}
      />
      <ToolList
        list="chucks"
        title="Chucks"
        about="Diameter in use. Rimbet tells you which chucks fit inside each piece for trimming."
        one="chuck"
        lengths={[{ name: 'across', words: 'across', most: 1000 }]}
        fresh={{ name: 'Chuck', across: 80 }}
      />
      <ToolList
        list="dies"
        title="Extruder dies"
        about="Size of the wet strip as it comes out."
        one="die"
        lengths={[
          { name: 'width', words: 'wide', most: 500 },
          { name: 'thickness', words: 'thick', most: 100 },
        ]}
        fresh={{ name: 'Die', width: 30, thickness: 8 }}
        more={(die) => <FinishesAt die={die} />}
      />
    </Box>
  );
}

/** What a die's strip finishes at, in the clay used last. */
function FinishesAt({ die: { width, thickness } }: { die: Die }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const { body, figures } = clayOf(workspace, { bodyId: clayUsedLast(workspace) });
  const k = remaining(figures.shrinkage, 'glazed', 'width');
  return (
    <Box fontSize="sm" color="glazed" display="inline-flex" gap="2" alignItems="center">
      <StageName stage="glazed" />
      <span>
        {length(width * k)} × {length(thickness * k)} in {body?.name ?? 'typical stoneware'}
      </span>
    </Box>
  );
}
