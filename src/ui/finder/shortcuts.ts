/** The keys of each place, as they are listed. */
export interface KeysOf {
  readonly place: string;
  readonly keys: readonly (readonly [keys: string, words: string])[];
}

const EVERYWHERE: KeysOf = {
  place: 'Everywhere',
  keys: [
    ['/ or Ctrl K', 'Find a size, piece, tool, place or command'],
    ['Ctrl Z', 'Undo'],
    ['Ctrl Y', 'Redo'],
    ['Enter', 'Go to the next field'],
    ['↑ ↓', 'Change the figure in a field by one step'],
    ['Escape', 'Leave a field as it was'],
    ['?', 'Show these shortcuts'],
  ],
};

const OWN: readonly (KeysOf & { readonly path: RegExp })[] = [
  {
    path: /^\/$/,
    place: 'In a piece',
    keys: [
      ['1 to 5', 'Open Sizes, Make, Tools, Fit or Results'],
      ['← → ↑ ↓', 'Move a point of the drawing'],
      ['Delete', 'Delete a point of your own profile'],
    ],
  },
  {
    path: /^\/wheel/,
    place: 'At the wheel',
    keys: [
      ['Page Down, Page Up', 'Next and previous page'],
      ['Enter', 'Count one'],
      ['Ctrl Z', 'Undo the last count'],
    ],
  },
  { path: /^\/new/, place: 'New piece', keys: [['F W H C B L S', 'Choose what to start from']] },
  { path: /^\/shelves/, place: 'Shelves', keys: [['← →', 'Move the chosen pieces to the next shelf']] },
  {
    path: /^\/orders/,
    place: 'Orders',
    keys: [
      ['← →', 'Move a step by a day'],
      ['Enter', 'Mark a step as done'],
      ['Delete', 'Return a step to its planned day'],
    ],
  },
];

/** The keys that work at an address: those of its place first. */
export const keysAt = (path: string): readonly KeysOf[] => [...OWN.filter((own) => own.path.test(path)), EVERYWHERE];

const ASKED = 'rimbet-shortcuts';

/** Asks for the list of keys, from wherever. */
export const openShortcuts = (): void => void window.dispatchEvent(new Event(ASKED));

/** Hears when the list of keys is asked for. Returns what stops that. */
export function onShortcutsAsked(open: () => void): () => void {
  window.addEventListener(ASKED, open);
  return () => window.removeEventListener(ASKED, open);
}
