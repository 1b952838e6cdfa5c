/** How much a texture stretches a slab when it is rolled or pressed in, percent, as the maker measured it. */
export interface Texture {
  readonly along: number;
  readonly across: number;
}

export const NO_TEXTURE: Texture = { along: 0, across: 0 };

/** How much larger a slab's area gets with the texture in it. Its thickness falls by as much: clay is conserved. */
export const textureGrowth = ({ along, across }: Texture): number => (1 + along / 100) * (1 + across / 100);

/** The slab to roll before its texture, mm, that is so large and so thick with it. */
export function beforeTexture(slab: { readonly length: number; readonly width: number; readonly thickness: number }, texture: Texture) {
  return {
    length: slab.length / (1 + texture.along / 100),
    width: slab.width / (1 + texture.across / 100),
    thickness: slab.thickness * textureGrowth(texture),
  };
}

/** Battens to roll between: one, or two laid on each other. */
export interface Guide {
  readonly battens: readonly number[];
  readonly thickness: number;
}

/** Battens further off than this share of a thickness are no guide for it. Ours. */
const GUIDE_OFF = 0.2;

/** From the maker's battens the one, or the two together, nearest to a thickness, mm; undefined where none is near. */
export function guideFor(thickness: number, battens: readonly number[]): Guide | undefined {
  const singles: Guide[] = battens.map((mm) => ({ battens: [mm], thickness: mm }));
  const pairs: Guide[] = battens.flatMap((a, i) => battens.slice(i + 1).map((b) => ({ battens: [a, b], thickness: a + b })));
  const off = (guide: Guide) => Math.abs(guide.thickness - thickness) + (guide.battens.length - 1) * 0.01;
  const nearest = [...singles, ...pairs].sort((a, b) => off(a) - off(b))[0];
  return nearest && Math.abs(nearest.thickness - thickness) <= GUIDE_OFF * thickness ? nearest : undefined;
}
