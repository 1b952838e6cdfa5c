import type { Workspace } from '@/core/records';
import { photoStore } from '@/store';
import type { FileToSave } from './save';
import { workspaceStore } from './use-workspace';

/** That all was exported now, for the reminder. */
function exported(at: string): void {
  const { done } = workspaceStore().getSnapshot();
  workspaceStore().set({ exported: { at, since: done } });
}

/** A workspace as it was at a moment, as a file. Its writer is fetched when first needed. */
export async function fileOf(workspace: Workspace, at: string): Promise<FileToSave> {
  const { writeWorkspace } = await import('@/core/encode');
  return { content: writeWorkspace(workspace, at), name: `rimbet-${at.slice(0, 10)}.json`, type: 'application/json' };
}

/** The whole workspace as a file: it counts as exported. */
export async function workspaceFile(workspace: Workspace): Promise<FileToSave> {
  const now = new Date().toISOString();
  const file = await fileOf(workspace, now);
  exported(now);
  return file;
}

/** The same with the pictures of its pieces, as one zip. One that is gone is left out. */
export async function workspaceArchive(workspace: Workspace): Promise<FileToSave> {
  const [{ writeArchive, writeWorkspace }, { photoOf }] = await Promise.all([import('@/core/encode'), photoStore()]);
  const now = new Date().toISOString();
  const ids = new Set(workspace.pieces.flatMap(({ photos = [] }) => photos.map(({ id }) => id)));
  const pictures = [];
  for (const id of ids) {
    const picture = await photoOf(id);
    if (picture) pictures.push({ id, bytes: new Uint8Array(await picture.arrayBuffer()) });
  }
  exported(now);
  const { buffer } = writeArchive(writeWorkspace(workspace, now), pictures);
  return { content: buffer as ArrayBuffer, name: `rimbet-${now.slice(0, 10)}.zip`, type: 'application/zip' };
}
