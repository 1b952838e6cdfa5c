import 'fake-indexeddb/auto';
import { DEMO } from '@/core/example';
import { afterEach, expect, it, vi } from 'vitest';
import { WorkspaceStore, madeActs } from '.';
import { RimbetDatabase } from './db';
import { MemoryFolder } from './memory-folder.test-kit';
import { keepPhoto, photoOf, sweepPhotos } from './photos';

const picture = new Blob(['a picture']);
const DAY = 24 * 60 * 60 * 1000;

afterEach(() => vi.restoreAllMocks());

/** A picture put so many days ago. */
async function keptBefore(days: number, id: string) {
  const now = Date.now();
  vi.spyOn(Date, 'now').mockReturnValue(now - days * DAY);
  await keepPhoto(id, picture);
  vi.restoreAllMocks();
}

const isThere = async (id: string) => (await photoOf(id)) !== undefined;

it('pictures come back from the second copy into a database that has lost them', async () => {
  const root = new MemoryFolder();
  vi.stubGlobal('navigator', { storage: { getDirectory: async () => root } });
  const store = new WorkspaceStore(new RimbetDatabase(), undefined, [1]);
  await store.open();
  await keepPhoto('mug', picture);
  const [piece] = DEMO.pieces;
  store.run(madeActs.editPiece(piece!.id, (now) => ({ ...now, photos: [{ id: 'mug', width: 4, height: 3 }] }), 'a picture'));
  await store.settled();
  await new RimbetDatabase().delete();
  const table = async () => (await new RimbetDatabase().opened()).photos;
  await vi.waitFor(async () => expect(await (await table()).count()).toBe(1));
  expect(await (await table()).get('mug')).toMatchObject({ picture: { size: picture.size } });
  vi.unstubAllGlobals();
});

it('a picture that was just taken is not swept away before the piece that shows it is saved', async () => {
  await keptBefore(0.9, 'new');
  await keptBefore(1.1, 'old');
  expect(await sweepPhotos({ pieces: [] }, [])).toBe(1);
  expect([await isThere('new'), await isThere('old')]).toEqual([true, false]);
});

it('a picture is kept as long as the deletion of its piece can be undone', async () => {
  await keptBefore(3, 'deleted');
  const piece = { ...DEMO.pieces[0]!, photos: [{ id: 'deleted', width: 4, height: 3 }] };
  const changes = [{ table: 'pieces' as const, id: piece.id, before: piece, after: undefined }];
  await sweepPhotos({ pieces: [] }, [{ seq: 1, id: 'entry', label: 'deleted', undone: false, changes }]);
  expect(await isThere('deleted')).toBe(true);
});

it('a picture of a deleted piece is there again when the deletion is undone, also after a new start', async () => {
  const store = new WorkspaceStore(new RimbetDatabase(), undefined);
  await store.open();
  const [piece] = DEMO.pieces;
  const photos = [{ id: 'shown', width: 4, height: 3 }];
  store.run(madeActs.editPiece(piece!.id, (now) => ({ ...now, photos }), 'a picture'));
  store.run(madeActs.deletePiece(piece!, 'Mug'));
  await store.settled();
  // named by then: the first store, too, clears what nothing names once it is idle
  for (const id of ['shown', 'forgotten']) await keptBefore(3, id);
  const next = new WorkspaceStore(new RimbetDatabase(), undefined);
  await next.open();
  // what nothing names goes, once the page has nothing else to do
  await vi.waitFor(async () => expect(await isThere('forgotten')).toBe(false));
  expect(await isThere('shown')).toBe(true);
  next.undo();
  expect(next.getSnapshot().workspace.pieces.find(({ id }) => id === piece!.id)?.photos).toMatchObject([{ id: 'shown' }]);
});
