import type { Workspace } from '@/core/workspace';
import { photoStore } from '@/store';
import type { FileToSave } from './save';
import { workspaceStore } from './use-workspace';

/** That all was exported now, for the reminder. */
function exported(at: string): void {
  const { done } = workspaceStore().getSnapshot();
  workspaceStore().set({ exported: { at, since: done } });
}

/** The whole workspace as a file. Its writer is fetched when first needed. */
export async function workspaceFile(workspace: Workspace): Promise<FileToSave> {
  const { writeWorkspace } = await import('@/core/encode');
  const now = new Date().toISOString();
  exported(now);
  return { content: writeWorkspace(workspace, now), name: `rimbet-${now.slice(0, 10)}.json`, type: 'application/json' };
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
