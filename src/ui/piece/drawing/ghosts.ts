import { type Line, widest } from '@/core/form';
import { mainPart, shopOf, type Workspace } from '@/core/records';
import { sizedPlanPart } from '@/core/part';
import type { Extent } from '@/ui/drawing';

/** Something of known size drawn beside the finished half, mm: a line from the axis. */
export interface Ghost {
  readonly words: string;
  readonly line: Line;
}

/** A tin can of 330 ml, a hand held upright, finger tips to wrist: about, for the eye. mm */
const CAN = { r: 33, z: 115, neck: 27, slope: 7 };
const HAND_MM = 185;
const SHELF_MM = 300;

const can: Line = [
  { r: 0, z: 0 },
  { r: CAN.neck, z: 0 },
  { r: CAN.r, z: CAN.slope },
  { r: CAN.r, z: CAN.z - CAN.slope * 2 },
  { r: CAN.neck, z: CAN.z },
  { r: 0, z: CAN.z },
];

const hand: Line = [
  { r: 0, z: 0 },
  { r: 30, z: 0 },
  { r: 42, z: 60 },
  { r: 40, z: 100 },
  { r: 33, z: HAND_MM - 12 },
  { r: 10, z: HAND_MM },
  { r: 0, z: HAND_MM },
];

/** What a piece can be compared with: a can, a hand, the depth of the shelf, another piece as it comes out. By key. */
export function ghostOf(key: string, workspace: Workspace): Ghost | undefined {
  if (key === 'can') return { words: '330 ml tin can', line: can };
  if (key === 'hand') return { words: 'a hand’s height', line: hand };
  if (key === 'shelf') {
    const depth = shopOf(workspace).place?.shelfDepth ?? SHELF_MM;
    return {
      words: 'the shelf’s depth',
      line: [
        { r: 0, z: 0 },
        { r: depth / 2, z: 0 },
        { r: depth / 2, z: depth / 6 },
      ],
    };
  }
  const plan = workspace.plans.find(({ id }) => id === key);
  const made = plan && sizedPlanPart(workspace, mainPart(plan), String);
  return made?.ok
    ? { words: plan!.name, line: [{ r: 0, z: 0 }, ...made.value.sized.fired.side, ...made.value.sized.fired.inside] }
    : undefined;
}

export const extentOf = ({ line }: Ghost): Extent => ({ reach: widest(line), height: Math.max(...line.map(({ z }) => z)) });
