import { remaining } from '@/core/clay';
import { footRadius, opensBelow } from '@/core/form';
import type { Worked } from '@/core/sizing';
import type { Gauge, Reading } from './gauge';

/** Trimming at leather hard, in figures: none where nothing is trimmed off, or a piece has no inside to measure from. */
export function trimReadings({ clay, making, sized }: Pick<Worked, 'clay' | 'making' | 'sized'>): readonly Reading[] {
  const { wet, stages, volumes } = sized;
  const { footWidth, footHeight, floor = 0, wall = 0, wallAtFoot = wall, baseDiameter, bevel } = stages.leather.sizes;
  const trims = making.trimFloor > 0 || making.trimWall > 0 || (making.wholeWall ?? 0) > 0 || volumes.hollow > 0 || volumes.bevel > 0;
  const [rim, bottom] = [wet.inside[0]!, wet.inside.at(-1)!];
  if (!trims || rim.r <= 0) return [];
  const open = opensBelow(wet);
  const up = remaining(clay.shrinkage, 'leather', 'height');
  const across = remaining(clay.shrinkage, 'leather', 'width');
  const ring = footHeight !== undefined && footWidth !== undefined && sized.stages.leather.manner.foot === 'ring';
  const foot = baseDiameter ?? 2 * footRadius(wet) * across;
  return [
    { what: 'height, rim on the wheel head', mm: stages.leather.sizes.height },
    { what: 'foot, outside', mm: foot },
    ...(ring
      ? [
          { what: 'foot ring, inside', mm: foot - 2 * footWidth },
          { what: 'foot ring depth', mm: footHeight },
        ]
      : []),
    ...(open ? [] : [{ what: 'depth inside, rim to floor', mm: (rim.z - bottom.z) * up }]),
    ...(ring
      ? [
          { what: 'height minus inside depth, before hollowing', mm: floor + footHeight },
          { what: 'floor left in the ring', mm: floor },
        ]
      : open
        ? []
        : [{ what: 'floor left (height minus inside depth)', mm: floor }]),
    { what: 'wall at the foot', mm: wallAtFoot },
    ...(bevel ? [{ what: 'bevel at the foot, in and up', mm: bevel }] : []),
  ];
}

/** The same as a gauge: one setting of a stop for the whole run. */
export function trimGauge(worked: Pick<Worked, 'clay' | 'making' | 'sized'>): Gauge | undefined {
  const readings = trimReadings(worked);
  if (readings.length === 0) return undefined;
  return {
    name: 'Trimming',
    stage: 'leather',
    datum:
      'upside down. For a run, set one stop at this height above the wheel head. If a piece is deeper or shallower inside, use its own depth plus the floor',
    readings,
  };
}
