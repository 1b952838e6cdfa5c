import type { Stage } from '@/core/clay';

/** Where a piece stands in the workshop, in the order of the work. */
export const SHELVES = ['wet', 'leather', 'drying', 'ready', 'bisqued', 'coated', 'fired', 'lost'] as const;

export type Shelf = (typeof SHELVES)[number];

export const SHELF_WORDS: Readonly<Record<Shelf, string>> = {
  wet: 'wet',
  leather: 'leather hard',
  drying: 'drying',
  ready: 'bone dry',
  bisqued: 'bisqued',
  coated: 'glazed, unfired',
  fired: 'finished',
  lost: 'lost',
};

/** The stage a piece on a shelf is measured at; while it dries there is none. */
export const STAGE_ON: Readonly<Record<Shelf, Stage | undefined>> = {
  wet: 'wet',
  leather: 'leather',
  drying: undefined,
  ready: 'dry',
  bisqued: 'bisque',
  coated: 'bisque',
  fired: 'glazed',
  lost: undefined,
};

export const WRONG = ['cracked', 'handle off', 'warped', 'slumped', 'blown', 'stuck', 'glaze fault', 'chipped', 'other'] as const;

/** What went wrong with a piece. */
export type Wrong = (typeof WRONG)[number];

export const FATES = ['kept', 'sold', 'given', 'second'] as const;

/** What became of a fired piece. */
export type Fate = (typeof FATES)[number];

export const DIFFERENT = ['larger', 'smaller', 'heavier', 'lighter', 'gone wrong'] as const;

/** What was different about one at the wheel. */
export type Different = (typeof DIFFERENT)[number];

/** Work on a piece whose minutes are counted. */
export const WORK = ['wedge', 'throw', 'trim', 'handle', 'glaze', 'fire', 'pack'] as const;

export type Work = (typeof WORK)[number];
