import { fileSave } from 'browser-fs-access';

async function save(blob: Blob, fileName: string): Promise<void> {
  const extension = fileName.slice(fileName.lastIndexOf('.'));
  try {
    await fileSave(blob, { fileName, extensions: [extension] });
  } catch (error) {
    // giving up in the browser's dialog is no error
    if (!(error instanceof DOMException && error.name === 'AbortError')) throw error;
  }
}

/** Hands a text to the person as a file. */
export const saveText = (text: string, fileName: string, type: string): Promise<void> =>
  save(new Blob([text], { type: `${type};charset=utf-8` }), fileName);

/** Hands bytes to the person as a file. */
export const saveBytes = (bytes: ArrayBuffer, fileName: string, type: string): Promise<void> => save(new Blob([bytes], { type }), fileName);
