import { checksum } from '@/core/checksum';
import type { StoredState } from './stored-state';
import { type Patch, patched } from './patch';

/**
 * A copy of everything that stands apart from the database, in the origin's private file system: the whole as it was once (a snapshot),
 * and behind it each patch since (a journal). Two snapshots are kept in turn, each with its journal, so that one that is damaged loses
 * nothing. Every line carries its checksum. Pictures lie beside them, a file each.
 */

/** What was found of a copy. `whole` says whether all of it could be read. */
export interface FoundCopy {
  readonly kept: StoredState;
  /** When the last of it was written, ISO. */
  readonly at: string;
  readonly whole: boolean;
}

const FOLDER = 'second-copy';
const PICTURES = 'pictures';
const ASIDE = 'set-aside.txt';
const SLOTS = [0, 1] as const;
type Slot = (typeof SLOTS)[number];

const snapshotName = (slot: Slot) => `snapshot-${slot}.txt`;
const journalName = (slot: Slot) => `journal-${slot}.txt`;

/** A journal longer than this is begun anew behind a new snapshot. Bytes. */
const LONGEST_JOURNAL = 256 * 1024;
/** No first line of a snapshot is longer. Bytes. */
const LONGEST_HEADER = 400;

/** The first line of a snapshot: snapshots are counted, and the higher number is the newer. */
interface Header {
  readonly no: number;
  readonly at: string;
  readonly databaseId?: string | undefined;
  readonly stamp: number;
}

/** A line of a journal. */
interface Entered {
  readonly at: string;
  readonly databaseId?: string | undefined;
  readonly patch: Patch;
}

const sealed = (value: unknown): string => {
  const text = JSON.stringify(value);
  return `${checksum(text)} ${text}\n`;
};

/** What a sealed line says; nothing where it is not as it was written. */
function opened<T>(line: string): T | undefined {
  const text = line.slice(9);
  return checksum(text) === line.slice(0, 8) ? (JSON.parse(text) as T) : undefined;
}

const linesOf = (text: string): string[] => text.split('\n').filter((line) => line !== '');

/** The origin's private file system; none where the browser has none or the page is not served safely. */
async function privateFolder(): Promise<FileSystemDirectoryHandle | undefined> {
  try {
    return await navigator.storage.getDirectory();
  } catch {
    return undefined;
  }
}

