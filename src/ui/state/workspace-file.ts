import type { Workspace } from '@/core/workspace';
import type { FileToSave } from './save';

/** The whole workspace as a file. Its writer is fetched when first needed. */
export async function workspaceFile(workspace: Workspace): Promise<FileToSave> {
  const { writeWorkspace } = await import('@/core/encode');
  const now = new Date().toISOString();
  return { content: writeWorkspace(workspace, now), name: `rimbet-${now.slice(0, 10)}.json`, type: 'application/json' };
}
