'use client';

import { type ClayFigures, remaining } from '@/core/clay';
import { FAMILIES } from '@/core/form';
import { type NumberName, USUAL_ODDS, rangeOf } from '@/core/sizing';
import { type Written, handLength, handMass, readQuantity, text, writeLength, writeVolume } from '@/core/units';
import { FigureInput, useAnyRefused } from '@/ui/fields';
import { Figure, StageMark, StageName } from '@/ui/stage';
import { handFigures, weighOutText, weighOutWritten } from '@/ui/steps';
import { meetsInside, obstacleWords } from '@/core/workspace';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useMemo } from 'react';
import { betweenWords } from './between';
import { misfitWords } from '../model/misfit';
import type { PieceModel } from '../model/use-piece';

interface AnswerFigure {
  readonly name: NumberName;
  readonly words: string;
  readonly wet: number;
  /** What the rounded wet figure comes out of the kiln at, mm. */
  readonly finishes: (wet: number) => number;
}

function figures({ worked, part }: PieceModel): AnswerFigure[] {
  const { sized, clay, making } = worked;
  const k = remaining(clay.shrinkage, 'glazed', 'width');
  const kh = remaining(clay.shrinkage, 'glazed', 'height');
  const below = making.trimFloor + making.wireLoss;
  const beside = sized.thrown.base - 2 * sized.wet.side[0]!.r;
  const hollow = sized.stages.wet.sizes.footHeight ?? 0;
  const { family } = sized.stages.wet;
  return [
    {
      name: 'gauge',
      words: family === 'disc' ? 'thick, on the bat' : 'rim above the bat',
      wet: sized.thrown.gauge,
      finishes: (mm) => (mm - below - (making.rimGround ?? 0)) * kh,
    },
    meetsInside(part) && sized.stages.wet.sizes.mouthInside
      ? { name: 'mouthInside@wet', words: 'mouth, inside', wet: sized.stages.wet.sizes.mouthInside, finishes: (mm) => mm * k }
      : {
          name: 'rimDiameter@wet',
          words: family === 'disc' ? 'across, trimmed' : 'mouth, outside',
          wet: sized.stages.wet.sizes.rimDiameter,
          finishes: (mm) => mm * k,
        },
    { name: 'thrownBase', words: 'base, outside', wet: sized.thrown.base, finishes: (mm) => (mm - beside) * k },
    ...(family === 'disc'
      ? []
      : [
          {
            name: 'thrownFloor' as const,
            words: 'floor, by needle',
            wet: sized.thrown.floor,
            finishes: (mm: number) => (mm - below - hollow) * kh,
          },
        ]),
  ];
}

const CAPACITY = { width: '58px', fontSize: '15px' };

/** What a rounded wet figure comes out of the kiln at. */
function Finishes({ children }: { children: string }) {
  return (
    <div className="answer-finishes">
      <StageMark stage="glazed" size={11} />
      <span>finishes {children}</span>
    </div>
  );
}

interface BigProps {
  readonly piece: PieceModel;
  readonly name: NumberName | 'hand';
  readonly words: string;
  readonly written: Written;
  readonly size: string;
  /** How many digits find room. */
  readonly room: number;
  readonly finishes?: string;
}

function Big({ piece, name, words, written, size, room, finishes }: BigProps) {
  return (
    <button type="button" className="answer-figure" onClick={() => piece.open(name)} aria-pressed={piece.opened === name}>
      <div className="answer-words">{words}</div>
      <div data-answer={name}>
        <Figure written={written} size={size} room={room} />
      </div>
      {finishes && <Finishes>{finishes}</Finishes>}
    </button>
  );
}

/** The last possible piece is told in grey: every stage's ink is the muted one, still legible. */
const GREYED = Object.fromEntries(
  ['wet', 'leather', 'glazed'].map((stage) => [`--chakra-colors-${stage}`, 'var(--chakra-colors-fg-muted)']),
);

