/** A bat of the maker's, mm. */
export interface Bat {
  readonly name: string;
  readonly width: number;
  readonly thickness: number;
  /** Plaster lets go by itself: nothing is left under a wire. */
  readonly plaster?: boolean | undefined;
}

/** A die of an extruder: what its strip measures as it comes out, wet mm. */
export interface Die {
  readonly name: string;
  readonly width: number;
  readonly thickness: number;
}

/** A chuck of the maker's, as it stands in use, mm. */
export interface Chuck {
  readonly name: string;
  readonly across: number;
}

/** The smallest bat that holds a base so wide, mm; undefined where none does. */
export const batFor = (bats: readonly Bat[], base: number): Bat | undefined =>
  bats.filter(({ width }) => width >= base).sort((a, b) => a.width - b.width || a.thickness - b.thickness)[0];

/** So much smaller than asked a chuck may be and still hold the piece true, mm. */
const LOOSE = 3;

/** The chucks that go into a piece whose chuck should be so wide, mm: none wider, the closest first. */
export const chucksFor = (chucks: readonly Chuck[], across: number): Chuck[] =>
  chucks.filter((chuck) => chuck.across <= across && across - chuck.across <= LOOSE).sort((a, b) => b.across - a.across);
