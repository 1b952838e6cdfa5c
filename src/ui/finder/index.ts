export { Finder } from './finder';
export { PieceSwitcher } from './piece-switcher';
export { ShortcutList } from './shortcut-list';