/** What to weigh and what to throw: rounded to what a hand can do, each with the size that comes out of the kiln. */
export function Answer({ piece }: { piece: PieceModel }) {
  const { units, worked } = piece;
  const { choice } = units;
  const { masses } = worked.sized;
  const misfits = piece.placeChecks.filter(({ fits }) => !fits);
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  return (
    <Box as="section" aria-label="Answer" css={greyed ? GREYED : undefined}>
      <HStack justifyContent="space-between">
        <StageName stage="wet" />
        {greyed ? (
          <Box fontSize="sm" color="bad">
            last valid sizes
          </Box>
        ) : (
          <ToTheWheel piece={piece} words={piece.by === 'wheel' ? 'At the wheel' : 'At the bench'} />
        )}
      </HStack>
      {piece.hand?.obstacle ? (
        <Box role="alert" color="bad" fontSize="20px" fontWeight="600" lineHeight="1.3" paddingBlock="2" data-answer="obstacle">
          {obstacleWords(piece.hand.obstacle, units.length)}
        </Box>
      ) : (
        <Big
          piece={piece}
          name={piece.hand ? 'hand' : 'ball'}
          words={piece.hand && piece.hand.by !== 'coil' && piece.hand.pieces > 1 ? `weigh out, for ${piece.hand.pieces}` : 'weigh out'}
          written={weighOutWritten(piece.weighOut ?? masses.ball, piece.part, units)}
          size="clamp(64px, 7.6vw, 104px)"
          room={7.7}
        />
      )}
      {piece.by === 'wheel' && piece.part.tester?.accepted && (
        <Box fontSize="sm" color="wet" fontWeight="600" data-testid="run-ball">
          By the test piece; worked out it is {units.mass(handMass(masses.ball, choice))}.
        </Box>
      )}
      {piece.ratio && !piece.part.tester?.accepted && (
        <Box fontSize="sm" color="wet" fontWeight="600" data-testid="own-ratio">
          × {piece.ratio.median.toFixed(2)}, as {piece.ratio.count} of yours made this way took; worked out it is{' '}
          {units.mass(handMass(masses.ball, choice))}.
        </Box>
      )}
      {piece.hand && <HandFigures piece={piece} />}
      <Grid templateColumns="repeat(2, minmax(0, 1fr))" columnGap="2" rowGap="1" marginTop="1">
        {(piece.hand ? [] : figures(piece)).map(({ name, words, wet, finishes }) => {
          const hand = handLength(wet, choice);
          return (
            <Big
              key={name}
              piece={piece}
              name={name}
              words={words}
              written={writeLength(hand, choice)}
              size="clamp(31px, 4.2vw - 11.7px, 42px)"
              room={8.4}
              finishes={units.length(finishes(hand))}
            />
          );
        })}
      </Grid>
      <Outcome piece={piece} />
      <Strip piece={piece} />
      {misfits.map((check) => (
        <Box key={check.limit} role="note" fontSize="sm" color="bad" marginTop="1">
          {misfitWords(check, units.length)}
        </Box>
      ))}
    </Box>
  );
}

/** The answer in one line, for where the whole of it has no room while something is typed. */
function Strip({ piece: { worked, weighOut, part, units, by } }: { piece: PieceModel }) {
  const { sized } = worked;
  const hand = (mm: number) => units.length(handLength(mm, units.choice));
  return (
    <div className="answer-strip" aria-hidden>
      <StageMark stage="wet" />
      <span>{weighOutText(weighOut ?? sized.masses.ball, part, units)}</span>
      <span>
        <small>{by === 'wheel' ? 'rim' : 'high'}</small> {hand(by === 'wheel' ? sized.thrown.gauge : sized.stages.wet.sizes.height)}
      </span>
      <span>
        <small>wet ⌀</small> {hand(sized.stages.wet.sizes.rimDiameter)}
      </span>
    </div>
  );
}

/** Between what 9 in 10 finish that are made to a wet size, mm. A sum over the clay's belief: kept while nothing of it changed. */
const useRange = (clay: ClayFigures, size: 'height' | 'rimDiameter', mm: number, toolSd: number) =>
  useMemo(() => rangeOf({ clay, size, toolSd }, { from: 'wet', mm, to: 'glazed' }, USUAL_ODDS), [clay, size, mm, toolSd]);

