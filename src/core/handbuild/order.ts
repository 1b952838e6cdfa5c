import { FAMILIES } from '@/core/form';
import type { ClayKind } from '@/core/clay';
import type { Sized } from '@/core/sizing';

/** How a piece is made. */
export const HANDS = { wheel: 'On the wheel', slab: 'From slabs', former: 'In or over a former', coil: 'Pinched and coiled' } as const;
export type Hand = keyof typeof HANDS;

/** What to wait for, and how to tell. */
export interface Wait {
  readonly until: string;
  readonly signs: readonly string[];
}

/** The steps there are, by hand and at the wheel. */
export type WorkName =
  'roll' | 'texture' | 'cut' | 'join' | 'lay' | 'off' | 'pinch' | 'coil' | 'scrape' | 'throw' | 'trim' | 'attach' | 'dry' | 'fire' | 'look';

/** One step of the work: what has to be true first, what to do, what to mind. */
export interface WorkStep {
  readonly name: WorkName;
  readonly title: string;
  readonly wait?: Wait | undefined;
  readonly does: readonly string[];
  readonly care: readonly string[];
}

/** What the order of the work hangs on. */
export interface Work {
  readonly by: Hand;
  readonly sized: Sized;
  readonly kind: ClayKind;
  /** Slabs cut once leather hard. */
  readonly cutLeather?: boolean | undefined;
  readonly textured?: boolean | undefined;
  /** Flat sides with corners; a bent wall otherwise. */
  readonly panels?: boolean | undefined;
  readonly former?: 'inside' | 'outside' | undefined;
  /** Lets firm between courses. */
  readonly pauses?: number | undefined;
  readonly handle?: boolean | undefined;
  readonly mass: (g: number) => string;
}

const JOINT = 'Both parts of the joint are equally firm.';
const LEATHER: Wait = {
  until: 'leather hard',
  signs: ['The rim holds its shape and no longer takes a fingerprint.', 'It comes away from the board or bat by itself.'],
};
const SLAB_STANDS: Wait = {
  until: 'the slabs are leather hard',
  signs: ['A slab stands on edge without bending.', 'It comes away from the board by itself.', JOINT],
};
const SLAB_BENDS: Wait = {
  until: 'the slab has lost its stickiness',
  signs: ['It no longer takes a fingerprint, and still bends without cracking.'],
};

/** Sizes from which a piece asks for more, finished mm. */
const WIDE = 180;
const TALL = 200;
const HEAVY_G = 5000;
const LARGE = 400;

/** How to even out the drying, by the form. */
function dryingAdvice(sized: Sized, handle = false): string[] {
  const { family, sizes } = sized.stages.glazed;
  const width = sized.measures.widest;
  const flat = FAMILIES[family].liesFlat === true || sizes.height < width / 4;
  const tall = sizes.height > TALL && sizes.height > width * 1.3;
  const neck = FAMILIES[family].necked === true;
  const cornered = FAMILIES[family].slabs === 'panels';
  const advice: (string | false)[] = [
    flat && 'Dry it slowly between boards, and turn it over each day: an edge that dries first lifts.',
    flat && width > WIDE && 'Cut it free again as it dries, and let it slide on grog in the kiln.',
    !flat && 'Turn it over once the rim has firmed and the floor has not; a board on the rim keeps it flat.',
    cornered && 'Wrap rims and corners: they dry first and open the joints. Dry it slowly, lightly covered.',
    FAMILIES[family].slabs === 'strip' &&
      FAMILIES[family].flatSided === true &&
      'Wrap the ends: the tight bends dry first and pull the long sides in.',
    neck && 'Wrap the neck: it is thin and dries before the belly.',
    tall && !neck && 'Wrap the rim until the foot has caught up.',
    handle && 'Wrap the handle until it is as firm as the body.',
  ];
  return advice.filter((each): each is string => each !== false);
}

const DUST =
  'Dry clay is dust with silica in it: level the rim while it is damp; do not dry-sand without extraction and a fitted respirator; wet-clean, do not sweep.';
/** What is said wherever clay is cut. */
export const KNIFE = 'Needles, wires and knives cut: keep the other hand behind the blade.';
const HOT_AIR = 'Hot air instead of waiting burns and flings chips: goggles, away from skin and others.';
const PLASTER = 'A hump or mould of plaster: keep its crumbs out of the clay. Fired into a wall, a crumb spits a chip off it later.';
const KILN =
  'Damp or thick ware can burst: if in doubt, wait. Ventilate, and follow the kiln’s own manual; electrical and gas work is for a licensed person.';
const STRUCTURE =
  'Chimney, oven, hearth, candle and structural pieces: fire, gas and load rules apply. The local code and a licensed installer decide, not a size calculator.';

function roll({ textured, sized }: Work): WorkStep[] {
  const heavy = sized.masses.trimmed > HEAVY_G;
  const step: WorkStep = {
    name: 'roll',
    title: 'Roll the slab',
    does: [
      'Roll from the middle out between the guides, turn it over and roll again, then compress both faces with a rib.',
      'Even thickness matters more than the figure.',
    ],
    care: heavy ? ['A heavy slab: lift it on its board, with help, and bring the work to you.'] : [],
  };
  if (!textured) return [step];
  const texture: WorkStep = {
    name: 'texture',
    title: 'Texture it',
    does: ['Texture first, cut after: rolling or pressing it in stretches the slab.'],
    care: [],
  };
  return [step, texture];
}

