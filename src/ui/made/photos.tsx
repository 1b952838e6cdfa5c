'use client';

import type { MadePiece, Photo, Run } from '@/core/records';
import { photoStore, madeActs } from '@/store';
import { Act, DeleteAct } from '@/ui/fields';
import { newKey, run as perform } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';

/** The longer side of a kept picture, px, and how finely it is kept. */
const LARGEST = 1280;
const QUALITY = 0.82;
const MOST = 20;

/** A picture made small: turned right, and drawn anew so that nothing of where and with what it was taken stays in it. */
async function madeSmall(file: File): Promise<{ readonly picture: Blob; readonly width: number; readonly height: number }> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LARGEST / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!picture) throw new Error('The picture could not be made small.');
  return { picture, width, height };
}

/** Which pictures are not taken, since a piece has as many as it may. */
const tooMany = (files: readonly File[]): string =>
  `A piece keeps ${MOST} pictures. Not added: ${files.map(({ name }) => name).join(', ')}.`;

const isFull = (error: unknown): boolean => error instanceof Error && /quota/i.test(`${error.name} ${error.message}`);

/** Pictures of a piece: taken in, looked at, deleted. */
export function Photos({ run, piece }: { run: Run; piece: MadePiece }) {
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<string | undefined>();
  const name = `${run.name} ${piece.no}`;
  const photos = piece.photos ?? [];
  const take = async (files: readonly File[]) => {
    setSaid(undefined);
    const { keepPhoto } = await photoStore();
    const room = MOST - photos.length;
    const faults = files.slice(room).length > 0 ? [tooMany(files.slice(room))] : [];
    for (const file of files.slice(0, room)) {
      const small = await madeSmall(file).catch(() => undefined);
      if (!small) {
        faults.push(`${file.name} is not a picture that this browser can open. Choose a JPEG or PNG.`);
        continue;
      }
      try {
        const { picture, width, height } = small;
        const id = newKey();
        await keepPhoto(id, picture);
        const photo: Photo = { id, width, height };
        perform(
          madeActs.editPiece(piece.id, (now) => ({ ...now, photos: [...(now.photos ?? []), photo].slice(0, MOST) }), `${name}: picture`),
        );
      } catch (error) {
        faults.push(
          isFull(error)
            ? `There is no storage space left for ${file.name}. Everything else is kept. Free some space on this device, then add it again.`
            : `The browser could not save ${file.name}. Everything else is kept. Try again.`,
        );
      }
    }
    if (faults.length > 0) setSaid(faults.join(' '));
  };
  return (
    <Box marginTop="1">
      <HStack gap="2" flexWrap="wrap" alignItems="flex-end">
        {photos.map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            words={`Picture of ${name}`}
            onDelete={() =>
              perform(
                madeActs.editPiece(
                  piece.id,
                  (now) => ({ ...now, photos: now.photos?.filter(({ id }) => id !== photo.id) }),
                  `${name}: picture deleted`,
                ),
              )
            }
          />
        ))}
        <input
          ref={input}
          type="file"
          accept="image/*"
          multiple
          hidden
          aria-label={`Pictures of ${name}`}
          onChange={(event) => {
            const files = [...(event.currentTarget.files ?? [])];
            event.currentTarget.value = '';
            void take(files);
          }}
        />
        <Act onClick={() => input.current?.click()}>Add a picture</Act>
      </HStack>
      {said && (
        <Box role="alert" color="bad" fontSize="sm">
          {said}
        </Box>
      )}
    </Box>
  );
}

function Picture({ photo, words, onDelete }: { photo: Photo; words: string; onDelete: () => void }) {
  const [url, setUrl] = useState<string | undefined>();
  const [gone, setGone] = useState(false);
  useEffect(() => {
    let made: string | undefined;
    let left = false;
    void photoStore()
      .then(({ photoOf }) => photoOf(photo.id))
      .then((picture) => {
        if (left) return;
        if (!picture) return setGone(true);
        made = URL.createObjectURL(picture);
        setUrl(made);
      });
    return () => {
      left = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [photo.id]);
  return (
    <Box>
      {gone ? (
        <Box fontSize="sm" color="fg.muted" maxWidth="120px">
          No picture: it was left out of the file.
        </Box>
      ) : (
        <chakra.img
          src={url}
          alt={words}
          width="7.5rem"
          height={`${Math.round((120 * photo.height) / photo.width)}px`}
          borderRadius="4px"
          background="bg.panel"
        />
      )}
      <DeleteAct label={`Delete the picture`} onClick={onDelete} />
    </Box>
  );
}
