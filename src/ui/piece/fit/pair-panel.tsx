'use client';

import { MOST_PAIRED, type Pairing } from '@/core/fit';
import { readLengths } from '@/core/units';
import { Sideways } from '@/ui/blocks';
import { OptionalInput, WordChoice, optionsOf } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useUnits } from '@/ui/state';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { CLASS_WORDS } from './fit-words';
import { PairPicture } from './pair-picture';
import { usePairs } from './use-pairs';
import { usualFitting } from './usual';

interface WidthsProps {
  readonly label: string;
  readonly value: readonly number[];
  readonly onValue: (widths: number[], key: string) => string | undefined;
}

function Widths({ label, value, onValue }: WidthsProps) {
  const units = useUnits();
  return (
    <OptionalInput<number[]>
      label={label}
      keys="text"
      value={value.length > 0 ? [...value] : undefined}
      read={(typed) => readLengths(typed, units.readLength)}
      write={(widths) => widths.map((mm) => units.plain(mm)).join('; ')}
      onValue={(widths = [], key) =>
        widths.length > MOST_PAIRED ? `${widths.length} is too many at once. Match at most ${MOST_PAIRED}.` : onValue(widths, key)
      }
      hint={value.length > 0 ? `${value.length} of them` : 'separate with semicolons'}
    />
  );
}

/** A finished batch: which lid goes on which pot, so that as many fit as can be. */
export function PairPanel({ piece }: { piece: PieceModel }) {
  const { fitting, mouths, lids, found } = usePairs(piece);
  const change = (next: Partial<NonNullable<typeof fitting.batch>>, key: string) =>
    piece.takePart(
      ({ fit = usualFitting(piece) }) => ({ fit: { ...fit, batch: { mouths, lids, ...fit.batch, ...next } } }),
      'finished mouths and lids',
      key,
    );
  return (
    <Box>
      {found && <PairPicture piece={piece} found={found} />}
      <p className="sentence" style={{ marginBottom: '8px' }}>
        match finished pots and lids,{' '}
        <WordChoice
          label="How tight"
          value={fitting.fit ?? 'easy'}
          options={optionsOf(CLASS_WORDS)}
          onChoose={(fit) => piece.takePart(({ fit: now = usualFitting(piece) }) => ({ fit: { ...now, fit } }), `fit: ${CLASS_WORDS[fit]}`)}
        />
      </p>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="4" maxWidth="760px">
        <Widths label="Mouths, finished" value={mouths} onValue={(widths, key) => change({ mouths: widths }, key)} />
        <Widths label="Lids, finished, at the seat" value={lids} onValue={(widths, key) => change({ lids: widths }, key)} />
      </Grid>
      {found && <Pairs mouths={mouths} lids={lids} found={found} />}
    </Box>
  );
}

const CELL = { textAlign: 'right', paddingInlineEnd: '6', paddingBlock: '1', fontVariantNumeric: 'tabular-nums' } as const;

function Pairs({ mouths, lids, found: { pairs, left } }: { mouths: readonly number[]; lids: readonly number[]; found: Pairing }) {
  const { length } = useUnits();
  const listed = (indices: readonly number[], widths: readonly number[]) =>
    indices.map((i) => `${i + 1}. (${length(widths[i]!)})`).join(', ');
  return (
    <Box marginTop="3" data-pairs={pairs.length}>
      {pairs.length > 0 && (
        <Sideways label="Pairs, sideways">
          <chakra.table aria-label="Which lid goes on which pot" fontSize="0.9375rem" marginTop="1">
            <thead>
              <tr>
                {['pot', 'its mouth', 'lid', 'its width', 'gap'].map((head) => (
                  <chakra.th key={head} {...CELL} scope="col" fontWeight="400" fontSize="sm" color="fg.muted">
                    {head}
                  </chakra.th>
                ))}
              </tr>
            </thead>
            <tbody>
              {pairs.map(({ mouth, lid, gap: between }) => (
                <chakra.tr key={mouth} borderTopWidth="1px" borderColor="line">
                  <chakra.td {...CELL} fontWeight="650">
                    {mouth + 1}.
                  </chakra.td>
                  <chakra.td {...CELL} color="glazed">
                    {length(mouths[mouth]!)}
                  </chakra.td>
                  <chakra.td {...CELL} fontWeight="650">
                    {lid + 1}.
                  </chakra.td>
                  <chakra.td {...CELL} color="glazed">
                    {length(lids[lid]!)}
                  </chakra.td>
                  <chakra.td {...CELL}>{length(between)}</chakra.td>
                </chakra.tr>
              ))}
            </tbody>
          </chakra.table>
        </Sideways>
      )}
      <HStack gap="2" marginTop="1" fontSize="sm">
        <StageName stage="glazed" />
        <chakra.span color="fg.muted">numbered in the order they were entered</chakra.span>
      </HStack>
      {left.mouths.length > 0 && <Box marginTop="1">Pots left over: {listed(left.mouths, mouths)}</Box>}
      {left.lids.length > 0 && <Box marginTop="1">Lids left over: {listed(left.lids, lids)}</Box>}
    </Box>
  );
}
