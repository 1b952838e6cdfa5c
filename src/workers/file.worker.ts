import { type Picture, type WorkspaceRead, isArchive, readArchive, readWorkspace } from '@/core/encode';
import { type Result, good } from '@/core/units';
import type { Workspace } from '@/core/records';
import { onJob } from './job';

/** What a file holds: a workspace, with its pictures where they came along. */
export interface FileHolds {
  readonly workspace: Workspace;
  readonly pictures: readonly Picture[];
}

onJob<File, Result<FileHolds>>(async (file, tell) => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const inside = isArchive(bytes) ? readArchive(bytes) : good({ text: new TextDecoder().decode(bytes), pictures: [] });
  if (!inside.ok) return inside;
  const read: WorkspaceRead = readWorkspace(inside.value.text, (done, of) => tell({ done, of }));
  return read.ok ? good({ workspace: read.value, pictures: inside.value.pictures }) : read;
});
