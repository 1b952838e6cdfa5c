'use client';

import { type FileToSave, type SavedFile, downloadFile, saveFile } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { Act, type ActProps } from './button';

/** A file that can be taken away: what its button says, and how it is made. */
export interface Saveable {
  readonly words: string;
  readonly label?: string;
  readonly look?: ActProps['look'];
  readonly make: () => FileToSave | Promise<FileToSave>;
}

type State =
  | { readonly kind: 'ready' }
  | { readonly kind: 'making'; readonly words: string }
  | { readonly kind: 'saved'; readonly file: SavedFile }
  /** The file is there where only handing it over failed. */
  | { readonly kind: 'failed'; readonly why: string; readonly file?: FileToSave | undefined };

const reason = (error: unknown): string => (error instanceof Error && error.message ? error.message : 'The browser gave no reason.');

function useSaves() {
  const [state, setState] = useState<State>({ kind: 'ready' });
  const save = async ({ words, make }: Saveable) => {
    setState({ kind: 'making', words });
    let file: FileToSave | undefined;
    try {
      file = await make();
      const saved = await saveFile(file);
      setState(saved ? { kind: 'saved', file: saved } : { kind: 'ready' });
    } catch (error) {
      setState({ kind: 'failed', why: reason(error), file });
    }
  };
  const download = (file: FileToSave) => setState({ kind: 'saved', file: downloadFile(file) });
  return { state, save, download };
}

const savedWords = ({ name, chosen }: SavedFile): string =>
  chosen ? `Saved as ${name} in the folder you chose.` : `Saved as ${name} in your downloads.`;

/** Buttons that save files; beside them where the last one went, or why it could not be saved and what to do. */
export function Saves({ files, children }: { files: readonly Saveable[]; children?: ReactNode }) {
  const { state, save, download } = useSaves();
  return (
    <Box data-saves={state.kind}>
      <HStack gap="2" flexWrap="wrap">
        {children}
        {files.map((file) => {
          const making = state.kind === 'making' && state.words === file.words;
          return (
            <Act
              key={file.words}
              look={file.look ?? 'plain'}
              aria-label={file.label}
              disabled={state.kind === 'making'}
              onClick={() => void save(file)}
            >
              {making ? 'Preparing…' : file.words}
            </Act>
          );
        })}
      </HStack>
      <Box role="status" fontSize="sm" color="fg.muted">
        {state.kind === 'saved' && savedWords(state.file)}
      </Box>
      {state.kind === 'failed' && (
        <Box role="alert" fontSize="sm" color="bad" maxWidth="420px">
          Not saved: {state.why}{' '}
          {state.file ? (
            <>
              Try again, or{' '}
              <Act minHeight="max(var(--finger), 28px)" onClick={() => download(state.file!)}>
                download it instead
              </Act>
            </>
          ) : (
            'The file could not be made. Try again. If it fails again, reload the page.'
          )}
        </Box>
      )}
    </Box>
  );
}