/** One tab at a time reads or writes the copy. */
const alone = async <T>(work: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks ? await navigator.locks.request('rimbet-second-copy', work) : work();

export class SecondCopy {
  constructor(private readonly root: () => Promise<FileSystemDirectoryHandle | undefined> = privateFolder) {}

  private async folder(): Promise<FileSystemDirectoryHandle | undefined> {
    const root = await this.root();
    return root?.getDirectoryHandle(FOLDER, { create: true });
  }

  /** What was written to the database goes into the copy: as lines of the journal, or as a new snapshot where it cannot or shall not go on. */
  async follow(kept: StoredState, patches: readonly Patch[], anew = false): Promise<void> {
    const folder = await this.folder();
    if (!folder) return;
    await alone(async () => {
      const at = new Date().toISOString();
      const newest = await this.newest(folder);
      const goesOn =
        !anew && newest?.whole && newest.databaseId === kept.databaseId && newest.stamp === (patches.at(0)?.from ?? kept.stamp);
      if (goesOn) {
        const lines = patches.map((patch) => sealed({ at, databaseId: kept.databaseId, patch } satisfies Entered)).join('');
        if (lines !== '') await write(folder, journalName(newest.slot), lines, true);
        if (newest.journal + lines.length <= LONGEST_JOURNAL) return;
      }
      await this.snapshot(folder, kept, { no: (newest?.no ?? 0) + 1, slot: newest?.slot === 0 ? 1 : 0, at });
    });
  }

  private async snapshot(folder: FileSystemDirectoryHandle, kept: StoredState, { no, slot, at }: { no: number; slot: Slot; at: string }) {
    await gone(folder, journalName(slot));
    const { databaseId, stamp } = kept;
    await write(folder, snapshotName(slot), sealed({ no, at, databaseId, stamp } satisfies Header) + sealed(kept));
  }

  /** Up to where the newest snapshot and its journal go, as far as is seen without reading all of it. */
  private async newest(folder: FileSystemDirectoryHandle) {
    const headers = await Promise.all(
      SLOTS.map(async (slot) => {
        const file = await fileOf(folder, snapshotName(slot));
        const header = file && opened<Header>((await file.slice(0, LONGEST_HEADER).text()).split('\n')[0]!);
        return header && { ...header, slot };
      }),
    );
    const [header] = headers.flatMap((each) => (each ? [each] : [])).sort((a, b) => b.no - a.no);
    if (!header) return undefined;
    const journal = (await (await fileOf(folder, journalName(header.slot)))?.text()) ?? '';
    const lines = linesOf(journal).map((line) => opened<Entered>(line));
    return { ...header, stamp: lines.at(-1)?.patch.to ?? header.stamp, journal: journal.length, whole: !lines.includes(undefined) };
  }

  /**
   * Reads the copy and checks every line of it: the newest snapshot that is whole, and all that was done since. Undefined where there
   * is none; `damaged` where nothing of it can be read.
   */
  async find(): Promise<FoundCopy | 'damaged' | undefined> {
    const folder = await this.folder();
    return folder && alone(() => this.read(folder));
  }

  private async read(folder: FileSystemDirectoryHandle): Promise<FoundCopy | 'damaged' | undefined> {
    const texts = await Promise.all(SLOTS.map(async (slot) => (await fileOf(folder, snapshotName(slot)))?.text()));
    const written = texts.filter((text) => text !== undefined);
    const snapshots = written.map((text) => {
      const [header = '', body = ''] = linesOf(text);
      return { header: opened<Header>(header), kept: opened<StoredState>(body) };
    });
    const [newest] = snapshots
      .flatMap(({ header, kept }) => (header && kept ? [{ header, kept }] : []))
      .sort((a, b) => b.header.no - a.header.no);
    if (!newest) return written.length > 0 ? 'damaged' : undefined;
    const journals = await Promise.all(SLOTS.map(async (slot) => (await (await fileOf(folder, journalName(slot)))?.text()) ?? ''));
    const lines = linesOf(journals.join('')).map((line) => opened<Entered>(line));
    const patches = lines
      .flatMap((line) => (line && line.databaseId === newest.kept.databaseId ? [line] : []))
      .sort((a, b) => a.patch.from - b.patch.from);
    let { kept } = newest;
    let { at } = newest.header;
    for (const line of patches) {
      if (line.patch.from !== kept.stamp) continue;
      kept = patched(kept, line.patch);
      ({ at } = line);
    }
    const reached = Math.max(...snapshots.flatMap(({ header }) => (header ? [header.stamp] : [])), ...patches.map(({ patch }) => patch.to));
    return { kept, at, whole: lines.every((line) => line !== undefined) && kept.stamp >= reached };
  }

  /** Puts the copy aside, so that another can begin: it is not read again by itself. */
  async setAside(): Promise<void> {
    const folder = await this.folder();
    if (!folder) return;
    await alone(async () => {
      const found = await this.read(folder);
      if (found && found !== 'damaged') await write(folder, ASIDE, sealed(found));
      for (const slot of SLOTS) for (const name of [snapshotName(slot), journalName(slot)]) await gone(folder, name);
    });
  }

  /** What was set aside, if it can be read. */
  async aside(): Promise<FoundCopy | undefined> {
    const folder = await this.folder();
    const text = folder && (await (await fileOf(folder, ASIDE))?.text());
    return text === undefined ? undefined : opened<FoundCopy>(text.trimEnd());
  }

  async keepPicture(id: string, picture: Blob): Promise<void> {
    const folder = await (await this.folder())?.getDirectoryHandle(PICTURES, { create: true });
    if (folder) await write(folder, id, picture);
  }

  async pictureOf(id: string): Promise<Blob | undefined> {
    const folder = await (await this.folder())?.getDirectoryHandle(PICTURES, { create: true });
    const file = folder && (await fileOf(folder, id));
    // a file knows no type here
    return file && new Blob([await file.arrayBuffer()], { type: 'image/jpeg' });
  }

  async sweepPictures(ids: readonly string[]): Promise<void> {
    const folder = await (await this.folder())?.getDirectoryHandle(PICTURES, { create: true });
    for (const id of folder ? ids : []) await gone(folder!, id);
  }
}

async function fileOf(folder: FileSystemDirectoryHandle, name: string): Promise<File | undefined> {
  try {
    return await (await folder.getFileHandle(name)).getFile();
  } catch (error) {
    if ((error as Error).name === 'NotFoundError') return undefined;
    throw error;
  }
}

const gone = (folder: FileSystemDirectoryHandle, name: string): Promise<void> =>
  folder.removeEntry(name).catch((error: Error) => {
    if (error.name !== 'NotFoundError') throw error;
  });

/** Writes a file, or goes on behind what is in it: either all of it is there afterwards or nothing has changed. Then reads it back. */
async function write(folder: FileSystemDirectoryHandle, name: string, content: string | Blob, goesOn = false): Promise<void> {
  const handle = await folder.getFileHandle(name, { create: true });
  const before = goesOn ? (await handle.getFile()).size : 0;
  const out = await handle.createWritable({ keepExistingData: goesOn });
  try {
    await out.seek(before);
    await out.write(content);
  } catch (error) {
    await out.abort().catch(() => undefined);
    throw error;
  }
  await out.close();
  const back = (await handle.getFile()).slice(before);
  const isSame = typeof content === 'string' ? (await back.text()) === content : back.size === content.size;
  if (isSame) return;
  // the first line of a snapshot may be whole: nothing may go on behind it
  if (!goesOn) await gone(folder, name);
  throw new Error(`${name} was not written as it should be.`);
}
