export { type Separator, harmlessCell, comparisonTable, piecesTable, writeTable } from './csv';
export { readJson } from './json';
export { packSent, readSent, sentOf } from './sent';
export { refusal } from './refusal';
export { COLUMNS, type Column, type RowRead, type Table, guessedColumns, partsFrom, readTable } from './table-in';
export { FILE_VERSION, LARGEST_FILE, type WorkspaceRead, readWorkspace, writeWorkspace } from './workspace-file';
export { LOG_COLUMNS, type LogColumn, type LogLine, guessedLogColumns, madeFrom, madeTable, runsFrom } from './log-table';
export { LARGEST_ARCHIVE, type Picture, isArchive, readArchive, writeArchive } from './archive';
