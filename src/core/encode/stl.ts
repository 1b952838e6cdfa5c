import { type Mesh, MOST_TRIANGLES } from '@/core/mesh';
import { type Result, bad, good } from '@/core/units';

/** Binary STL: 80 bytes of words, how many triangles, then 50 bytes each. */
const HEAD = 80;
const START = 84;
const EACH = 50;

/** Larger than any model. mm */
const FURTHEST = 1e6;
/** The longest text of so many triangles, bytes. */
export const LARGEST_STL = 120 * 1024 * 1024;

/** A surface as binary STL, mm; `words` say what it is, and do not begin with the word that would make it text. */
export function writeStl(mesh: Mesh, words: string): ArrayBuffer {
  const count = mesh.length / 9;
  const bytes = new ArrayBuffer(START + EACH * count);
  const view = new DataView(bytes);
  new Uint8Array(bytes).set(new TextEncoder().encode(`Rimbet, mm: ${words}`).subarray(0, HEAD));
  view.setUint32(HEAD, count, true);
  for (let i = 0; i < count; i += 1) {
    const at = 9 * i;
    const u = [0, 1, 2].map((k) => mesh[at + 3 + k]! - mesh[at + k]!) as [number, number, number];
    const v = [0, 1, 2].map((k) => mesh[at + 6 + k]! - mesh[at + k]!) as [number, number, number];
    const normal = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
    const length = Math.hypot(...normal) || 1;
    let place = START + EACH * i;
    for (const each of normal) {
      view.setFloat32(place, each / length, true);
      place += 4;
    }
    for (let k = 0; k < 9; k += 1) {
      view.setFloat32(place, mesh[at + k]!, true);
      place += 4;
    }
  }
  return bytes;
}

const tooMany = (count: number): Result<never> =>
  bad(
    '',
    `${count.toLocaleString('en-GB')} triangles are more than ${MOST_TRIANGLES.toLocaleString('en-GB')}. Save the model coarser, then open it.`,
  );

const unreal = (i: number): Result<never> =>
  bad(`triangle ${i + 1}`, `Triangle ${i + 1} has a corner that is no place. The file is damaged: save the model again.`);

const isPlace = (each: number): boolean => Number.isFinite(each) && Math.abs(each) <= FURTHEST;

const PROGRESS_EVERY = 20_000;

type OnProgress = (done: number, of: number) => void;

function readBinary(view: DataView, count: number, onProgress: OnProgress): Result<Mesh> {
  const mesh = new Float32Array(9 * count);
  for (let i = 0; i < count; i += 1) {
    const from = START + EACH * i + 12;
    for (let k = 0; k < 9; k += 1) {
      const each = view.getFloat32(from + 4 * k, true);
      if (!isPlace(each)) return unreal(i);
      // no zero below zero: the same place has the same figures
      mesh[9 * i + k] = each + 0;
    }
    if (i % PROGRESS_EVERY === 0) onProgress(i, count);
  }
  return good(mesh);
}

const WORDS = [
  'facet',
  'normal',
  '#',
  '#',
  '#',
  'outer',
  'loop',
  'vertex',
  '#',
  '#',
  '#',
  'vertex',
  '#',
  '#',
  '#',
  'vertex',
  '#',
  '#',
  '#',
  'endloop',
  'endfacet',
];
const NUMBER = /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i;
const IS_CORNER = WORDS.map((word, i) => word === '#' && i > 4);

/** The text form, word by word. What stands behind "solid" and "endsolid" is a name. */
function readText(text: string, onProgress: OnProgress): Result<Mesh> {
  const figures: number[] = [];
  const next = /\S+/g;
  next.lastIndex = text.indexOf('\n') < 0 ? text.length : text.indexOf('\n');
  for (let i = 0; ; i += 1) {
    const first = next.exec(text)?.[0].toLowerCase();
    if (first === undefined || first === 'endsolid') break;
    if (i >= MOST_TRIANGLES) return tooMany(i + 1);
    for (let w = 0; w < WORDS.length; w += 1) {
      const word = w === 0 ? first : next.exec(text)?.[0].toLowerCase();
      const expected = WORDS[w]!;
      if (word === undefined) return bad(`triangle ${i + 1}`, `The file ends in the middle of triangle ${i + 1}. Save the model again.`);
      if (expected !== '#' && word !== expected)
        return bad(`triangle ${i + 1}`, `In triangle ${i + 1} “${word.slice(0, 20)}” is in place of “${expected}”. The file is damaged.`);
      if (expected !== '#') continue;
      if (!IS_CORNER[w]) continue;
      const each = Number(word);
      if (!NUMBER.test(word) || !isPlace(each)) return unreal(i);
      figures.push(each + 0);
    }
    if (i % PROGRESS_EVERY === 0) onProgress(next.lastIndex, text.length);
  }
  if (figures.length === 0) return bad('', 'The file contains no triangles.');
  return good(Float32Array.from(figures));
}

/**
 * Reads an STL file, binary or text, mm. Refused whole where anything in it is not as it should be, with the place.
 *
 * @param onProgress hears how much was read, of how much
 */
export function readStl(bytes: ArrayBuffer, onProgress: OnProgress = () => undefined): Result<Mesh> {
  if (bytes.byteLength > LARGEST_STL) return bad('', 'The file is larger than any model that can be opened here. Save the model coarser.');
  const view = new DataView(bytes);
  const said = bytes.byteLength >= START ? view.getUint32(HEAD, true) : -1;
  if (said >= 0 && bytes.byteLength === START + EACH * said) {
    if (said === 0) return bad('', 'The file contains no triangles.');
    return said > MOST_TRIANGLES ? tooMany(said) : readBinary(view, said, onProgress);
  }
  const head = new TextDecoder().decode(bytes.slice(0, 512));
  if (/^\s*solid\b/i.test(head) && !head.includes('\u0000')) return readText(new TextDecoder().decode(bytes), onProgress);
  if (said < 0) return bad('', 'This is not an STL file. Choose one ending in .stl.');
  const there = Math.floor((bytes.byteLength - START) / EACH);
  return bad(
    '',
    `The file says ${said.toLocaleString('en-GB')} triangles and has room for ${there.toLocaleString('en-GB')}: it is cut short or damaged, or no STL.`,
  );
}
