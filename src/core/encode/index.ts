export { type Separator, harmlessCell, comparisonTable, piecesTable, writeTable } from './csv';
export { readJson } from './json';
export { packSent, readSent, sentOf } from './sent';
export { refusal } from './refusal';
export { FILE_VERSION, LARGEST_FILE, type WorkspaceRead, readWorkspace, writeWorkspace } from './workspace-file';
