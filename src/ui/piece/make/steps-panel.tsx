'use client';

import { type Advice, type Opening, USUAL_OPENING, USUAL_SHORTENING, type WheelSteps, adviceFor, wheelSteps } from '@/core/sizing';
import { StageName } from '@/ui/stage';
import { STEP_TITLES, StepDrawing, figuresAt, scaleOf, weighOutText } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useMemo } from 'react';
import { OrderPanel } from './order-panel';
import { OptionalLength, OptionalNumber, OptionalPercent } from '@/ui/fields';
import type { PieceModel } from '../model/use-piece';

const DRAWN = { width: 150, height: 112 };

function AdviceLines({ advice }: { advice: readonly Advice[] }) {
  return advice.map(({ words, caution }) => (
    <Box key={words} fontSize="sm" lineHeight="1.35" marginTop="1" color={caution ? 'warn' : 'fg.muted'}>
      {caution && <chakra.b>Caution: </chakra.b>}
      {words}
    </Box>
  ));
}

/** What to do at the wheel, in order: each step drawn to one scale, with what to measure and what to mind. */
export function StepsPanel({ piece }: { piece: PieceModel }) {
  const { worked, part } = piece;
  const { shortening = USUAL_SHORTENING, opening, runBall = worked.sized.masses.ball } = piece.throwing;
  const wheel = useMemo(
    () => wheelSteps(worked.clay, worked.sized, worked.making, { shortening, opening, runBall }),
    [worked, shortening, opening, runBall],
  );
  const advice = adviceFor(worked.sized, part.way);
  const scale = scaleOf(wheel.steps, DRAWN);
  const figures = figuresAt(worked, wheel, weighOutText(runBall, part, piece.units), piece.units);
  return (
    <Box>
      <HStack justifyContent="space-between" flexWrap="wrap">
        <StageName stage="wet" />
        {wheel.cylinder && (
          <HStack fontSize="sm" color="fg.muted" alignItems="flex-end">
            <OptionalPercent
              label="Share of the pull that goes into height"
              width="11.875rem"
              most={100}
              value={shortening * 100}
              onValue={(percent, key) =>
                piece.takePart({ shortening: percent === undefined ? undefined : percent / 100 }, 'stretch that goes into height', key)
              }
            />
          </HStack>
        )}
      </HStack>
      {wheel.opened && <HowOpened piece={piece} />}
      <chakra.ol
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(150px, 1fr))"
        columnGap="5"
        rowGap="4"
        listStyleType="none"
        marginTop="1"
      >
        {wheel.steps.map((step, i) => (
          <chakra.li key={step.name} data-step={step.name}>
            <StepDrawing step={step} scale={scale} size={DRAWN} />
            <chakra.h3 fontWeight="650">
              {i + 1}. {STEP_TITLES[step.name]}
            </chakra.h3>
            {figures[step.name].map((line, j) => (
              <Box
                key={line}
                color="wet"
                fontFamily="figure"
                fontVariantNumeric="tabular-nums"
                fontSize={j === 0 ? '1.1875rem' : '0.9375rem'}
                fontWeight={j === 0 ? 680 : 500}
                lineHeight="1.3"
              >
                {line}
              </Box>
            ))}
            <AdviceLines advice={advice.filter((each) => each.step === step.name)} />
          </chakra.li>
        ))}
      </chakra.ol>
      <WallTable piece={piece} wheel={wheel} />
      <chakra.h3 fontWeight="680" fontSize="1.0625rem" marginTop="6">
        Drying and firing
      </chakra.h3>
      <OrderPanel piece={piece} />
    </Box>
  );
}

/** How the clay is centred and opened, where that is not the usual way. */
function HowOpened({ piece }: { piece: PieceModel }) {
  const { opening = {} } = piece.part;
  const set = (change: Partial<Opening>, key: string) =>
    piece.takePart((now) => ({ opening: { ...now.opening, ...change } }), 'how it is opened', key);
  return (
    <chakra.details fontSize="sm" color="fg.muted" marginBottom="3">
      <chakra.summary cursor="pointer" minHeight="var(--finger)">
        How you open it
      </chakra.summary>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginTop="1">
        <OptionalPercent
          label="Ring height, at most (% of the cylinder)"
          width="14.375rem"
          most={100}
          value={100 * (opening.share ?? USUAL_OPENING.share)}
          onValue={(percent, key) => {
            if (percent !== undefined && percent < 10) return 'Enter a percentage from 10 to 100.';
            return set({ share: percent === undefined ? undefined : percent / 100 }, key);
          }}
        />
        <OptionalNumber
          label="Ring height, at most (× puck height)"
          width="13.75rem"
          min={1}
          max={4}
          example="1.7"
          value={opening.lift ?? USUAL_OPENING.lift}
          onValue={(lift, key) => set({ lift }, key)}
        />
        <OptionalLength
          label="Centred width"
          width="8.125rem"
          hint={opening.centred ? '' : 'from the ring'}
          value={opening.centred}
          onValue={(mm, key) => set({ centred: mm || undefined }, key)}
        />
      </HStack>
    </chakra.details>
  );
}

/** How thick the wall is at heights of the first cylinder, and what becomes of it there. */
function WallTable({ piece, wheel }: { piece: PieceModel; wheel: WheelSteps }) {
  const { cylinder } = wheel;
  if (!cylinder) return null;
  const { length } = piece.units;
  const picked = [0.05, 0.35, 0.65, 0.98].map((share) => cylinder.slices[Math.round(share * (cylinder.slices.length - 1))]!);
  return (
    <chakra.table marginTop="4" fontSize="sm" aria-label="Wall before and after shaping" borderCollapse="collapse">
      <thead>
        <tr>
          {['height above the bat', 'wall in the cylinder', 'shaped diameter', 'wall as shaped'].map((head) => (
            <chakra.th key={head} scope="col" textAlign="right" fontWeight="400" color="fg.muted" paddingInlineEnd="5">
              {head}
            </chakra.th>
          ))}
        </tr>
      </thead>
      <chakra.tbody color="wet" fontFamily="figure" fontVariantNumeric="tabular-nums">
        {picked.toReversed().map((slice) => (
          <tr key={slice.firstZ}>
            {[slice.firstZ, slice.firstThick, 2 * slice.radius + slice.thick, slice.thick].map((mm, i) => (
              <chakra.td key={i} textAlign="right" paddingInlineEnd="5">
                {length(mm)}
              </chakra.td>
            ))}
          </tr>
        ))}
      </chakra.tbody>
    </chakra.table>
  );
}
