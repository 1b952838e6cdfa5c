'use client';

import { STAGES, type Stage, remaining } from '@/core/clay';
import { type SizeName, sizeIn } from '@/core/form';
import { type Limit, STAGE_WORDS, USUAL_ODDS, type Window, isExact, oddsWords, windowAt } from '@/core/sizing';
import { Choice, LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Fragment } from 'react';
import { Conflicts } from './conflicts';
import { Sideways } from './block';
import { KnotTable } from './knot-table';
import { type PieceModel, isKnownAt } from './use-piece';

const CELL = {
  width: '100%',
  fontSize: { base: '14px', md: '16px' },
  fontStretch: { base: '75%', md: '100%' },
  paddingInline: { base: '0', md: '1' },
};

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

function SizeCell({ piece, size, stage }: { piece: PieceModel; size: SizeName; stage: Stage }) {
  return (
    <chakra.td paddingInline={{ base: '1', md: '2' }} textAlign="right">
      <LengthInput
        label={`${sizeIn(piece.form.family, size).row}, ${STAGE_WORDS[stage]}`}
        mm={piece.worked.sized.stages[stage].sizes[size] ?? 0}
        takeMm={piece.takeSize(size, stage)}
        takeSpan={piece.takeLimit(size, stage)}
        takeNothing={piece.letGo(size, stage)}
        known={isKnownAt(piece, size, stage)}
        color={stage}
        align="right"
        name={`${size}@${stage}`}
        open={piece.open}
        style={CELL}
      />
    </chakra.td>
  );
}

/** For a size that is a limit: between which lengths it may be at each stage to end inside often enough. */
function WindowRow({ piece, size }: { piece: PieceModel; size: SizeName }) {
  const { clay, known, odds = USUAL_ODDS } = piece.worked;
  const limit = known[size]?.find((each): each is Limit => !isExact(each));
  if (!limit) return null;
  return (
    <tr data-window={size}>
      <chakra.th scope="row" textAlign="left" fontWeight="400" fontSize="xs" color="fg.muted" paddingInlineStart="2">
        go, {oddsWords(odds)}
      </chakra.th>
      {STAGES.map((stage) => (
        <chakra.td
          key={stage}
          textAlign="right"
          fontSize="xs"
          paddingInline={{ base: '1', md: '3' }}
          color={stage}
          fontVariantNumeric="tabular-nums"
        >
          {windowWords(windowAt({ clay, size }, limit, stage, odds), piece.units.length)}
        </chakra.td>
      ))}
    </tr>
  );
}

function windowWords({ go, best }: Window, length: (mm: number) => string): string {
  if (!go) return `${oddsWords(best)} at best`;
  const [least, most] = go;
  if (least === undefined) return `≤ ${length(most!)}`;
  return most === undefined ? `≥ ${length(least)}` : `${length(least)} – ${length(most)}`;
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
    <>
      <Conflicts piece={piece} />
      <SizeTable piece={piece} />
      <Odds piece={piece} />
      {piece.form.knots && piece.by !== 'former' && (
        <Sideways label="Points of the profile, sideways">
          <KnotTable piece={piece} />
        </Sideways>
      )}
    </>
  );
}

const ODDS = [0.8, 0.9, 0.95, 0.99];

/** In how many pieces limits should hold; asked only where a size is one. */
function Odds({ piece }: { piece: PieceModel }) {
  if (!Object.values(piece.worked.known).some((known) => known?.some((each) => !isExact(each)))) return null;
  return (
    <HStack fontSize="sm" color="fg.muted" marginTop="2" gap="2">
      <span>Limits and ranges should hold in</span>
      <Choice
        label="Odds for limits"
        value={String(piece.worked.odds ?? USUAL_ODDS)}
        options={ODDS.map((odds) => ({ value: String(odds), words: oddsWords(odds) }))}
        onChoose={(odds) => piece.takePart({ odds: Number(odds) }, `limits hold in ${oddsWords(Number(odds))}`)}
      />
      <span>pieces</span>
    </HStack>
  );
}

function SizeTable({ piece }: { piece: PieceModel }) {
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
        {piece.names.map((size) => (
          <Fragment key={size}>
            <tr>
              <RowHead>{sizeIn(piece.form.family, size).row}</RowHead>
              {STAGES.map((stage) => (
                <SizeCell key={stage} piece={piece} size={size} stage={stage} />
              ))}
            </tr>
            <WindowRow piece={piece} size={size} />
          </Fragment>
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
