'use client';

import { STAGE_WORDS } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { type ClayBeside, claysBeside } from '@/core/part';
import { type Body, clayUsedLast } from '@/core/records';
import { StageName } from '@/ui/stage';
import { useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { useMemo } from 'react';

const CELL = {
  paddingInline: '3',
  paddingBlock: '1.5',
  fontVariantNumeric: 'tabular-nums',
} as const;

const HEADS = { bars: 'evidence, in bars', absorption: 'absorption', bead: 'a drop of water', differs: 'difference' };

const tenth = (share: number): string => (share * 100).toFixed(1);

/** What a clay is against the first, in words; the first is the clay in use where that is among them. */
function differsWords({ body, differs }: ClayBeside, used: string | undefined): string {
  if (!differs) return body.id === used ? 'the clay in use' : 'compared with';
  const { by, doubt, more } = differs;
  const said = `${tenth(Math.abs(by))} ${by < 0 ? 'less' : 'more'}`;
  return more ? `${said}: a real difference (margin ${tenth(doubt)})` : `${said}: too close to call (margin ${tenth(doubt)})`;
}

/** Clays beside each other by what they shrank of 100 wet, at each stage and in each step. */
export function ClaysTable({ bodies }: { bodies: readonly Body[] }) {
  const { workspace } = useWorkspace();
  const used = clayUsedLast(workspace);
  const clays = useMemo(() => {
    const inUse = bodies.filter(({ id }) => id === used);
    return claysBeside(workspace, [...inUse, ...bodies.filter(({ id }) => id !== used)]);
  }, [workspace, bodies, used]);
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Clays compared, scrolls sideways" marginBottom="6" className="unfolding">
      <chakra.table
        borderCollapse="collapse"
        aria-label="What each clay shrank of 100 wet"
        className="unfolded-narrow"
        fontSize="0.9375rem"
      >
        <thead>
          <tr>
            <chakra.th scope="col" textAlign="left" fontWeight="400" fontSize="sm" color="fg.muted">
              shrinkage, %
            </chakra.th>
            {(['dry', 'bisque', 'glazed'] as const).map((stage) => (
              <chakra.th key={stage} scope="col" {...CELL} color={stage}>
                <StageName stage={stage} />
              </chakra.th>
            ))}
            {Object.values(HEADS).map((head) => (
              <chakra.th key={head} scope="col" {...CELL} fontWeight="400" fontSize="sm" color="fg.muted">
                {head}
              </chakra.th>
            ))}
          </tr>
        </thead>
        <tbody>
          {clays.map((clay) => (
            <chakra.tr key={clay.body.id} borderTopWidth="1px" borderColor="line">
              <chakra.th scope="row" textAlign="left" fontWeight="600" paddingInlineEnd="3">
                {clay.body.name}
                {clay.cone && (
                  <chakra.span fontWeight="400" fontSize="sm" color="fg.muted">
                    {' '}
                    cone {clay.cone}
                  </chakra.span>
                )}
              </chakra.th>
              {clay.shrunk.map(({ stage, byThen, inStep }) => (
                <chakra.td
                  key={stage}
                  {...CELL}
                  data-words={STAGE_WORDS[stage]}
                  color={stage}
                  title={`${tenth(inStep)} of it in the step to ${STAGE_WORDS[stage]}`}
                >
                  <b>{tenth(byThen)}</b>
                  <chakra.span fontSize="sm" color="fg.muted">
                    {' '}
                    +{tenth(inStep)}
                  </chakra.span>
                </chakra.td>
              ))}
              <chakra.td {...CELL} data-words={HEADS.bars}>
                {clay.bars.toFixed(1)}
              </chakra.td>
              <chakra.td {...CELL} data-words={HEADS.absorption}>
                {clay.absorption === undefined ? '–' : writePercent(clay.absorption * 100)}
              </chakra.td>
              <chakra.td {...CELL} data-words={HEADS.bead}>
                {clay.bead ?? '–'}
              </chakra.td>
              <chakra.td
                {...CELL}
                data-words={HEADS.differs}
                gridColumn="1 / -1"
                fontSize="sm"
                color={clay.differs?.more ? 'fg' : 'fg.muted'}
              >
                {differsWords(clay, used)}
              </chakra.td>
            </chakra.tr>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  );
}
