import type { Shares } from './shrinkage';

export const KINDS = ['earthenware', 'stoneware', 'porcelain', 'architectural'] as const;

export type ClayKind = (typeof KINDS)[number];

/** What is typical of a kind of clay while nothing has been measured. Fractions of the wet length; shares of the shrinkage. */
export interface Typical {
  readonly shrinkage: number;
  readonly sd: number;
  readonly shares: Shares;
  /** Water as a share of the wet mass, and loss on firing as a share of the dry mass. */
  readonly water: number;
  readonly loss: number;
  /** Water that the fired body takes up, as a share of its weight. Ours: the contract gives none. */
  readonly absorption: number;
}

const WATER = 0.21;
const LOSS = 0.07;

/** Typical figures by kind, how-it-computes.md, From finished to wet. */
export const TYPICAL: Record<ClayKind, Typical> = {
  earthenware: { shrinkage: 0.1, sd: 0.02, shares: { leather: 0.5, dry: 0.75, bisque: 0.95 }, water: WATER, loss: LOSS, absorption: 0.1 },
  stoneware: { shrinkage: 0.12, sd: 0.015, shares: { leather: 0.32, dry: 0.45, bisque: 0.52 }, water: WATER, loss: LOSS, absorption: 0.02 },
  porcelain: { shrinkage: 0.15, sd: 0.015, shares: { leather: 0.3, dry: 0.42, bisque: 0.5 }, water: WATER, loss: LOSS, absorption: 0.005 },
  architectural: {
    shrinkage: 0.06,
    sd: 0.015,
    shares: { leather: 0.4, dry: 0.6, bisque: 0.75 },
    water: 0.17,
    loss: 0.06,
    absorption: 0.06,
  },
};
