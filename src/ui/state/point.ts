import { type PointMarks, bothReadings } from '@/core/units';
import { workspaceStore } from './use-workspace';

/** What a point marks before anybody said: asked where the browser's language sets thousands apart by points. */
export function pointOfLanguage(): PointMarks {
  if (typeof navigator === 'undefined') return 'decimals';
  return (found ??= groupedBy(navigator.language) === '.' ? 'ask' : 'decimals');
}

/** Every field asks; the language is looked at once. */
let found: PointMarks | undefined;

const groupedBy = (language: string): string | undefined =>
  new Intl.NumberFormat(language).formatToParts(1234567).find(({ type }) => type === 'group')?.value;

/** Where `1.200` was refused and one of its readings entered instead, that is what a point marks from now on. */
export function rememberPoint(refused: string, entered: string): void {
  const both = bothReadings(refused);
  const { units } = workspaceStore().getSnapshot().workspace.settings;
  if (!both || units.point || pointOfLanguage() !== 'ask') return;
  const figure = Number(
    entered
      .trim()
      .replace(',', '.')
      .replace(/[^\d.].*$/, ''),
  );
  const point = figure === both.thousands ? 'thousands' : figure === both.decimal ? 'decimals' : undefined;
  if (point) workspaceStore().set((settings) => ({ units: { ...settings.units, point } }));
}
