import { FAMILIES, isDisc, opensBelow } from '@/core/form';
import type { Way } from './making';
import type { Sized } from './size';
import type { StepName } from './steps';

/** A short word at a step; a caution speaks of what hurts. */
export interface Advice {
  readonly step: StepName;
  readonly words: string;
  readonly caution?: true;
}

/** From these sizes on a piece is wide and flat, tall, or heavy. Wet mm, ratios, g. */
const WIDE = 200;
const TALL = 200;
const HEAVY = 5000;
/** An arm that leans on nothing reaches so far down inside, wet mm. Ours. */
const REACH = 350;

/** What the form asks of the hands, where it applies: wide and flat, tall, collared, heavy; and the cautions at the step. */
export function adviceFor(sized: Sized, way?: Way): Advice[] {
  const { family, sizes } = sized.stages.wet;
  const width = sized.measures.widest;
  const flat = FAMILIES[family].liesFlat === true || (sizes.height < width / 3 && width > WIDE);
  const tall = sizes.height > TALL && sizes.height > width * 1.3;
  const collared = FAMILIES[family].necked === true;
  const ring = sized.volumes.hollow > 0;
  const all: (Advice | false)[] = [
    ...ofTheBall(sized, { flat, tall, plaster: way === 'plaster' }),
    !opensBelow(sized.wet) && {
      step: isDisc(family) ? 'shape' : 'opened',
      words: 'Compress the floor, from the middle out and back, or it cracks in an S.',
    },
    sizes.height > REACH && {
      step: 'cylinder',
      words: 'Deeper than an arm reaches: finish the floor and the inside while the wall is low.',
    },
    !isDisc(family) &&
      !collared && {
        step: 'shape',
        words: 'Open the mouth out to this width and no further. Clay widens easily and is hard to collar back in.',
      },
    collared && {
      step: 'cylinder',
      words: 'Collar a little at a time and thin the wall again after each; leave the neck thick until then.',
    },
    !isDisc(family) && { step: 'needle', words: 'Needle and wire cut: keep the other hand behind the blade.', caution: true },
    flat && {
      step: 'trim',
      words:
        'Dry between boards, flip once the rim has firmed and the floor has not; cut it free again as it dries; let it slide on grog in the kiln.',
    },
    tall &&
      !flat && {
        step: 'trim',
        words: 'Trim in a chuck: a tall piece does not stand safely on its rim.',
      },
    (collared || (tall && !flat)) && {
      step: 'trim',
      words: 'Hot air to firm a chuck burns and flings chips: wear goggles, and point it away from skin and others.',
      caution: true,
    },
    ring && { step: 'trim', words: 'Trim the hollow inside the foot ring now. Tap the floor, and stop before it sounds thin.' },
    { step: 'trim', words: 'Dry trimmings are dust with silica in it: wet-clean, do not sweep.', caution: true },
  ];
  return all.filter((each): each is Advice => each !== false);
}

/** What the ball asks for before it is thrown. */
function ofTheBall({ masses }: Sized, { flat, tall, plaster }: Record<'flat' | 'tall' | 'plaster', boolean>): (Advice | false)[] {
  return [
    masses.ball > HEAVY && {
      step: 'ball',
      words: tall
        ? 'A heavy ball: divide the load, lift with help, bring the wheel to you. Tall ware wants stiff clay: centre it in two or three parts, one on the other.'
        : 'A heavy ball: divide the load, lift with help, bring the wheel to you. Soft clay saves wrists.',
      caution: true,
    },
    tall && masses.ball <= HEAVY && { step: 'ball', words: 'Tall ware wants stiffer clay.' },
    plaster && {
      step: 'ball',
      words: 'Keep crumbs of a plaster bat out of the clay: fired into a wall, one spits a chip off it later.',
      caution: true,
    },
    flat && { step: 'ball', words: 'Flat ware can be thrown from very soft clay. Softer clay holds more water and shrinks more.' },
  ];
}
