import type { Section } from '@/core/form';
import type { Step } from '@/core/sizing';
import { pathOf } from '@/ui/drawing';
import { chakra } from '@chakra-ui/react';

/** Room a drawing has, px. */
export interface DrawnSize {
  readonly width: number;
  readonly height: number;
}

/** One scale for every step, so that they compare by eye. px per mm */
export function scaleOf(steps: readonly Step[], size: DrawnSize): number {
  const points = steps.flatMap(({ sections }) => sections.flat());
  const reach = Math.max(...points.map(({ r }) => r));
  const high = Math.max(...points.map(({ z }) => z));
  return Math.min((size.width - 8) / (2 * reach), (size.height - 6) / high);
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

interface Props {
  readonly step: Step;
  readonly scale: number;
  readonly size: DrawnSize;
  /** Where the pointer stands above the bat, mm. */
  readonly pointer?: number | undefined;
}

/** The clay at one step, cut through, standing on the bat. */
export function StepDrawing({ step, scale, size, pointer }: Props) {
  const side = (sign: 1 | -1) => (r: number, z: number) => [size.width / 2 + sign * r * scale, size.height - 3 - z * scale] as const;
  return (
    <chakra.svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      width={`${size.width}px`}
      maxWidth="100%"
      aria-hidden
      data-step-drawing={step.name}
    >
      {step.sections.map((section, i) => (
        <path
          key={i}
          d={wholeOf(section, side)}
          fill={step.name === 'needle' && i > 0 ? 'var(--chakra-colors-warn-wash)' : 'var(--chakra-colors-wet-wash)'}
          stroke={step.name === 'needle' && i > 0 ? 'var(--chakra-colors-warn)' : 'var(--chakra-colors-wet)'}
          strokeWidth="1.4"
        />
      ))}
      {pointer !== undefined && (
        <path
          d={`M4 ${size.height - 3 - pointer * scale}H${size.width - 4}`}
          stroke="var(--chakra-colors-act)"
          strokeWidth="2"
          strokeDasharray="9 7"
        />
      )}
      <path d={`M4 ${size.height - 2}H${size.width - 4}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
    </chakra.svg>
  );
}
