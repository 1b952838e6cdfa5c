/** Something of the maker's with a known width: a ring on the wheel head, the edge of a bat, a bent wire, a hand's span. */
export interface OwnMeasure {
  readonly name: string;
  readonly mm: number;
}

/** A width further than this beyond a measure is not told by it. mm */
const NEAR = 15;
/** Within this it is the measure itself. mm */
const SAME = 0.5;

/**
 * A width in the maker's own measures: the nearest one not above it by more than half a millimetre, and what is to be added.
 * Undefined where none is near.
 *
 * @example inOwnMeasures(63, [{ name: 'second ring', mm: 60 }], (mm) => `${mm} mm`) // 'second ring and 3 mm'
 */
export function inOwnMeasures(mm: number, measures: readonly OwnMeasure[], write: (mm: number) => string): string | undefined {
  const near = measures.filter((each) => each.mm <= mm + SAME && mm - each.mm <= NEAR).sort((a, b) => b.mm - a.mm)[0];
  if (!near) return undefined;
  return Math.abs(mm - near.mm) <= SAME ? near.name : `${near.name} and ${write(mm - near.mm)}`;
}
