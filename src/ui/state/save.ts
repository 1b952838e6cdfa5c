import { fileSave } from 'browser-fs-access';

/** Hands a text to the person as a file. Giving up in the browser's dialog is no error. */
export async function saveText(text: string, fileName: string, type: string): Promise<void> {
  const extension = fileName.slice(fileName.lastIndexOf('.'));
  try {
    await fileSave(new Blob([text], { type: `${type};charset=utf-8` }), { fileName, extensions: [extension] });
  } catch (error) {
    if (!(error instanceof DOMException && error.name === 'AbortError')) throw error;
  }
}
