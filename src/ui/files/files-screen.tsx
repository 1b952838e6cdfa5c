'use client';

import type { Picture } from '@/core/encode';
import type { Problem, Result } from '@/core/units';
import { DEMO } from '@/core/example';
import { claysHere, received, type Workspace } from '@/core/records';
import { commands, photoStore } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { newKey, useGo, useWorkspace, workspaceArchive, workspaceFile, workspaceStore } from '@/ui/state';
import { type FileHolds, type Job, type Progress, readFile } from '@/workers';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { type ReactNode, useEffect, useEffectEvent, useRef, useState } from 'react';
import { ImportPreview } from './import-preview';
import { WhereItIsKept } from './where-it-is-kept';
import { ReceivedClays } from './received-clays';

/** Larger than any workshop with its pictures; refused before it is read. Bytes; the reader has the same bound, and one for each part. */
const LARGEST_FILE = 400 * 1024 * 1024;

interface Chosen {
  readonly fileName: string;
  readonly reading?: Progress;
  readonly workspace?: Workspace;
  readonly pictures?: readonly Picture[];
  readonly problem?: string;
  /** One piece from another device, to be added; never everything in place of what is here. */
  readonly sent?: boolean;
}

/** A file being read, without touching anything; then what it holds or why it was refused. */
function useChosenFile() {
  const [chosen, setChosen] = useState<Chosen | undefined>();
  const job = useRef<Job<Result<FileHolds>> | undefined>(undefined);
  const clear = () => {
    job.current?.cancel();
    setChosen(undefined);
  };
  const choose = (file: File) => {
    clear();
    const fileName = file.name;
    if (file.size > LARGEST_FILE)
      return setChosen({ fileName, problem: `The file is larger than ${LARGEST_FILE / 1024 / 1024} MB, so it is not a workspace file.` });
    setChosen({ fileName, reading: { done: 0, of: 0 } });
    job.current = readFile(file, (reading) => setChosen({ fileName, reading }));
    return void job.current.result.then(
      (read) => setChosen({ fileName, ...(read.ok ? read.value : { problem: problemWords(read.problem) }) }),
      (error: Error) => setChosen({ fileName, problem: error.message }),
    );
  };
  const chooseSent = (text: string) => {
    clear();
    void import('@/core/encode').then(({ readSent }) => {
      const read = readSent(text);
      const fileName = read.ok ? `“${read.value.plans[0]?.name ?? 'Nothing'}”, sent` : 'Shared piece';
      setChosen({ fileName, sent: true, ...(read.ok ? { workspace: read.value } : { problem: problemWords(read.problem) }) });
    });
  };
  return { chosen, choose, chooseSent, clear };
}

const problemWords = ({ path, message }: Problem): string => (path && !message.includes(path) ? `${path}: ${message}` : message);

/** How far the reading is, and the way out of it. */
function Reading({ fileName, progress: { done, of }, onCancel }: { fileName: string; progress: Progress; onCancel: () => void }) {
  return (
    <HStack role="status" marginTop="3" gap="3" flexWrap="wrap">
      <label>
        Reading <b>{fileName}</b> {of > 0 && `${done} of ${of}`} <progress value={of > 0 ? done / of : undefined} />
      </label>
      <Act onClick={onCancel}>Cancel</Act>
    </HStack>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" marginTop="6" maxWidth="720px">
      <chakra.h2 fontSize="1.125rem" fontWeight="650" marginBottom="1">
        {title}
      </chakra.h2>
      {children}
    </Box>
  );
}

