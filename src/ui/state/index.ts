export { type Units, unitsOf, useUnits } from './units';
export { type Kept, KeptAs, run, useSaid, useWorkspace, workspaceStore } from './use-workspace';
export { type FileToSave, type SavedFile, downloadFile, saveFile } from './save';
export { workspaceArchive, fileOf, workspaceFile } from './workspace-file';
export { newKey } from './new-key';
export { useGo } from './use-go';
export { usePrinting } from './use-printing';
export { isTyping } from './is-typing';
