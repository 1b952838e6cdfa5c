import { type WorkspaceRead, readWorkspace } from '@/core/encode';
import { onJob } from './job';

onJob<File, WorkspaceRead>(async (file, tell) => readWorkspace(await file.text(), (done, of) => tell({ done, of })));
