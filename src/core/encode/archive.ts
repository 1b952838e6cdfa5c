import { type Result, bad, good } from '@/core/units';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { LARGEST_FILE } from './workspace-file';

/** A workspace with its pictures as one file: a zip of the workspace file and of each picture under its id. */

const INSIDE = 'workspace.json';
const PICTURES = 'pictures/';

/** Larger than any workshop with its pictures; refused before it is read. Bytes. */
export const LARGEST_ARCHIVE = 400 * 1024 * 1024;
const LARGEST_PICTURE = 8 * 1024 * 1024;

export interface Picture {
  readonly id: string;
  readonly bytes: Uint8Array;
}

/** Pictures are packed already: they are laid in as they are. */
export function writeArchive(workspaceText: string, pictures: readonly Picture[]): Uint8Array {
  const files = Object.fromEntries(
    pictures.map(({ id, bytes }) => [`${PICTURES}${id}.jpg`, [bytes, { level: 0 }] as [Uint8Array, { level: 0 }]]),
  );
  return zipSync({ [INSIDE]: strToU8(workspaceText), ...files });
}

/** Whether bytes begin as a zip does. */
export const isArchive = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4;

const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff;

const NAME = /^pictures\/([A-Za-z0-9_-]{1,100})\.jpg$/;

/** Takes a zip apart. Anything else in it than a workspace and its pictures, or more than any workshop has, is refused whole. */
export function readArchive(bytes: Uint8Array): Result<{ readonly text: string; readonly pictures: readonly Picture[] }> {
  let fault: string | undefined;
  let whole = 0;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        whole += originalSize;
        if (name !== INSIDE && !NAME.test(name)) fault ??= `“${name.slice(0, 60)}” does not belong in it`;
        else if (originalSize > (name === INSIDE ? LARGEST_FILE : LARGEST_PICTURE) || whole > LARGEST_ARCHIVE)
          fault ??= `“${name}” is larger than it may be`;
        return fault === undefined;
      },
    });
  } catch {
    return bad('', 'The file is damaged: it cannot be unpacked.');
  }
  if (fault) return bad('', `This is not a workspace file with pictures: ${fault}.`);
  const { [INSIDE]: workspace, ...others } = files;
  if (!workspace) return bad('', 'This file contains no workspace.');
  const pictures = Object.entries(others).map(([name, each]) => ({ id: NAME.exec(name)![1]!, bytes: each }));
  const broken = pictures.find((picture) => !isJpeg(picture.bytes));
  if (broken) return bad('', `The picture ${broken.id} is damaged.`);
  return good({ text: strFromU8(workspace), pictures });
}
