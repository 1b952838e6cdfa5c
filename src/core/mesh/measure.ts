import type { Mesh } from './mesh';

/** What a surface of triangles is. Lengths in mm, areas in mm2, volume in ml. */
export interface MeshMeasures {
  readonly triangles: number;
  /** Every edge is shared by two triangles that agree which side is out. */
  readonly closed: boolean;
  /** Edges that are not. */
  readonly openEdges: number;
  readonly size: { readonly width: number; readonly depth: number; readonly height: number };
  readonly volumeMl: number;
  /** Where inside and outside are exchanged the volume is below zero. */
  readonly insideOut: boolean;
  /** Areas of the sides by their draft, for a mould pulled upwards; level faces under and on top are not counted. */
  readonly draft: { readonly undercut: number; readonly little: number; readonly enough: number; readonly least: number };
}

const LEVEL = Math.cos((5 * Math.PI) / 180);
/** An undercut less than this holds nothing, degrees. */
const UNDERCUT = -0.5;

/** Numbers corners so that the same place has the same number. */
function numbered(mesh: Mesh): { readonly ids: Int32Array; readonly count: number } {
  const bits = new Uint32Array(mesh.buffer, mesh.byteOffset, mesh.length);
  const corners = mesh.length / 3;
  let room = 16;
  while (room < corners * 2) room *= 2;
  const slots = new Int32Array(room).fill(-1);
  const ids = new Int32Array(corners);
  const first = new Int32Array(corners);
  let count = 0;
  for (let i = 0; i < corners; i += 1) {
    const at = 3 * i;
    let slot = (Math.imul(bits[at]!, 73856093) ^ Math.imul(bits[at + 1]!, 19349663) ^ Math.imul(bits[at + 2]!, 83492791)) & (room - 1);
    for (;;) {
      const known = slots[slot]!;
      if (known < 0) {
        slots[slot] = count;
        first[count] = at;
        ids[i] = count;
        count += 1;
        break;
      }
      const other = first[known]!;
      if (bits[other] === bits[at] && bits[other + 1] === bits[at + 1] && bits[other + 2] === bits[at + 2]) {
        ids[i] = known;
        break;
      }
      slot = (slot + 1) & (room - 1);
    }
  }
  return { ids, count };
}

/** Edges without their like the other way round: none of a closed surface. */
function openEdges(mesh: Mesh): number {
  const { ids, count } = numbered(mesh);
  const there: number[] = [];
  const back: number[] = [];
  for (let i = 0; i < ids.length; i += 3) {
    const [a, b, c] = [ids[i]!, ids[i + 1]!, ids[i + 2]!];
    if (a === b || b === c || c === a) continue;
    there.push(a * count + b, b * count + c, c * count + a);
    back.push(b * count + a, c * count + b, a * count + c);
  }
  const [one, other] = [Float64Array.from(there).sort(), Float64Array.from(back).sort()];
  let open = 0;
  let [i, j] = [0, 0];
  while (i < one.length && j < other.length) {
    if (one[i] === other[j]) [i, j] = [i + 1, j + 1];
    else if (one[i]! < other[j]!) [i, open] = [i + 1, open + 1];
    else [j, open] = [j + 1, open + 1];
  }
  return open + (one.length - i) + (other.length - j);
}

/**
 * Measures a surface: whether it is closed, its size and volume (by the divergence theorem), and how its sides would leave a mould.
 *
 * @param leastDraft degrees that are enough
 */
export function measureMesh(mesh: Mesh, leastDraft: number): MeshMeasures {
  const least = [Infinity, Infinity, Infinity];
  const most = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < mesh.length; i += 1) {
    const axis = i % 3;
    const at = mesh[i]!;
    if (at < least[axis]!) least[axis] = at;
    if (at > most[axis]!) most[axis] = at;
  }
  const middle = least.map((each, i) => (each + most[i]!) / 2);
  let six = 0;
  let [undercut, little, enough, smallest] = [0, 0, 0, 90];
  for (let i = 0; i < mesh.length; i += 9) {
    const [ax, ay, az] = [mesh[i]! - middle[0]!, mesh[i + 1]! - middle[1]!, mesh[i + 2]! - middle[2]!];
    const [bx, by, bz] = [mesh[i + 3]! - middle[0]!, mesh[i + 4]! - middle[1]!, mesh[i + 5]! - middle[2]!];
    const [cx, cy, cz] = [mesh[i + 6]! - middle[0]!, mesh[i + 7]! - middle[1]!, mesh[i + 8]! - middle[2]!];
    six += ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    const twice = Math.hypot(nx, ny, nz);
    if (twice === 0 || Math.abs(nz) > LEVEL * twice) continue;
    const draft = (Math.asin(-nz / twice) * 180) / Math.PI;
    if (draft < smallest) smallest = draft;
    if (draft < UNDERCUT) undercut += twice / 2;
    else if (draft < leastDraft) little += twice / 2;
    else enough += twice / 2;
  }
  const open = openEdges(mesh);
  const [width, depth, height] = most.map((each, i) => each - least[i]!) as [number, number, number];
  const volume = six / 6 / 1000;
  return {
    triangles: mesh.length / 9,
    closed: open === 0,
    openEdges: open,
    size: { width, depth, height },
    volumeMl: Math.abs(volume),
    insideOut: volume < 0,
    draft: { undercut, little, enough, least: smallest },
  };
}