/** What it finishes at, how sure that is, and what it holds. */
function Outcome({ piece }: { piece: PieceModel }) {
  const { units, worked } = piece;
  const { stages } = worked.sized;
  const [wet, glazed] = [stages.wet.sizes, stages.glazed.sizes];
  const { family } = piece.form;
  const up = family === 'disc' || family === 'tile' ? 'thick' : 'high';
  const wide = FAMILIES[family].flatSided && family !== 'faceted' ? 'long' : 'across';
  // the hand is said once, where it matters most: with what the piece is to fit
  const { toolSd } = worked.sure;
  const heights = useRange(worked.clay, 'height', wet.height, toolSd);
  const widths = useRange(worked.clay, 'rimDiameter', wet.rimDiameter, toolSd);
  return (
    <Box fontSize="sm" marginTop="2" paddingTop="2" borderTopWidth="1px" borderColor="line" lineHeight="1.45">
      <chakra.b color="glazed">
        Finishes {units.length(glazed.height)} {up}, {units.length(glazed.rimDiameter)} {wide}
      </chakra.b>
      {'. '}
      <chakra.button
        type="button"
        textAlign="left"
        cursor="pointer"
        minHeight={{ base: '44px', md: 'auto' }}
        textDecoration="underline dotted"
        textUnderlineOffset="3px"
        onClick={() => piece.open('rimDiameter@wet')}
      >
        Made to size{piece.part.fit?.tool === 'eye' ? ' by eye' : ''}, 9 in 10 are {betweenWords(...heights, units)} {up} and 9 in 10{' '}
        {betweenWords(...widths, units)} {wide}.
      </chakra.button>{' '}
      {worked.sized.capacityMl > 0 && (
        <>
          Holds about <Capacity piece={piece} /> to the brim.
        </>
      )}
    </Box>
  );
}

/** What to roll, cut, press or coil. */
function HandFigures({ piece }: { piece: PieceModel }) {
  return (
    <Grid templateColumns="1fr 1fr" columnGap="4" rowGap="2" marginTop="1">
      {handFigures(piece.hand, piece.worked, piece.units).map(({ words, figure, finishes, stage }) => (
        <Box key={words} gridColumn={figure.length > 10 ? 'span 2' : undefined}>
          <Box fontSize="sm" color="fg.muted">
            {words}
          </Box>
          <Box
            color={stage ?? 'wet'}
            fontFamily="figure"
            fontVariantNumeric="tabular-nums"
            fontSize={figure.length > 9 ? (figure.length > 10 ? 'clamp(21px, 2.2vw, 28px)' : '23px') : '34px'}
            fontWeight="680"
            lineHeight="1.1"
            whiteSpace="nowrap"
            data-hand={words}
          >
            {figure}
          </Box>
          {stage && (
            <Box fontSize="sm">
              <StageName stage={stage} />
            </Box>
          )}
          {finishes && <Finishes>{finishes}</Finishes>}
        </Box>
      ))}
    </Grid>
  );
}

/** The way to the screen for wet hands, where the answer is. */
function ToTheWheel({ piece: { plan, part, ref }, words }: { piece: PieceModel; words: string }) {
  return (
    <chakra.span
      css={{ '& a': { display: 'inline-flex', alignItems: 'center', minHeight: '44px', marginBlock: '-10px', paddingInline: '8px' } }}
      color="act"
      fontWeight="650"
      textDecoration="underline"
      textUnderlineOffset="3px"
    >
      <Link href={`/wheel?plan=${plan.id}${ref === plan.id ? '' : `&part=${part.id}`}`}>{words}</Link>
    </chakra.span>
  );
}

/** What it holds, typed like any other size: height and widths scale together until it does. */
function Capacity({ piece }: { piece: PieceModel }) {
  const { choice } = piece.units;
  const written = writeVolume(piece.worked.sized.capacityMl, choice);
  return (
    <FigureInput
      label="Holds, to the brim"
      shown={text(written, false)}
      take={(typed, key) => {
        const read = readQuantity('volume', typed, { unit: written.unit, flOz: choice.flOz });
        return read.ok ? piece.takeCapacity(read.value, key) : read.problem.message;
      }}
      color="glazed"
      align="center"
      unit={written.unit}
      onVisit={() => piece.open('capacity')}
      style={CAPACITY}
    />
  );
}
