/** Above the rim of a model: room for the level to sink in. mm */
export interface Well {
  readonly height: number;
  /** Wider than the rim by so much all round: the ledge to cut along. */
  readonly width: number;
  /** How its wall leans outwards, degrees from upright: so that it lets go. */
  readonly flare?: number | undefined;
}

/** What plaster is poured into, inside, mm: a round form, boards round a box, or a bucket, filled to a height. */
export type Mould =
  | { readonly shape: 'round'; readonly diameter: number; readonly height: number }
  | { readonly shape: 'box'; readonly length: number; readonly width: number; readonly height: number }
  | { readonly shape: 'bucket'; readonly bottom: number; readonly top: number; readonly height: number };
