'use client';

import { type Opening, USUAL_OPENING, USUAL_SHORTENING, type WheelSteps } from '@/core/sizing';
import { STEP_TITLES, StepDrawing, figuresAt, scaleOf, weighOutText } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { OrderPanel } from './order-panel';
import { OptionalLength, OptionalNumber, OptionalPercent } from '@/ui/fields';
import type { PieceModel } from '../model/use-piece';
import { useStep } from './wheel-steps';

const LARGE = { width: 820, height: 330 };
const SMALL = { width: 104, height: 84 };

/** What to do at the wheel, in order: the step at hand drawn large with what stood before it, all of them in a row below, at one scale. */
export function StepsPanel({ piece }: { piece: PieceModel }) {
  const { worked, part } = piece;
  const at = useStep(piece);
  const { wheel, step, index, pick } = at;
  const { shortening = USUAL_SHORTENING, runBall = worked.sized.masses.ball } = piece.throwing;
  const small = scaleOf(wheel.steps, SMALL);
  const figures = figuresAt(worked, wheel, weighOutText(runBall, part, piece.units), piece.units);
  return (
    <Box>
      <div className="step-large">
        <StepDrawing
          step={step}
          before={wheel.steps[index - 1]}
          scale={scaleOf(wheel.steps, LARGE)}
          size={LARGE}
          pointer={step.name === 'shape' || step.name === 'needle' ? worked.sized.thrown.gauge : undefined}
        />
      </div>
      <div className="step-scroll" tabIndex={0} role="group" aria-label="Steps at the wheel">
        <chakra.ol className="step-row">
          {wheel.steps.map(({ name }, i) => (
            <li key={name} data-step={name}>
              <button type="button" aria-current={i === index ? 'step' : undefined} onClick={() => pick(name)}>
                <StepDrawing step={wheel.steps[i]!} scale={small} size={SMALL} />
                <span className="step-title">
                  {i + 1} {STEP_TITLES[name]}
                </span>
                {figures[name].slice(0, 2).map((line, j) => (
                  <span key={line} className={j === 0 ? 'step-figure' : 'step-more'}>
                    {line}
                  </span>
                ))}
              </button>
            </li>
          ))}
        </chakra.ol>
      </div>
      {wheel.opened && <HowOpened piece={piece} />}
      {wheel.cylinder && (
        <OptionalPercent
          label="Share of the pull that goes into height"
          width="18rem"
          most={100}
          value={shortening * 100}
          onValue={(percent, key) =>
            piece.takePart(
              { shortening: percent === undefined ? undefined : percent / 100 },
              'share of the pull that goes into height',
              key,
            )
          }
        />
      )}
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
