import { FAMILIES } from '@/core/form';
import type { Work } from '@/core/handbuild';
import type { Sized } from '@/core/sizing';
import { handMass } from '@/core/units';
import { handOf, type HandWork } from '@/core/part';
import type { Body, Part } from '@/core/records';
import type { Units } from '@/ui/state';

/** What the order of the work hangs on, of a part as it is chosen. */
export const workOf = (
  part: Part,
  sized: Sized,
  hand: HandWork | undefined,
  body: Pick<Body, 'kind'> | undefined,
  { mass, choice }: Units,
): Work => ({
  by: handOf(part),
  sized,
  kind: body?.kind ?? 'stoneware',
  cutLeather: hand?.by === 'slab' && hand.at === 'leather',
  textured: hand !== undefined && hand.by !== 'coil' && (hand.texture.along > 0 || hand.texture.across > 0),
  panels: FAMILIES[part.family].slabs === 'panels',
  former: hand?.by === 'former' ? hand.former?.measured : undefined,
  pauses: hand?.by === 'coil' && hand.plan ? hand.plan.courses.filter(({ pause }) => pause).length : 0,
  handle: part.handle !== undefined || (part.attached?.some(({ kind }) => kind === 'handle') ?? false),
  mass: (g) => mass(handMass(g, choice)),
});
