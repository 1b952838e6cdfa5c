import type { Workspace } from '@/core/records';
import { RimbetDatabase } from './db';
import type { Entry } from './stored-state';
import { SecondCopy } from './second-copy';

/**
 * Pictures of pieces. They lie in the browser's database beside the rows and are read one by one: nothing of the text waits for them.
 * A picture is put first, then the row that names it; one that no row and no undo names any more is swept away a day later.
 */

let opened: RimbetDatabase | undefined;

const photos = async () => (await (opened ??= new RimbetDatabase()).opened()).photos;

/** What stands apart from the database. */
const copy = new SecondCopy();

/** Keeps a picture; rejects where the disk is full. The second copy has it too, where there is room. */
export async function keepPhoto(id: string, picture: Blob): Promise<void> {
  await (await photos()).put({ id, picture, at: Date.now() });
  await copy.keepPicture(id, picture).catch(() => undefined);
}

export const photoOf = async (id: string): Promise<Blob | undefined> =>
  (await (await photos()).get(id))?.picture ?? (await copy.pictureOf(id).catch(() => undefined));

/** Puts the pictures that rows name back into a database that has lost them. */
export async function restorePhotos(workspace: Pick<Workspace, 'pieces'>): Promise<void> {
  const table = await photos();
  const there = new Set(await table.toCollection().primaryKeys());
  for (const id of named(workspace, [])) {
    const picture = there.has(id) ? undefined : await copy.pictureOf(id);
    if (picture) await table.put({ id, picture, at: Date.now() });
  }
}

const A_DAY = 24 * 60 * 60 * 1000;

/** The pictures that rows, and what can still be undone, speak of. */
function named({ pieces }: Pick<Workspace, 'pieces'>, history: readonly Entry[]): Set<string> {
  const ids = new Set(pieces.flatMap((piece) => (piece.photos ?? []).map(({ id }) => id)));
  for (const { changes } of history)
    for (const { table, before, after } of changes)
      if (table === 'pieces') for (const row of [before, after]) for (const { id } of row?.photos ?? []) ids.add(id);
  return ids;
}

/** Takes away what nothing names any more. */
export async function sweepPhotos(workspace: Pick<Workspace, 'pieces'>, history: readonly Entry[]): Promise<number> {
  const used = named(workspace, history);
  const table = await photos();
  const keys = await table.filter(({ id, at }) => !used.has(id) && at < Date.now() - A_DAY).primaryKeys();
  await table.bulkDelete(keys);
  await copy.sweepPictures(keys);
  return keys.length;
}