/** The workspace out to a file and in from one; an empty start; the example workshop. */
export function FilesScreen() {
  const { status, workspace } = useWorkspace();
  const { chosen, choose, chooseSent, clear } = useChosenFile();
  const [refused, setRefused] = useState<string | undefined>();
  const [mine, setMine] = useState<ReadonlySet<string>>(new Set());
  const go = useGo();
  const look = useEffectEvent(() => {
    if (location.hash.startsWith('#sent=')) chooseSent(location.hash);
  });
  useEffect(() => {
    look();
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  const input = useRef<HTMLInputElement>(null);
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const pictured = new Set(workspace.pieces.flatMap(({ photos = [] }) => photos.map(({ id }) => id))).size;
  const tell = async (act: ReturnType<typeof commands.clearAll>) => {
    // pictures first: a row may name them
    let kept = 0;
    const pictures = chosen?.pictures ?? [];
    try {
      for (const { id, bytes } of pictures) {
        await (await photoStore()).keepPhoto(id, new Blob([bytes as BlobPart], { type: 'image/jpeg' }));
        kept += 1;
      }
    } catch {
      setRefused(
        `There is no storage space for all pictures: ${kept} of ${pictures.length} were saved. Everything else was opened. Free some space on this device and open the file again for the rest.`,
      );
    }
    workspaceStore().runAndTell(act);
    clear();
  };
  return (
    <Box padding={{ base: '3', md: '20px' }}>
      <chakra.h1 fontSize="1.375rem" fontWeight="680">
        Files
      </chakra.h1>
      <Part title="Save everything to one file">
        <Box color="fg.muted" marginBottom="2">
          {workspace.plans.length} pieces, {workspace.bodies.length} clays and {workspace.batches.length} batches. They are kept in this
          browser only. Save a file to keep your own copy.
        </Box>
        <Saves
          files={[
            { words: 'Save workspace file', look: 'solid', make: () => workspaceFile(workspace) },
            ...(pictured > 0
              ? [{ words: `Save with ${pictured === 1 ? 'its picture' : `${pictured} pictures`}`, make: () => workspaceArchive(workspace) }]
              : []),
          ]}
        />
        <WhereItIsKept />
      </Part>
      <Part title="Open a file">
        <Box color="fg.muted" marginBottom="2">
          You will see all changes before anything happens.
        </Box>
        <input
          ref={input}
          type="file"
          accept=".json,.zip,application/json,application/zip"
          hidden
          aria-label="Workspace file"
          onChange={(event) => {
            const file = event.currentTarget.files?.[0];
            event.currentTarget.value = '';
            if (file) choose(file);
          }}
        />
        <Act onClick={() => input.current?.click()}>Choose a workspace file…</Act>
        {refused && (
          <Box role="alert" marginTop="3" padding="3" background="bad.wash" color="bad" borderRadius="4px">
            {refused}
          </Box>
        )}
        {chosen?.reading && <Reading fileName={chosen.fileName} progress={chosen.reading} onCancel={clear} />}
        {chosen?.problem && (
          <Box role="alert" marginTop="3" padding="3" background="bad.wash" color="bad" borderRadius="4px">
            <b>{chosen.fileName}</b> could not be opened. Nothing was changed. {chosen.problem}
          </Box>
        )}
        {chosen?.workspace && (
          <ImportPreview
            fileName={chosen.fileName}
            incoming={chosen.workspace}
            onMerge={(incoming) => {
              if (!chosen.sent) return void tell(commands.mergeIn(incoming, `${chosen.fileName} merged in`));
              const own = received(workspace, incoming, mine, newKey);
              if (own.plans[0]) go(commands.mergeIn(own, `${chosen.fileName} received`), `/?plan=${own.plans[0].id}`);
            }}
            onReplace={
              chosen.sent ? undefined : (incoming) => void tell(commands.replaceAll(incoming, `everything replaced by ${chosen.fileName}`))
            }
            onCancel={clear}
          >
            {chosen.sent && (
              <>
                <Box marginTop="2">
                  It comes in as a piece of its own, with {chosen.workspace.bodies.map(({ name }) => name).join(', ') || 'no clay'} and what
                  was measured of it.
                  {chosen.workspace.formers.length > 0 && ' Its former comes with it.'}
                </Box>
                <ReceivedClays
                  sent={chosen.workspace}
                  clays={claysHere(workspace, chosen.workspace)}
                  mine={mine}
                  onChoose={(bodyId, isMine) => setMine(new Set(isMine ? [...mine, bodyId] : [...mine].filter((each) => each !== bodyId)))}
                />
              </>
            )}
          </ImportPreview>
        )}
      </Part>
      <Part title="Start over">
        <Box color="fg.muted" marginBottom="2">
          Both can be undone.
        </Box>
        <HStack gap="3" flexWrap="wrap">
          <Act look="danger" onClick={() => void tell(commands.clearAll())}>
            Delete everything
          </Act>
          <Act onClick={() => void tell(commands.replaceAll(DEMO, 'the example workshop'))}>Load the example workshop</Act>
        </HStack>
      </Part>
      <Box marginTop="8" fontSize="sm" color="fg.muted">
        Rimbet {process.env.RIMBET_VERSION}
      </Box>
    </Box>
  );
}
