/** A file to hand to the person. The type is a bare one, as a save dialog takes it: no parameters. */
export interface FileToSave {
  readonly name: string;
  readonly type: string;
  readonly content: string | ArrayBuffer;
}

/** Where a file went: under which name, and whether the person chose the place or the browser did. */
export interface SavedFile {
  readonly name: string;
  readonly chosen: boolean;
}

const blobOf = ({ content, type }: FileToSave): Blob => new Blob([content], { type });

/** By the browser's own save dialog, or as a download where it has none. Undefined when the person gave up in the dialog. */
export async function saveFile(file: FileToSave): Promise<SavedFile | undefined> {
  const { name } = file;
  const extension = name.slice(name.lastIndexOf('.'));
  try {
    const { fileSave } = await import('browser-fs-access');
    const handle = await fileSave(blobOf(file), { fileName: name, extensions: [extension] });
    return handle ? { name: handle.name, chosen: true } : { name, chosen: false };
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return undefined;
    throw error;
  }
}

/** As a download, where the dialog failed. */
export function downloadFile(file: FileToSave): SavedFile {
  const url = URL.createObjectURL(blobOf(file));
  const link = document.createElement('a');
  link.href = url;
  link.download = file.name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
  return { name: file.name, chosen: false };
}
