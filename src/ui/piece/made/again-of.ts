import { type Again, again, isExact } from '@/core/sizing';
import type { Part } from '@/core/records';
import type { Result } from '@/core/units';
import type { PieceModel } from '../model/use-piece';

/** Whether its wall was measured: one that is only usual was not. */
export function wallMeasured({ inHand, sizes }: Part): boolean {
  const [wall] = sizes.wall ?? [];
  return inHand?.wallUnknown === undefined ? !(wall && isExact(wall) && wall.free) : !inHand.wallUnknown;
}

/** What the fired piece in the hand was made from; none until its weight or what it holds was entered. */
export function againOf({ part, worked, form, units }: PieceModel): Result<Again> | undefined {
  const { weightG, glazePercent, attachedG, capacityMl } = part.inHand ?? {};
  if (weightG === undefined && capacityMl === undefined) return undefined;
  const glazeShare = glazePercent === undefined ? undefined : glazePercent / 100;
  const fired = { form, wallMeasured: wallMeasured(part), weightG, glazeShare, attachedG, capacityMl };
  return again(worked.clay, fired, worked.making, units.length);
}
