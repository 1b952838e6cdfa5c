import type { Length, Stage } from '@/core/clay';

/** Larger than any kiln that a size calculator should be asked about, mm. */
export const LARGEST_MM = 3000;

export interface SizeSpec {
  /** Inside a sentence. */
  readonly words: string;
  /** At the head of a row. */
  readonly row: string;
  /** By which factor it shrinks. */
  readonly direction: 'width' | 'height';
  /** A thickness or a small detail: it stays when a whole piece is scaled. */
  readonly stays?: true;
  /** Measured inside the clay: which size outside and which thickness it follows from. */
  readonly inside?: {
    readonly outer: 'rimDiameter' | 'rimAcross' | 'bellyDiameter' | 'baseDiameter';
    readonly wall: 'wall' | 'wallAtFoot';
  };
}

/** Every size a form may have. Widths are outside; thickness is square to the surface, floors along the axis. */
export const SIZES = {
  height: { words: 'height', row: 'Height', direction: 'height' },
  rimDiameter: { words: 'width at the mouth', row: 'Mouth, outside', direction: 'width' },
  bodyDiameter: { words: 'width below the lip', row: 'Below the lip', direction: 'width' },
  rimAcross: { words: 'width at the rim', row: 'Mouth, short', direction: 'width' },
  baseAcross: { words: 'width at the base', row: 'Base, short axis', direction: 'width' },
  bellyDiameter: { words: 'width of the belly', row: 'Belly, outside', direction: 'width' },
  neckDiameter: { words: 'width of the neck', row: 'Neck, outside', direction: 'width' },
  baseDiameter: { words: 'width at the base', row: 'Base, outside', direction: 'width' },
  rimWidth: { words: 'width of the rim', row: 'Rim width', direction: 'width' },
  bellyHeight: { words: 'height of the belly', row: 'Belly height', direction: 'height' },
  shoulderHeight: { words: 'height of the shoulder', row: 'Shoulder height', direction: 'height' },
  collarHeight: { words: 'height of the collar', row: 'Collar', direction: 'height' },
  lipHeight: { words: 'height of the lip', row: 'Lip height', direction: 'height' },
  mouthInside: {
    words: 'width inside the mouth',
    row: 'Mouth, inside',
    direction: 'width',
    inside: { outer: 'rimDiameter', wall: 'wall' },
  },
  acrossInside: {
    words: 'width inside the mouth, short axis',
    row: 'Mouth inside, short',
    direction: 'width',
    inside: { outer: 'rimAcross', wall: 'wall' },
  },
  bellyInside: {
    words: 'width inside the belly',
    row: 'Belly, inside',
    direction: 'width',
    inside: { outer: 'bellyDiameter', wall: 'wall' },
  },
  floorInside: {
    words: 'width of the floor inside',
    row: 'Floor, inside',
    direction: 'width',
    inside: { outer: 'baseDiameter', wall: 'wallAtFoot' },
  },
  wall: { words: 'wall', row: 'Wall', direction: 'width', stays: true },
  wallAtFoot: { words: 'wall at the foot', row: 'Wall at the foot', direction: 'width', stays: true },
  floor: { words: 'floor', row: 'Floor', direction: 'height', stays: true },
  footHeight: { words: 'height of the foot ring', row: 'Foot ring height', direction: 'height', stays: true },
  footWidth: { words: 'width of the foot ring', row: 'Foot ring width', direction: 'width', stays: true },
  bevel: { words: 'bevel at the foot', row: 'Bevel at foot', direction: 'width', stays: true },
  galleryWidth: { words: 'width of the gallery', row: 'Gallery width', direction: 'width', stays: true },
  galleryDepth: { words: 'depth of the gallery', row: 'Gallery depth', direction: 'height', stays: true },
} as const satisfies Record<string, SizeSpec>;

export type SizeName = keyof typeof SIZES;

export const SIZE_NAMES = Object.keys(SIZES) as SizeName[];

export const sizeSpec = (name: SizeName): SizeSpec => SIZES[name];

/** The sizes of a form at stage S, mm. Every form has a height and a width at the mouth. */
export type Sizes<S extends Stage> = Readonly<
  Record<'height' | 'rimDiameter', Length<S>> & Partial<Record<Exclude<SizeName, 'height' | 'rimDiameter'>, Length<S>>>
>;
