import type { Model, Mould } from '@/core/cast';
import { type Drawing, type Place, type Shape, line, paragraph, path, words } from '@/core/paper';

/** How thick boards are where nothing is said, mm. */
const BOARD = 18;

/** The boards round a box, each butting against the next, so that they are pushed tight: how many, how long, how high. mm */
export const boardsFor = (
  { length, width, height }: Extract<Mould, { shape: 'box' }>,
  thick = BOARD,
): readonly { count: number; long: number; high: number }[] =>
  length === width
    ? [{ count: 4, long: length + thick, high: height }]
    : [
        { count: 2, long: length + thick, high: height },
        { count: 2, long: width + thick, high: height },
      ];

const EDGE = 12;
const TEXT = 40;

/** Half of the mould at true size: model, well, plaster and level, to hold against what is built. Wet mm. */
export function mouldSheet(name: string, { whole }: Model, mould: Mould, height: number, about: readonly string[]): Drawing {
  const lift = mould.height - height;
  const reach =
    mould.shape === 'round' ? mould.diameter / 2 : mould.shape === 'box' ? Math.min(mould.length, mould.width) / 2 : mould.top / 2;
  const foot = mould.shape === 'bucket' ? mould.bottom / 2 : reach;
  const ground = EDGE + mould.height;
  const at = (r: number, z: number): Place => ({ x: EDGE + r, y: ground - z });
  const shapes: Shape[] = [
    path(whole.map(({ r, z }) => at(r, z + lift))),
    path([at(0, 0), at(foot, 0), at(reach, mould.height), at(0, mould.height)]),
    line(EDGE, EDGE - 6, EDGE, ground + 4, 0.15),
    words(EDGE + 2, EDGE - 3, 'axis', 2.6),
    ...about.flatMap((each, i) => paragraph(EDGE, ground + 8 + 6 * i, each, 2.8, Math.max(120, reach))),
  ];
  return { title: `${name}: mould, section`, width: Math.max(140, reach) + 2 * EDGE, height: ground + TEXT, shapes };
}
