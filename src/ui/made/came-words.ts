import { type SizeName, sizeSpec } from '@/core/form';
import type { SizeCame } from '@/core/lessons';

/** Less than this is not told, mm. */
const TOLD = 0.05;

const SIZE_WORDS: Partial<Record<SizeName, string>> = {
  rimDiameter: 'mouth',
  mouthInside: 'mouth inside',
  height: 'height',
  baseDiameter: 'base',
  bellyDiameter: 'belly',
};

/** What a measured size is called in a line. */
export const madeSize = (size: SizeName): string => SIZE_WORDS[size] ?? size;

const smaller = (size: SizeName): string => (sizeSpec(size).direction === 'height' ? 'short' : 'narrow');
const larger = (size: SizeName): string => (sizeSpec(size).direction === 'height' ? 'tall' : 'wide');

/**
 * Why a size came out as it did: "2.4 mm short: 1.9 of it thrown short, 0.5 the clay shrank more than believed". What two readings
 * cannot tell is said to be so.
 */
export function cameWords({ size, off, came, unsure, read }: SizeCame, length: (mm: number) => string): string {
  if (off === undefined) return '';
  if (Math.abs(off) <= unsure) return `on target, as far as a ${read} can tell`;
  const all = `${length(Math.abs(off))} too ${off < 0 ? smaller(size) : larger(size)}`;
  if (!came) return `${all}. It was not measured wet, so hand and clay cannot be separated`;
  const { hand, clay, belief } = came;
  const parts = [
    Math.abs(hand) >= TOLD && `${length(Math.abs(hand))} made ${hand < 0 ? smaller(size) : larger(size)}`,
    Math.abs(clay) >= TOLD && `${length(Math.abs(clay))} because the clay shrank ${clay < 0 ? 'more' : 'less'} than estimated`,
    Math.abs(belief) >= TOLD && `${length(Math.abs(belief))} because the shrinkage estimate has changed since`,
  ].filter(Boolean);
  // what pulls the other way is said to
  const signs = [hand, clay, belief].filter((part) => Math.abs(part) >= TOLD);
  const mixed = signs.some((part) => part > 0) && signs.some((part) => part < 0);
  return `${all}: ${parts.join(mixed ? ' against ' : ', ')}`;
}
