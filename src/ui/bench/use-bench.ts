'use client';

import { USUAL_SETTING, type WheelSetting } from '@/core/bench';
import type { BenchSettings } from '@/core/workspace';
import { useWorkspace, workspaceStore } from '@/ui/state';

/** Paper, printer and wheel as they are set, with what is usual where nothing is. */
export interface Bench {
  readonly settings: BenchSettings;
  readonly paper: 'a4' | 'letter';
  /** What the chosen printer's 100 mm line measured, if it was. */
  readonly measuredMm: number | undefined;
  readonly wheel: WheelSetting;
  readonly set: (change: Partial<BenchSettings>) => void;
}

const lettersAreUsual = (): boolean => typeof navigator !== 'undefined' && /^en-(US|CA)$/.test(navigator.language);

export function useBench(): Bench {
  const { workspace } = useWorkspace();
  const settings = workspace.settings.bench ?? {};
  return {
    settings,
    paper: settings.paper ?? (lettersAreUsual() ? 'letter' : 'a4'),
    measuredMm: settings.printers?.find(({ name }) => name === settings.printer)?.measuredMm,
    wheel: {
      batThickness: settings.batThickness ?? USUAL_SETTING.batThickness,
      clearance: settings.clearance ?? USUAL_SETTING.clearance,
      chuckClearance: settings.chuckClearance ?? USUAL_SETTING.chuckClearance,
    },
    set: (change) => workspaceStore().set({ bench: { ...settings, ...change } }),
  };
}
