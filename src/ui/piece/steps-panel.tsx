'use client';

import type { Section } from '@/core/form';
import { type Advice, type Step, type StepName, USUAL_SHORTENING, type WheelSteps, adviceFor, wheelSteps } from '@/core/sizing';
import { handLength, handMass, text, writeLength } from '@/core/units';
import { pathOf } from '@/ui/drawing';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useMemo } from 'react';
import { OptionalPercent } from './optional';
import type { PieceModel } from './use-piece';

const TITLES: Record<StepName, string> = {
  ball: 'Ball',
  puck: 'Centred',
  opened: 'Opened',
  cylinder: 'First cylinder',
  shape: 'Shaped',
  needle: 'Needled',
  trim: 'Trimmed',
};

const DRAWN = { width: 150, height: 112 };

/** One scale for every step, so that they compare by eye. px per mm */
function scaleOf(steps: readonly Step[]): number {
  const points = steps.flatMap(({ sections }) => sections.flat());
  const reach = Math.max(...points.map(({ r }) => r));
  const high = Math.max(...points.map(({ z }) => z));
  return Math.min((DRAWN.width - 8) / (2 * reach), (DRAWN.height - 6) / high);
}

/** Nearer to the axis than this is on it, mm. */
const ON_AXIS = 1e-6;

/** Both halves of a section: one outline where they meet at the axis, two where it is a ring. */
function wholeOf(section: Section, side: (sign: 1 | -1) => (r: number, z: number) => readonly [number, number]): string {
  const fromAxis = section.findIndex(({ r }, i) => r < ON_AXIS && section.at(i - 1)!.r < ON_AXIS);
  if (fromAxis < 0) return pathOf(section, side(1)) + pathOf(section, side(-1));
  const half = [...section.slice(fromAxis), ...section.slice(0, fromAxis)];
  const mirrored = half.toReversed().map(({ r, z }) => ({ r: -r, z }));
  return pathOf([...half, ...mirrored], side(1));
}

/** The clay at one step, cut through, standing on the bat. */
function Drawn({ step, scale }: { step: Step; scale: number }) {
  const side = (sign: 1 | -1) => (r: number, z: number) => [DRAWN.width / 2 + sign * r * scale, DRAWN.height - 3 - z * scale] as const;
  return (
    <chakra.svg width={`${DRAWN.width}px`} height={`${DRAWN.height}px`} aria-hidden data-step-drawing={step.name}>
      {step.sections.map((section, i) => (
        <path
          key={i}
          d={wholeOf(section, side)}
          fill={step.name === 'needle' && i > 0 ? 'var(--chakra-colors-warn-wash)' : 'var(--chakra-colors-wet-wash)'}
          stroke={step.name === 'needle' && i > 0 ? 'var(--chakra-colors-warn)' : 'var(--chakra-colors-wet)'}
          strokeWidth="1.4"
        />
      ))}
      <path d={`M4 ${DRAWN.height - 2}H${DRAWN.width - 4}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
    </chakra.svg>
  );
}

/** What to measure at each step, in a few words. */
function figuresAt(piece: PieceModel, wheel: WheelSteps): Record<StepName, readonly string[]> {
  const { choice, mass } = piece.units;
  const length = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  const { ball, puck, opened, cylinder, shape, takes } = wheel;
  const { making, sized } = piece.worked;
  const opens = cylinder?.opens ?? 1;
  const turned = cylinder ? (opens > 1.08 ? 'then opened out: its rim thins' : opens < 0.92 ? 'then collared: its rim thickens' : '') : '';
  const gone: [string, number][] = [
    ['below', takes.below],
    ['off the wall', takes.wall],
    ['from the hollow', takes.hollow],
    ['otherwise', takes.other],
    ['left by the wire', takes.wire],
  ];
  return {
    ball: [mass(handMass(ball.g, choice)), `⌀ ${length(ball.diameter)}`],
    puck: [`⌀ ${length(puck.width)}`, `${length(puck.height)} high`],
    opened: opened ? [`⌀ ${length(opened.width)} inside`, `floor ${length(opened.floor)} by needle`, `${length(opened.height)} high`] : [],
    cylinder: cylinder
      ? [
          `⌀ ${length(cylinder.width)}, ${length(cylinder.height)} high`,
          `rim ${length(cylinder.rimThick)} thick, foot ${length(cylinder.footThick)}`,
          ...(turned ? [turned] : []),
        ]
      : [],
    shape: [
      `${length(shape.height)} high as pulled`,
      `mouth ⌀ ${length(shape.mouth)}`,
      ...(shape.widest > shape.mouth + 1 ? [`widest ⌀ ${length(shape.widest)}`] : []),
    ],
    needle: [`${length(making.rimCut)} off the rim`, `to ${length(sized.thrown.gauge)} above the bat`],
    trim: gone.filter(([, g]) => g >= 0.5).map(([where, g]) => `${mass(handMass(g, choice))} ${where}`),
  };
}

function AdviceLines({ advice }: { advice: readonly Advice[] }) {
  return advice.map(({ words, caution }) => (
    <Box key={words} fontSize="sm" lineHeight="1.35" marginTop="1" color={caution ? 'warn' : 'fg.muted'}>
      {caution && <chakra.b>Care: </chakra.b>}
      {words}
    </Box>
  ));
}

/** What to do at the wheel, in order: each step drawn to one scale, with what to measure and what to mind. */
export function StepsPanel({ piece }: { piece: PieceModel }) {
  const { worked, part } = piece;
  const shortening = part.shortening ?? USUAL_SHORTENING;
  const wheel = useMemo(() => wheelSteps(worked.clay, worked.sized, worked.making, shortening), [worked, shortening]);
  const advice = adviceFor(worked.sized);
  const scale = scaleOf(wheel.steps);
  const figures = figuresAt(piece, wheel);
  return (
    <Box>
      <HStack justifyContent="space-between" flexWrap="wrap">
        <StageName stage="wet" />
        {wheel.cylinder && (
          <HStack fontSize="sm" color="fg.muted" alignItems="flex-end">
            <OptionalPercent
              label="Stretch that goes into height"
              width="190px"
              most={100}
              value={shortening * 100}
              onValue={(percent, key) =>
                piece.takePart({ shortening: percent === undefined ? undefined : percent / 100 }, 'stretch that goes into height', key)
              }
            />
          </HStack>
        )}
      </HStack>
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
            <Drawn step={step} scale={scale} />
            <chakra.h3 fontWeight="650">
              {i + 1}. {TITLES[step.name]}
            </chakra.h3>
            {figures[step.name].map((line, j) => (
              <Box
                key={line}
                color="wet"
                fontFamily="figure"
                fontVariantNumeric="tabular-nums"
                fontSize={j === 0 ? '19px' : '15px'}
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
    </Box>
  );
}

/** How thick the wall is at heights of the first cylinder, and what becomes of it there. */
function WallTable({ piece, wheel }: { piece: PieceModel; wheel: WheelSteps }) {
  const { cylinder } = wheel;
  if (!cylinder) return null;
  const { length } = piece.units;
  const picked = [0.05, 0.35, 0.65, 0.98].map((share) => cylinder.slices[Math.round(share * (cylinder.slices.length - 1))]!);
  return (
    <chakra.table marginTop="4" fontSize="sm" aria-label="Wall in the cylinder and as shaped" borderCollapse="collapse">
      <thead>
        <tr>
          {['cylinder, above the bat', 'wall there', 'becomes, across', 'wall then'].map((head) => (
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
