'use client';

import { FEWEST_POINTS, type FormerPoint, checkFormer, contourOf } from '@/core/handbuild';
import type { FormerRecord } from '@/core/records';
import { commands } from '@/store';
import { Act, Choice, DeleteAct, LengthInput, NameInput, optionsOf } from '@/ui/fields';
import { run, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const FIELD = { width: '4.25rem', fontSize: '1rem' };
const PICTURE = { width: 210, height: 120, margin: 8 };

const MEASURED = { inside: 'Bowl, clay goes inside', outside: 'Hump, clay goes over' } as const;

/** A bowl to start from; its owner measures his own. mm */
const NEW: readonly FormerPoint[] = [
  { height: 0, width: 80 },
  { height: 35, width: 160 },
  { height: 70, width: 200 },
];

/** The former as it stands, cut through. */
function Picture({ former }: { former: FormerRecord }) {
  const line = contourOf(former);
  const [wide, high] = [Math.max(...line.map(({ r }) => r)), Math.max(...line.map(({ z }) => z))];
  const scale = Math.min((PICTURE.width - 2 * PICTURE.margin) / (2 * wide), (PICTURE.height - 2 * PICTURE.margin) / high);
  const over = former.measured === 'outside';
  const y = (z: number) => (over ? PICTURE.margin + z * scale : PICTURE.height - PICTURE.margin - z * scale);
  const half = (side: 1 | -1) => line.map(({ r, z }) => `${(PICTURE.width / 2 + side * r * scale).toFixed(1)} ${y(z).toFixed(1)}`);
  return (
    <chakra.svg width={`${PICTURE.width}px`} height={`${PICTURE.height}px`} flexShrink="0" aria-hidden fill="none">
      <path
        d={`M${[...half(-1).toReversed(), ...half(1)].join('L')}`}
        stroke="var(--chakra-colors-line-strong)"
        strokeWidth="5"
        strokeLinejoin="round"
        fill={over ? 'var(--chakra-colors-bg-panel)' : 'none'}
      />
      {former.points.map(({ height, width }, i) => (
        <path
          key={i}
          d={`M${PICTURE.width / 2 - (width / 2) * scale} ${y(height)}h${width * scale}`}
          stroke="var(--chakra-colors-act)"
          strokeDasharray="3 3"
        />
      ))}
    </chakra.svg>
  );
}

function FormerCard({ former, fresh }: { former: FormerRecord; fresh: boolean }) {
  const units = useUnits();
  const { name, points, measured } = former;
  const edit = (change: Partial<FormerRecord>, key?: string): string | undefined => {
    const checked = checkFormer({ ...former, ...change }, units.length);
    if (!checked.ok) return checked.problem.message;
    run(commands.editFormer(former.id, change, `“${name}”`, key));
    return undefined;
  };
  const point = (i: number, change: Partial<FormerPoint>) => points.map((each, j) => (j === i ? { ...each, ...change } : each));
  const top = points.at(-1)!;
  const from = measured === 'inside' ? 'above its bottom' : 'below its top';
  return (
    <Box as="section" aria-label={name} borderTopWidth="1px" borderColor="line" paddingBlock="3">
      <HStack gap="3" flexWrap="wrap" marginBottom="1">
        <NameInput
          label={`Name of ${name}`}
          size="1.125rem"
          width="13.75rem"
          fresh={fresh}
          shown={name}
          take={(typed, key) => {
            if (typed.trim() === '') return 'A former needs a name, such as Pudding basin.';
            return edit({ name: typed }, key);
          }}
        />
        <Choice
          label={`How ${name} is measured`}
          value={measured}
          options={optionsOf(MEASURED)}
          onChoose={(value) => void edit({ measured: value })}
        />
        <Box flex="1" />
        <DeleteAct label={`Delete ${name}`} onClick={() => workspaceStore().runAndTell(commands.deleteFormer(former))} />
      </HStack>
      <HStack gap="6" flexWrap="wrap" alignItems="flex-start">
        <Picture former={former} />
        <chakra.table aria-label={`Widths of ${name}`} fontSize="sm">
          <thead>
            <tr>
              <chakra.th scope="col" fontWeight="400" color="fg.muted" textAlign="left" paddingInlineEnd="4">
                {from}
              </chakra.th>
              <chakra.th scope="col" fontWeight="400" color="fg.muted" textAlign="left">
                {measured === 'inside' ? 'inside width' : 'outside width'}
              </chakra.th>
              <chakra.th scope="col">
                <chakra.span srOnly>delete</chakra.span>
              </chakra.th>
            </tr>
          </thead>
          <tbody>
            {points.map(({ height, width }, i) => (
              <tr key={i}>
                <td>
                  {i === 0 ? (
                    <chakra.span paddingInline="2">{units.length(0) || '0'}</chakra.span>
                  ) : (
                    <LengthInput
                      label={`Height ${i + 1} of ${name}`}
                      mm={height}
                      takeMm={(mm, key) => edit({ points: point(i, { height: mm }) }, key)}
                      known
                      style={FIELD}
                    />
                  )}
                </td>
                <td>
                  <LengthInput
                    label={`Width ${i + 1} of ${name}`}
                    mm={width}
                    zero={i === 0}
                    takeMm={(mm, key) => edit({ points: point(i, { width: mm }) }, key)}
                    known
                    style={FIELD}
                  />
                </td>
                <td>
                  {i > 0 && points.length > FEWEST_POINTS && (
                    <DeleteAct
                      label={`Delete height ${i + 1} of ${name}`}
                      onClick={() => edit({ points: points.filter((_, j) => j !== i) })}
                    />
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </chakra.table>
        <Act onClick={() => edit({ points: [...points, { height: top.height + 15, width: top.width + 10 }] })}>Add a height</Act>
      </HStack>
    </Box>
  );
}

/** Household bowls and humps by their widths. */
export function Formers() {
  const { workspace } = useWorkspace();
  const [fresh, setFresh] = useState<string | undefined>();
  const add = () => {
    const { act, id } = commands.createFormer({ name: 'New bowl', measured: 'inside', points: NEW });
    setFresh(id);
    run(act);
  };
  return (
    <Box as="section" aria-label="Formers">
      <chakra.h2 fontWeight="650">Formers</chakra.h2>
      <Box fontSize="sm" color="fg.muted" maxWidth="64ch">
        For a bowl you press clay into, measure inside widths. For a hump you lay clay over, measure outside widths. Measure at three
        heights or more, starting at the bottom.
      </Box>
      {workspace.formers.length === 0 && <Box paddingBlock="3">No formers yet. Start with a bowl from your cupboard.</Box>}
      {workspace.formers.map((former) => (
        <FormerCard key={former.id} former={former} fresh={former.id === fresh} />
      ))}
      <Act look="solid" marginTop="3" onClick={add}>
        Add a former
      </Act>
    </Box>
  );
}
