export { type Units, useUnits } from './units';
export { run, useWorkspace, workspaceStore } from './use-workspace';
export { saveBytes, saveText } from './save';
