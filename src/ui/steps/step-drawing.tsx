import type { Point, Section } from '@/core/form';
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
  /** The step before it, dashed behind it. */
  readonly before?: Step | undefined;
}

/** What a finger leaves: the upper edges of the clay are round, by so much of how thick it is there. */
const ROUND = 0.45;

/** A section whose two corners at the top are rounded, as far as the clay is thick there; the rest of it stays. */
function withRoundTop(section: Section): Section {
  const top = Math.max(...section.map(({ z }) => z));
  return section.flatMap((point, i) => {
    const [before, after] = [section.at(i - 1)!, section[(i + 1) % section.length]!];
    const level = Math.abs(before.z - point.z) < ON_AXIS ? before : Math.abs(after.z - point.z) < ON_AXIS ? after : undefined;
    if (!level || Math.abs(point.z - top) > ON_AXIS || point.r < ON_AXIS) return [point];
    const other = level === before ? after : before;
    const down = Math.hypot(other.r - point.r, other.z - point.z);
    const wide = Math.abs(level.r - point.r) * (level.r < ON_AXIS ? 0.5 : ROUND);
    const by = Math.min(wide, down * 0.6);
    if (by < ON_AXIS) return [point];
    const towards = ({ r, z }: Point, length: number): Point => ({
      r: point.r + ((r - point.r) / length) * by,
      z: point.z + ((z - point.z) / length) * by,
    });
    const ends = [
      towards(before, Math.hypot(before.r - point.r, before.z - point.z)),
      towards(after, Math.hypot(after.r - point.r, after.z - point.z)),
    ] as const;
    return [0, 0.25, 0.5, 0.75, 1].map((t) => ({
      r: (1 - t) ** 2 * ends[0].r + 2 * t * (1 - t) * point.r + t ** 2 * ends[1].r,
      z: (1 - t) ** 2 * ends[0].z + 2 * t * (1 - t) * point.z + t ** 2 * ends[1].z,
    }));
  });
}

/** Whether a section of a step is not the piece but what is trimmed off it. */
const isTrimmed = ({ name }: Step, i: number): boolean => name === 'needle' && i > 0;

/** The clay at one step, cut through, standing on the bat. */
export function StepDrawing({ step, scale, size, pointer, before }: Props) {
  const side = (sign: 1 | -1) => (r: number, z: number) => [size.width / 2 + sign * r * scale, size.height - 3 - z * scale] as const;
  const body = step.sections.flatMap((section, i) => (isTrimmed(step, i) ? [] : [wholeOf(withRoundTop(section), side)]));
  return (
    <chakra.svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      width={`${size.width}px`}
      maxWidth="100%"
      aria-hidden
      data-step-drawing={step.name}
    >
      {before && (
        <g fill="none" stroke="var(--chakra-colors-wet)" strokeWidth="1.2" strokeDasharray="5 4" opacity="0.55" data-before>
          {before.sections.map((section, i) => !isTrimmed(before, i) && <path key={i} d={wholeOf(withRoundTop(section), side)} />)}
        </g>
      )}
      {/* one body: all its edges first, then its clay over the edges within it */}
      <g stroke="var(--chakra-colors-wet)" strokeWidth="3" strokeLinejoin="round">
        {body.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      <g fill="var(--chakra-colors-wet-wash)">
        {body.map((d, i) => (
          <path key={i} d={d} />
        ))}
      </g>
      {step.sections.map(
        (section, i) =>
          isTrimmed(step, i) && (
            <path
              key={i}
              d={wholeOf(section, side)}
              fill="var(--chakra-colors-warn-wash)"
              stroke="var(--chakra-colors-warn)"
              strokeWidth="1.4"
            />
          ),
      )}
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
