import { type Result, bad, good, quote } from '@/core/units';

/**
 * Pyrometric cones from coolest to hottest with the temperature, deg C, at which each about bends in a firing of
 * ordinary speed. A cone measures heat-work: the temperatures are for orientation only and are always shown as approximate.
 */
const SCALE: readonly (readonly [label: string, aboutC: number])[] = [
  ['022', 590],
  ['021', 615],
  ['020', 630],
  ['019', 680],
  ['018', 715],
  ['017', 740],
  ['016', 775],
  ['015', 805],
  ['014', 835],
  ['013', 850],
  ['012', 865],
  ['011', 885],
  ['010', 895],
  ['09', 920],
  ['08', 945],
  ['07', 975],
  ['06', 1000],
  ['05', 1030],
  ['04', 1060],
  ['03', 1090],
  ['02', 1110],
  ['01', 1130],
  ['1', 1145],
  ['2', 1155],
  ['3', 1165],
  ['4', 1180],
  ['5', 1200],
  ['6', 1225],
  ['7', 1240],
  ['8', 1255],
  ['9', 1275],
  ['10', 1295],
  ['11', 1310],
  ['12', 1325],
  ['13', 1345],
];

export const CONES: readonly string[] = SCALE.map(([label]) => label);

/** Where a cone stands on the scale, 0 the coolest; 04 stands far below 4. Undefined for what is no cone. */
export function coneRank(cone: string | undefined): number | undefined {
  const rank = CONES.indexOf(cone ?? '');
  return rank < 0 ? undefined : rank;
}

/** About which temperature, deg C, a cone bends at; undefined for what is no cone. */
export function coneAboutC(cone: string | undefined): number | undefined {
  const rank = coneRank(cone);
  return rank === undefined ? undefined : SCALE[rank]![1];
}

/**
 * Reads a cone: `6`, `cone 6`, `04`, `△04`. Zeros in front matter.
 *
 * @example readCone('cone 04') // { ok: true, value: '04' }
 */
export function readCone(text: string): Result<string> {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/^(cone|[\^△▲])\s*/, '');
  if (CONES.includes(plain)) return good(plain);
  return bad('', `${quote(text)} is not a cone. Enter one from 022 to 01 or from 1 to 13, such as 6 or 04.`);
}
