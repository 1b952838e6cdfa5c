export { type Units, useUnits } from './units';
export { run, useWorkspace, workspaceStore } from './use-workspace';
export { saveText } from './save';
