import type { Plan } from '@/core/records';
import { saveFile, workspaceFile, workspaceStore } from '@/ui/state';
import { openShortcuts } from './shortcuts';

/** What the finder can do, beside what it can find. */
export interface ThingToDo {
  readonly key: string;
  readonly words: string;
  /** Said beside it: its key, or what it does. */
  readonly more: string;
  /** What else people call it. */
  readonly finds: string;
  readonly act: (doing: Doing) => void;
}

/** What doing it takes. */
interface Doing {
  readonly plan: Plan | undefined;
  readonly go: (href: string) => void;
  readonly mode: { readonly dark: boolean; readonly set: (mode: 'light' | 'dark') => void };
}

const units = (change: { readonly length: 'mm' | 'inch-fraction'; readonly mass: 'g' | 'lb-oz' }) => () =>
  workspaceStore().set(({ units: now }) => ({ units: { ...now, ...change } }));

export const THINGS_TO_DO: readonly ThingToDo[] = [
  {
    key: 'mode',
    words: 'Switch light and dark',
    more: 'colours',
    finds: 'dark light mode theme night',
    act: ({ mode }) => mode.set(mode.dark ? 'light' : 'dark'),
  },
  {
    key: 'inches',
    words: 'Use inches and pounds',
    more: 'units',
    finds: 'imperial units fractions',
    act: units({ length: 'inch-fraction', mass: 'lb-oz' }),
  },
  { key: 'metric', words: 'Use millimetres and grams', more: 'units', finds: 'metric units mm', act: units({ length: 'mm', mass: 'g' }) },
  { key: 'undo', words: 'Undo', more: 'Ctrl Z', finds: 'back revert', act: () => workspaceStore().undo() },
  { key: 'redo', words: 'Redo', more: 'Ctrl Y', finds: 'again', act: () => workspaceStore().redo() },
  // once the finder is closed: it is not printed
  {
    key: 'print',
    words: 'Print this page',
    more: 'on paper',
    finds: 'paper printer',
    act: () => void setTimeout(() => window.print(), 50),
  },
  {
    key: 'save',
    words: 'Save a file of everything',
    more: 'your own copy',
    finds: 'backup export download',
    // what fails is told where files are saved, with the ways out
    act: ({ go }) =>
      void workspaceFile(workspaceStore().getSnapshot().workspace)
        .then(saveFile)
        .catch(() => go('/files')),
  },
  {
    key: 'wheel',
    words: 'Open this piece at the wheel',
    more: 'large figures',
    finds: 'bench throw wet hands',
    act: ({ plan, go }) => plan && go(`/wheel?plan=${plan.id}`),
  },
  { key: 'shortcuts', words: 'Keyboard shortcuts', more: '?', finds: 'keys help', act: openShortcuts },
];
