/**
 * A folder of the origin's private file system in memory, as the specification has it: a file changes when its stream is closed and
 * not before, and what is not there is a NotFoundError. `room` bytes fit in it; a disk that lies loses the last bytes of what it is given.
 */
export class MemoryFolder {
  readonly files = new Map<string, Uint8Array>();
  private readonly folders = new Map<string, MemoryFolder>();
  room = Infinity;
  loses = 0;
  readonly getDirectoryHandle = async (name: string) => {
    const folder = this.folders.get(name) ?? new MemoryFolder();
    this.folders.set(name, folder);
    return folder;
  };
  readonly getFileHandle = async (name: string, { create = false } = {}) => {
    if (!this.files.has(name) && !create) throw new DOMException(name, 'NotFoundError');
    if (!this.files.has(name)) this.files.set(name, new Uint8Array());
    return {
      getFile: async () => new Blob([this.files.get(name)! as BlobPart]),
      createWritable: async ({ keepExistingData = false } = {}) => {
        let bytes = keepExistingData ? this.files.get(name)! : new Uint8Array();
        let at = 0;
        return {
          seek: async (to: number) => void (at = to),
          write: async (content: string | Blob) => {
            const more = new Uint8Array(await new Blob([content]).arrayBuffer());
            if (at + more.length > this.room) throw new DOMException('full', 'QuotaExceededError');
            const next = new Uint8Array(Math.max(bytes.length, at + more.length));
            next.set(bytes);
            next.set(more, at);
            [bytes, at] = [next, at + more.length];
          },
          close: async () => void this.files.set(name, bytes.slice(0, bytes.length - this.loses)),
          abort: async () => undefined,
        };
      },
    };
  };
  readonly removeEntry = async (name: string) => {
    if (!this.files.delete(name)) throw new DOMException(name, 'NotFoundError');
  };
}
