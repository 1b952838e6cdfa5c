import type { Hand } from '@/core/handbuild';

/** A part of a room: what is open in it one at a time. */
export interface Section {
  readonly value: string;
  readonly words: string;
  /** What else people call what is in it, for finding it. */
  readonly finds: string;
}

export interface Room {
  readonly value: RoomName;
  readonly words: string;
  readonly sections: (by: Hand) => readonly Section[];
}

export type RoomName = 'sizes' | 'make' | 'tools' | 'fit' | 'made';

const HANDLE: Section = { value: 'handle', words: 'Handle', finds: 'pulled strap coil twisted finger room blank' };

const CAST: Section = {
  value: 'cast',
  words: 'Slip casting',
  finds: 'plaster mould model slip casting draft stl print bucket well shrink scale timer',
};

const MAKING: Record<Hand, readonly Section[]> = {
  wheel: [
    {
      value: 'ball',
      words: 'Ball',
      finds:
        'weigh out how much clay wedge own ratio scaled from a good one attachments knob spout trimmed off base wall cut off rim needle wire slurry allowances',
    },
    { value: 'steps', words: 'Steps', finds: 'wheel centre open pull cylinder drying firing order bisque glaze' },
    HANDLE,
    CAST,
  ],
  slab: [
    { value: 'slab', words: 'Slabs', finds: 'roll battens thickness base corners seam paper model attachments' },
    { value: 'order', words: 'Steps', finds: 'order drying firing bisque glaze' },
    HANDLE,
    CAST,
  ],
  former: [
    { value: 'former', words: 'Former', finds: 'hump mould bowl slab lining foot press' },
    { value: 'order', words: 'Steps', finds: 'order drying firing bisque glaze' },
    HANDLE,
    CAST,
  ],
  coil: [
    { value: 'coil', words: 'Coils', finds: 'pinch pot coil thickness pauses' },
    { value: 'order', words: 'Steps', finds: 'order drying firing bisque glaze' },
    HANDLE,
    CAST,
  ],
};

const RULES: readonly Section[] = [
  { value: 'rule', words: 'Shrink rule', finds: 'ruler scale inches print' },
  { value: 'check', words: 'Check a shrink rule', finds: 'copy a rule copier rule of thumb scratch' },
  { value: 'measures', words: 'Your own measures', finds: 'rings wheel head bent wire span' },
  { value: 'send', words: 'Send this piece', finds: 'share link qr code tablet another device' },
];

const CARD: Section = { value: 'card', words: 'Shelf card', finds: 'card for the wall print' };

/** The five rooms of a piece, in the order of the work, and what is in each. */
export const ROOMS: readonly Room[] = [
  {
    value: 'sizes',
    words: 'Sizes',
    sections: () => [
      {
        value: 'ledger',
        words: 'Every stage',
        finds:
          'ledger table leather hard bone dry bisque glazed weight inside widths limits ranges wall floor foot ring bevel belly collar neck lip angle',
      },
      { value: 'holds', words: 'Capacity', finds: 'capacity volume fill line glaze area pouring lip joined copies' },
      { value: 'place', words: 'Size limits', finds: 'shelf kiln dishwasher microwave bat wheel head arm reach fits my place' },
    ],
  },
  { value: 'make', words: 'Make', sections: (by) => MAKING[by] },
  {
    value: 'tools',
    words: 'Tools',
    sections: (by) =>
      by === 'wheel'
        ? [
            { value: 'gauges', words: 'Gauges', finds: 'pointer calipers callipers needle stick trim datum bat chuck clearance' },
            { value: 'strips', words: 'Measuring strips', finds: 'gauge stick go no-go print' },
            { value: 'silhouette', words: 'Silhouette', finds: 'profile template print' },
            { value: 'outside-rib', words: 'Outside rib', finds: 'profile rib print' },
            { value: 'inside-rib', words: 'Inside rib', finds: 'profile rib print' },
            CARD,
            ...RULES,
          ]
        : [
            { value: 'templates', words: 'Templates', finds: 'slab parts cut out disc print' },
            { value: 'silhouette', words: 'Silhouette', finds: 'profile template print' },
            { value: 'outside-rib', words: 'Outside rib', finds: 'profile rib print' },
            { value: 'inside-rib', words: 'Inside rib', finds: 'profile rib print' },
            CARD,
            ...RULES,
          ],
  },
  {
    value: 'fit',
    words: 'Fit',
    sections: () => [
      {
        value: 'odds',
        words: 'Lid or stopper',
        finds: 'odds jam seat loose gap warp glaze gallery flange cork gasket replacement cover fire it',
      },
      { value: 'lid', words: 'Lid from cutters', finds: 'lid cutter insert disc' },
      { value: 'stack', words: 'Stack', finds: 'pile cupboard pitch foot rim wedge wobble high' },
      { value: 'nest', words: 'Nest', finds: 'family of bowls one in another set clearance doubling the clay' },
      { value: 'pair', words: 'Match lids to pots', finds: 'which lid on which pot leftovers match' },
    ],
  },
  {
    value: 'made',
    words: 'Results',
    sections: (by) => [
      {
        value: 'runs',
        words: 'Runs',
        finds: 'log made pieces rounds standard came out evidence fired measured shrinkage note record why short photo earlier',
      },
      ...(by === 'wheel' ? [{ value: 'test', words: 'Test piece', finds: 'tester first one ball for the rest' }] : []),
      ...(by === 'wheel' ? [{ value: 'again', words: 'Remake a fired piece', finds: 'again like this in the hand weighs broken' }] : []),
    ],
  },
];

/** A room with one of its sections open. */
export interface OpenRoom {
  readonly room: Room;
  readonly sections: readonly Section[];
  readonly section: Section;
}

/** The room and section remembered as `make/steps`, for a way of making; what that way has not gives way to the first. */
export function roomFrom(remembered: string | undefined, by: Hand): OpenRoom {
  const [name, part] = (remembered ?? '').split('/');
  const room = ROOMS.find(({ value }) => value === name) ?? ROOMS[0]!;
  const sections = room.sections(by);
  return { room, sections, section: sections.find(({ value }) => value === part) ?? sections[0]! };
}
