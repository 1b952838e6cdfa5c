import { clayFigures } from '@/core/clay';
import { FAMILIES, type FamilyName, type SizeName, formOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { NOTHING_LOST, type Way, adviceFor, size } from '.';

/** A clay that does not shrink to speak of: wet sizes are those asked for. */
const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 0.01 });

function told(
  family: FamilyName,
  sizes: Partial<Record<SizeName, number>>,
  { foot = 'flat' as const, way }: { foot?: 'flat' | 'ring'; way?: Way } = {},
) {
  const { typical, manner, knots } = FAMILIES[family];
  const form = formOf({ family, manner: { ...manner, foot }, knots }, 'glazed', { ...typical, ...sizes });
  return adviceFor(size(clay, form, 'glazed', NOTHING_LOST), way).map(
    ({ step, words, caution }) =>
      `${step}${caution ? '!' : ''}: ${words
        .split(/[ ,;:]/)
        .slice(0, 3)
        .join(' ')}`,
  );
}

const FLAT = 'opened: Compress the floor';
const PRESS = 'shape: Compress the floor';
const HOT = 'trim!: Hot air to';
const SOFT = 'ball: Flat ware can';
const STIFF = 'ball: Tall ware wants';
const HEAVY = 'ball!: A heavy ball';
const CHUCK = 'trim: Trim in a';
const BOARDS = 'trim: Dry between boards';
const OPEN = 'shape: Open the mouth';
const COLLAR = 'cylinder: Collar a little';
const DEEP = 'cylinder: Deeper than an';
const NEEDLE = 'needle!: Needle and wire';
const HOLLOW = 'trim: Trim the hollow';
const DUST = 'trim!: Dry trimmings are';
const CRUMBS = 'ball!: Keep crumbs of';

describe('what a form asks of the hands', () => {
  it.each<[string, string[], string[]]>([
    ['a mug', told('cylinder', { rimDiameter: 90, baseDiameter: 90, height: 100 }), [FLAT, OPEN, NEEDLE, DUST]],
    ['a disc', told('disc', { rimDiameter: 100, height: 10 }), [SOFT, PRESS, BOARDS, DUST]],
    ['a plate', told('plate', {}, { foot: 'ring' }), [SOFT, FLAT, OPEN, NEEDLE, BOARDS, HOLLOW, DUST]],
    ['a wide low pot', told('cylinder', { rimDiameter: 240, baseDiameter: 240, height: 79 }), [SOFT, FLAT, OPEN, NEEDLE, BOARDS, DUST]],
    ['one a little higher', told('cylinder', { rimDiameter: 240, baseDiameter: 240, height: 81 }), [FLAT, OPEN, NEEDLE, DUST]],
    ['one as low that is narrow', told('cylinder', { rimDiameter: 195, baseDiameter: 195, height: 60 }), [FLAT, OPEN, NEEDLE, DUST]],
    ['a tall pot', told('cylinder', { rimDiameter: 120, baseDiameter: 120, height: 205 }), [STIFF, FLAT, OPEN, NEEDLE, CHUCK, HOT, DUST]],
    ['one less than 200 high', told('cylinder', { rimDiameter: 120, baseDiameter: 120, height: 195 }), [FLAT, OPEN, NEEDLE, DUST]],
    ['one as wide as high', told('cylinder', { rimDiameter: 190, baseDiameter: 190, height: 240 }), [FLAT, OPEN, NEEDLE, DUST]],
    [
      'one 1.3 times as high as wide',
      told('cylinder', { rimDiameter: 190, baseDiameter: 190, height: 250 }),
      [STIFF, FLAT, OPEN, NEEDLE, CHUCK, HOT, DUST],
    ],
    [
      'one deeper than an arm, and heavy',
      told('cylinder', { rimDiameter: 200, baseDiameter: 200, height: 360, wall: 12, wallAtFoot: 12, floor: 12 }),
      [HEAVY, FLAT, DEEP, OPEN, NEEDLE, CHUCK, HOT, DUST],
    ],
    [
      'one a hand less deep',
      told('cylinder', { rimDiameter: 200, baseDiameter: 200, height: 340, wall: 6, wallAtFoot: 6, floor: 6 }),
      [STIFF, FLAT, OPEN, NEEDLE, CHUCK, HOT, DUST],
    ],
    ['a bottle', told('bottle', { height: 190 }), [FLAT, COLLAR, NEEDLE, HOT, DUST]],
    ['a jar', told('jar', { height: 150 }), [FLAT, OPEN, NEEDLE, DUST]],
    ['a bowl with a ring', told('bowl', {}, { foot: 'ring' }), [FLAT, OPEN, NEEDLE, HOLLOW, DUST]],
    [
      'a mug on a plaster bat',
      told('cylinder', { rimDiameter: 90, baseDiameter: 90, height: 100 }, { way: 'plaster' }),
      [CRUMBS, FLAT, OPEN, NEEDLE, DUST],
    ],
  ])('%s', (_, found, wanted) => expect(found).toEqual(wanted));

  it('a heavy ball is told apart by what it becomes: tall, or wide', () => {
    const { typical, manner } = FAMILIES.cylinder;
    const words = (sizes: Partial<Record<SizeName, number>>) =>
      adviceFor(size(clay, formOf({ family: 'cylinder', manner }, 'glazed', { ...typical, ...sizes }), 'glazed', NOTHING_LOST))[0]!.words;
    expect(words({ rimDiameter: 200, baseDiameter: 200, height: 360, wall: 12, floor: 12 })).toMatch(/Tall ware wants stiff clay/);
    expect(words({ rimDiameter: 420, baseDiameter: 420, height: 150, wall: 12, floor: 16 })).toMatch(/Soft clay saves wrists/);
  });
});
