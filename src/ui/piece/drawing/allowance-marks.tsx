import { radiusAt } from '@/core/form';
import type { Geometry } from './geometry';
import { spread, untangled } from './labels';
import type { PieceModel } from '../model/use-piece';

/** By what stands at its place in the drawing, and beside its figure. */
export const ALLOWANCE_MARKS = { needle: '1', wall: '2', floor: '3', wire: '4' } as const;

type Name = keyof typeof ALLOWANCE_MARKS;

/** Left of the wet piece, one so far under the other and over the ground, px. */
const MARK = { beside: 20, radius: 8, apart: 17, overGround: 9 };

/** The marks of what is cut and trimmed away, from the rim down, and the places on the bat they speak of; none for what is nothing. */
export function allowanceMarks({ worked }: PieceModel, { placed, x, y }: Geometry) {
  const { making, sized } = worked;
  const { thrown, onBat } = sized;
  const rim = onBat.thrown.side.at(-1)!;
  const turned = onBat.foot + thrown.trimWallHeight / 2;
  const outside = radiusAt(onBat.piece.side, turned) + making.trimWall / 2;
  const all: { name: Name; amount: number; to: readonly [number, number] }[] = [
    { name: 'needle', amount: making.rimCut, to: placed.wet(rim.r - 1, thrown.gauge + making.rimCut / 2) },
    { name: 'wall', amount: making.trimWall, to: placed.wet(outside, turned) },
    { name: 'floor', amount: making.trimFloor, to: placed.wet((thrown.base / 2) * 0.93, making.wireLoss + making.trimFloor / 2) },
    { name: 'wire', amount: making.wireLoss, to: placed.wet((thrown.base / 2) * 0.86, making.wireLoss / 2) },
  ];
  const found = all.filter(({ amount }) => amount > 0);
  const places = spread(
    found.map(({ to }) => to[1]),
    MARK.apart,
    MARK.radius,
    y.base - MARK.overGround,
  );
  const at = x.wetEdge - MARK.beside;
  return untangled(
    places,
    found.map(({ to }) => to),
    at + MARK.radius,
  ).map((place, i) => ({ ...found[i]!, at: [at, place] as const }));
}

export type AllowanceMark = ReturnType<typeof allowanceMarks>[number];

/** From each mark's edge to its place. */
export const markLeaders = (marks: readonly AllowanceMark[]) => marks.map(({ at: [x, y], to }) => [[x + MARK.radius, y], to] as const);

/** The marks as they stand beside the clay. */
export function AllowanceMarks({ marks, geometry }: { marks: readonly AllowanceMark[]; geometry: Geometry }) {
  return (
    <svg className="drawn-sheet drawn-marks" width={geometry.sheet.width} height={geometry.sheet.height} aria-hidden>
      {marks.map(({ name, at: [x, y] }) => (
        <g key={name}>
          <circle cx={x} cy={y} r={MARK.radius} />
          <text x={x} y={y + 4} textAnchor="middle">
            {ALLOWANCE_MARKS[name]}
          </text>
        </g>
      ))}
    </svg>
  );
}
