import type { PieceModel } from './use-piece';

/** The clay as it is said on paper: body, and the cone it is fired to. */
export const clayWords = ({ known }: PieceModel): string =>
  `${known.body?.name ?? 'typical stoneware'}${known.firing.cone ? `, cone ${known.firing.cone}` : ''}`;
