'use client';

import { DEMO, type Workspace } from '@/core/workspace';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { saveText, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { type ReactNode, useRef, useState } from 'react';
import { ImportPreview } from './import-preview';

interface Chosen {
  readonly fileName: string;
  readonly workspace?: Workspace;
  readonly problem?: string;
}

/** Reads a chosen file without touching anything. The reader and its checks are fetched when first needed. */
async function readChosen(file: File): Promise<Chosen> {
  const { LARGEST_FILE, readWorkspace } = await import('@/core/encode');
  const fileName = file.name;
  if (file.size > LARGEST_FILE)
    return { fileName, problem: `The file is larger than ${LARGEST_FILE / 1024 / 1024} MB; a workspace is not.` };
  const read = readWorkspace(await file.text());
  if (read.ok) return { fileName, workspace: read.value };
  const { path, message } = read.problem;
  return { fileName, problem: path && !message.includes(path) ? `${path}: ${message}` : message };
}

async function exportWorkspace(workspace: Workspace): Promise<void> {
  const { writeWorkspace } = await import('@/core/encode');
  const now = new Date().toISOString();
  await saveText(writeWorkspace(workspace, now), `rimbet-${now.slice(0, 10)}.json`, 'application/json');
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" marginTop="6" maxWidth="720px">
      <chakra.h2 fontSize="18px" fontWeight="650" marginBottom="1">
        {title}
      </chakra.h2>
      {children}
    </Box>
  );
}

/** The workspace out to a file and in from one; an empty start; the example workshop. */
export function FilesScreen() {
  const { status, workspace } = useWorkspace();
  const [chosen, setChosen] = useState<Chosen | undefined>();
  const input = useRef<HTMLInputElement>(null);
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  const tell = (act: ReturnType<typeof commands.clearAll>) => {
    workspaceStore().runAndTell(act);
    setChosen(undefined);
  };
  return (
    <Box padding={{ base: '3', md: '20px' }}>
      <chakra.h1 fontSize="22px" fontWeight="680">
        Files
      </chakra.h1>
      <Part title="Save everything to one file">
        <Box color="fg.muted" marginBottom="2">
          {workspace.plans.length} pieces, {workspace.bodies.length} clays and {workspace.batches.length} batches. They are kept in this
          browser only; a file is the copy you hold.
        </Box>
        <Act look="solid" onClick={() => void exportWorkspace(workspace)}>
          Save workspace file
        </Act>
      </Part>
      <Part title="Open a file">
        <Box color="fg.muted" marginBottom="2">
          Nothing changes before you have seen what would.
        </Box>
        <input
          ref={input}
          type="file"
          accept=".json,application/json"
          hidden
          aria-label="Workspace file"
          onChange={(event) => {
            const file = event.currentTarget.files?.[0];
            event.currentTarget.value = '';
            if (file) void readChosen(file).then(setChosen);
          }}
        />
        <Act onClick={() => input.current?.click()}>Choose a workspace file …</Act>
        {chosen?.problem && (
          <Box role="alert" marginTop="3" padding="3" background="bad.wash" color="bad" borderRadius="4px">
            <b>{chosen.fileName}</b> was not opened, and nothing was changed. {chosen.problem}
          </Box>
        )}
        {chosen?.workspace && (
          <ImportPreview
            fileName={chosen.fileName}
            incoming={chosen.workspace}
            onMerge={(incoming) => tell(commands.mergeIn(incoming, `${chosen.fileName} merged in`))}
            onReplace={(incoming) => tell(commands.replaceAll(incoming, `everything replaced by ${chosen.fileName}`))}
            onCancel={() => setChosen(undefined)}
          />
        )}
      </Part>
      <Part title="Start over">
        <Box color="fg.muted" marginBottom="2">
          Both can be undone.
        </Box>
        <HStack gap="3" flexWrap="wrap">
          <Act look="danger" onClick={() => tell(commands.clearAll())}>
            Empty the workspace
          </Act>
          <Act onClick={() => tell(commands.replaceAll(DEMO, 'the example workshop'))}>Back to the example workshop</Act>
        </HStack>
      </Part>
    </Box>
  );
}