function slabSteps(work: Work): WorkStep[] {
  const cut: WorkStep = {
    name: 'cut',
    title: 'Cut the parts',
    wait: work.cutLeather ? SLAB_STANDS : undefined,
    does: [
      'Lay the templates on with their arrows along the way it was rolled, and cut with an upright blade.',
      'Keep every part between boards until it is joined.',
    ],
    care: [KNIFE],
  };
  const join: WorkStep = {
    name: 'join',
    title: 'Join them',
    wait: work.panels ? SLAB_STANDS : SLAB_BENDS,
    does: [
      'Edges with the same letter meet. Score and slip both, press, and work a thin coil into each corner inside.',
      work.panels
        ? 'Stand the long sides first, on or round the base.'
        : 'Bend the wall round, close the seam, then set it on or round the base.',
    ],
    care: [],
  };
  return [...roll(work), cut, join];
}

function formerSteps(work: Work): WorkStep[] {
  if (work.former === 'outside') {
    return [
      ...roll(work),
      {
        name: 'lay',
        title: 'Lay it over the hump',
        does: ['Cloth or paper between clay and hump. Ease it down from the top, thin what gathers, and trim the edge at the line.'],
        care: [PLASTER],
      },
      {
        name: 'off',
        title: 'Take it off before it tightens',
        wait: { until: 'it holds its shape', signs: ['It takes no print, but still gives to the thumb.'] },
        does: ['Clay shrinks onto a hump and cracks. Take it off as soon as it holds its shape, then let it firm up the right way up.'],
        care: [],
      },
    ];
  }
  return [
    ...roll(work),
    {
      name: 'lay',
      title: 'Press it into the bowl',
      does: [
        'Cloth, paper or dust of dry starch between clay and bowl. Ease it in from the rim so that it does not stretch, compress, and trim at the line.',
      ],
      care: [PLASTER],
    },
    {
      name: 'off',
      title: 'Lift it out',
      wait: { until: 'leather hard', signs: ['It has come away from the bowl by itself, all round.', 'The rim no longer takes a print.'] },
      does: ['Turn it out on a board.'],
      care: [],
    },
  ];
}

function coilSteps({ pauses = 0 }: Work): WorkStep[] {
  return [
    {
      name: 'pinch',
      title: 'Pinch the base',
      does: ['Open the ball with the thumb and pinch round and round, walls as thick as they will stay.'],
      care: [],
    },
    {
      name: 'coil',
      title: 'Coil the wall',
      wait: { until: 'the base holds its shape', signs: ['The rim of the base carries a coil without spreading.'] },
      does: [
        'Lay each coil on, join it down inside and out, squeeze and lift, and level it before the next.',
        ...(pauses > 0
          ? [
              `Stop ${pauses === 1 ? 'once' : `${pauses} times`} where the table says, cover the rim, and go on when the wall is firm to the touch.`,
            ]
          : []),
      ],
      care: pauses > 0 ? [HOT_AIR] : [],
    },
    {
      name: 'scrape',
      title: 'Scrape it true',
      wait: LEATHER,
      does: ['Pare and scrape the wall to its thickness and the outline to its rib.'],
      care: [],
    },
  ];
}

const wheelSteps: WorkStep[] = [
  { name: 'throw', title: 'Throw it', does: ['The steps above, from ball to needle.'], care: [] },
  {
    name: 'trim',
    title: 'Trim it',
    wait: LEATHER,
    does: ['Trim floor, foot and wall, the piece as firm at the rim as at the foot.'],
    care: [],
  },
];

const STARTS: Record<Hand, (work: Work) => WorkStep[]> = { wheel: () => wheelSteps, slab: slabSteps, former: formerSteps, coil: coilSteps };

/** The whole order of the work, in words: what to wait for and how to tell, what to do, what to mind. */
export function workOrder(work: Work): WorkStep[] {
  const { sized, handle, mass, kind } = work;
  const { dry, trimmed, glazed } = sized.masses;
  const large = sized.measures.widest > LARGE || sized.stages.glazed.sizes.height > LARGE;
  const steps: (WorkStep | false)[] = [
    ...STARTS[work.by](work),
    handle === true && {
      name: 'attach',
      title: 'Put the handle on',
      wait: { until: 'both are equally firm', signs: [JOINT] },
      does: ['Score and slip both, press on, and look along it from the side and from above.'],
      care: ['A handle is only as good as its joint: try it fired, with water, over a sink.'],
    },
    { name: 'dry', title: 'Let it dry evenly', does: dryingAdvice(sized, handle), care: [DUST] },
    {
      name: 'fire',
      title: 'Fire it',
      wait: {
        until: 'bone dry',
        signs: [
          'It is no longer cool to the cheek, and a tap sounds hollow.',
          'A drop of water soaks in at once.',
          `Its weight has stopped falling. ${mass(trimmed)} as made is about ${mass(dry)} bone dry.`,
        ],
      },
      does: [],
      care: [KILN, ...(kind === 'architectural' || large ? [STRUCTURE] : [])],
    },
    {
      name: 'look',
      title: 'Check what came out',
      wait: {
        until: 'fired',
        signs: [
          `It weighs about ${mass(glazed)} without its glaze.`,
          'A drop of water that stays as a bead on bare clay for many minutes suggests a dense body. Boiling and weighing a bar tells you more.',
        ],
      },
      does: ['Measure it and write it down for next time.'],
      care: [],
    },
  ];
  return steps.filter((each): each is WorkStep => each !== false);
}
