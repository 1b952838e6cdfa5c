import { memo } from 'react';
import type { Placed } from './layout';
import { ruleSteps } from './layout';

interface RuleProps extends Pick<Placed, 'axis' | 'base' | 'scale'> {
  readonly wetReach: number;
  readonly finishedReach: number;
  /** What is left of 100 wet when finished, 0 to 1. */
  readonly left: number;
  /** The unit of the marks, mm. */
  readonly unitMm: number;
}

const SMALL = 6;
const LONG = 11;

function marks(reach: number, small: number, at: (count: number) => number, y: number, down: 1 | -1, numbered: number) {
  const count = Math.floor(reach / small + 1e-9);
  return Array.from({ length: count + 1 }, (_, i) => {
    const mm = i * small;
    const long = Math.abs(mm / numbered - Math.round(mm / numbered)) < 1e-9;
    return `M${at(mm).toFixed(2)} ${y}v${down * (long ? LONG : SMALL)}`;
  }).join('');
}

const numbers = (reach: number, numbered: number): number[] =>
  Array.from({ length: Math.floor(reach / numbered + 1e-9) }, (_, i) => (i + 1) * numbered);

/**
 * The base line as a pair of scales. Under the wet half: a plain rule in slate, and below them the shrink rule,
 * whose marks stand further apart by as much as the clay shrinks: what a mark says is what that wet width finishes at.
 * Under the finished half a plain rule again.
 */
export const BaseRule = memo(function BaseRule({ axis, base, scale: pxPerMm, wetReach, finishedReach, left, unitMm }: RuleProps) {
  const scale = pxPerMm * unitMm;
  const wetUnits = wetReach / unitMm;
  const finishedUnits = finishedReach / unitMm;
  const { small, numbered } = ruleSteps(scale);
  const wetAt = (count: number) => axis - count * scale;
  const shrinkAt = (count: number) => axis - (count / left) * scale;
  const finishedAt = (count: number) => axis + count * scale;
  const shrinkBase = base + 40;
  const number = (x: number, y: number, mm: number) => (
    <text key={mm} x={x} y={y} textAnchor="middle">
      {mm}
    </text>
  );
  const edge = axis - wetReach * pxPerMm - 8;
  return (
    <g style={{ fontFamily: 'var(--chakra-fonts-figure)', fontSize: 11 }} strokeWidth="1">
      <g stroke="var(--chakra-colors-wet)">
        <path d={marks(wetUnits, small, wetAt, base, 1, numbered)} />
        <g stroke="none" fill="var(--chakra-colors-wet)">
          <text x={edge} y={base + 22} textAnchor="end">
            wet
          </text>
          {numbers(wetUnits, numbered).map((mm) => number(wetAt(mm), base + 22, mm))}
        </g>
      </g>
      <g stroke="var(--chakra-colors-glazed)">
        <path d={marks(wetUnits * left, small, shrinkAt, shrinkBase, -1, numbered)} />
        <path d={`M${axis} ${shrinkBase}H${shrinkAt(wetUnits * left)}`} />
        <path d={marks(finishedUnits, small, finishedAt, base, 1, numbered)} />
        <g stroke="none" fill="var(--chakra-colors-glazed)">
          <text x={edge} y={shrinkBase + 12} textAnchor="end">
            finishes at
          </text>
          {numbers(wetUnits * left, numbered).map((mm) => number(shrinkAt(mm), shrinkBase + 12, mm))}
          {numbers(finishedUnits, numbered).map((mm) => number(finishedAt(mm), base + 22, mm))}
        </g>
      </g>
    </g>
  );
});
