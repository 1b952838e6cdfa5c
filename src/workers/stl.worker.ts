import { readStl } from '@/core/encode';
import { type Mesh, type MeshMeasures, measureMesh } from '@/core/mesh';
import { type Result, good } from '@/core/units';
import { onJob } from './job';

export interface StlAsk {
  readonly file: File;
  /** Degrees that are enough. */
  readonly leastDraft: number;
}

/** A model read from a file, and what it is. */
export interface StlRead {
  readonly mesh: Mesh;
  readonly measures: MeshMeasures;
}

onJob<StlAsk, Result<StlRead>>(
  async ({ file, leastDraft }, tell) => {
    const read = readStl(await file.arrayBuffer(), (done, of) => tell({ done, of }));
    return read.ok ? good({ mesh: read.value, measures: measureMesh(read.value, leastDraft) }) : read;
  },
  (found) => (found.ok ? [found.value.mesh.buffer] : []),
);
