'use client';

import { STAGES, type Stage, remaining } from '@/core/clay';
import { CUP_SIZES, type CupSize } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, chakra } from '@chakra-ui/react';
import type { PieceModel } from './use-piece';

const ROW_WORDS: Record<CupSize, string> = {
  height: 'Height',
  rimDiameter: 'Mouth, outside',
  baseDiameter: 'Base, outside',
  wall: 'Wall',
  floor: 'Floor',
};

const CELL = { width: '100%', fontSize: { base: '14px', md: '16px' }, paddingInline: '1' };

/** A stair of what is left of 100 wet: the bar is the true length, what is gone is open. */
function Stair({ stage, left }: { stage: Stage; left: number }) {
  return (
    <Box position="relative" height="5px" background="transparent" borderBottomWidth="1px" borderColor="line" marginTop="1">
      <Box position="absolute" right="0" top="0" bottom="0" background={stage} style={{ width: `${left * 100}%` }} />
    </Box>
  );
}

function Head({ piece, stage }: { piece: PieceModel; stage: Stage }) {
  const left = remaining(piece.worked.clay.shrinkage, stage, 'width');
  return (
    <chakra.th scope="col" textAlign="right" fontWeight="400" verticalAlign="bottom" paddingInline={{ base: '1', md: '2' }}>
      <Box
        display="flex"
        flexDirection={{ base: 'column', md: 'row' }}
        justifyContent="flex-end"
        alignItems={{ base: 'flex-end', md: 'baseline' }}
        columnGap="2"
        fontSize={{ base: '12px', md: 'sm' }}
        lineHeight="1.2"
      >
        <StageName stage={stage} />
        <Box as="span" color="fg.muted" fontFamily="figure" fontVariantNumeric="tabular-nums" title={`of 100 wet, ${STAGE_WORDS[stage]}`}>
          {(left * 100).toFixed(1)}
        </Box>
      </Box>
      <Stair stage={stage} left={left} />
    </chakra.th>
  );
}

function SizeCell({ piece, size, stage }: { piece: PieceModel; size: CupSize; stage: Stage }) {
  return (
    <chakra.td paddingInline={{ base: '1', md: '2' }} textAlign="right">
      <LengthInput
        label={`${ROW_WORDS[size]}, ${STAGE_WORDS[stage]}`}
        mm={piece.worked.sized.stages[stage][size]}
        takeMm={piece.takeSize(size, stage)}
        known={piece.worked.known[size].at === stage}
        color={stage}
        align="right"
        reason="right"
        name={`${size}@${stage}`}
        open={piece.open}
        style={CELL}
      />
    </chakra.td>
  );
}

function WeightCell({ piece, stage }: { piece: PieceModel; stage: Stage }) {
  const { masses } = piece.worked.sized;
  const g = stage === 'wet' ? masses.trimmed : masses[stage];
  return (
    <chakra.td paddingInline={{ base: '1', md: '2' }} textAlign="right">
      <chakra.button
        type="button"
        width="100%"
        textAlign="right"
        paddingInline="1"
        minHeight={{ base: '44px', md: '28px' }}
        color={stage}
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontSize={CELL.fontSize}
        cursor="pointer"
        aria-pressed={piece.opened === `mass@${stage}`}
        aria-label={`Weight, ${STAGE_WORDS[stage]}: ${piece.units.mass(g)}`}
        _hover={{ background: 'act.wash' }}
        onClick={() => piece.open(`mass@${stage}`)}
      >
        {stage === 'leather' && '≈ '}
        {piece.units.mass(g)}
      </chakra.button>
    </chakra.td>
  );
}

function RowHead({ children }: { children: string }) {
  return (
    <chakra.th
      scope="row"
      textAlign="left"
      fontWeight="450"
      whiteSpace={{ md: 'nowrap' }}
      fontSize={{ base: '13px', md: '15px' }}
      lineHeight="1.15"
    >
      {children}
    </chakra.th>
  );
}

/** Sizes down, stages across: any size at any stage can be typed and becomes known; the rest follows. */
export function Ledger({ piece }: { piece: PieceModel }) {
  return (
    <chakra.table width="100%" tableLayout="fixed" borderCollapse="collapse" aria-label="Sizes and weights at every stage">
      <colgroup>
        <chakra.col width={{ base: '64px', md: '124px' }} />
        {STAGES.map((stage) => (
          <col key={stage} />
        ))}
      </colgroup>
      <thead>
        <tr>
          <chakra.th
            scope="col"
            textAlign="left"
            fontWeight="400"
            fontSize={{ base: '11px', md: 'xs' }}
            color="fg.muted"
            verticalAlign="bottom"
          >
            underlined is typed
          </chakra.th>
          {STAGES.map((stage) => (
            <Head key={stage} piece={piece} stage={stage} />
          ))}
        </tr>
      </thead>
      <tbody>
        {CUP_SIZES.map((size) => (
          <tr key={size}>
            <RowHead>{ROW_WORDS[size]}</RowHead>
            {STAGES.map((stage) => (
              <SizeCell key={stage} piece={piece} size={size} stage={stage} />
            ))}
          </tr>
        ))}
        <tr>
          <RowHead>Weight, trimmed</RowHead>
          {STAGES.map((stage) => (
            <WeightCell key={stage} piece={piece} stage={stage} />
          ))}
        </tr>
      </tbody>
    </chakra.table>
  );
}
