'use client';

import { USUAL_SETTING, type WheelSetting } from '@/core/bench';
import { type Settings, type Shop, type ShopName, shopOf } from '@/core/records';
import { commands } from '@/store';
import { run, useWorkspace, workspaceStore } from '@/ui/state';

/** What is set for the shop, and the paper and printer of this device, with what is usual where nothing is. */
export interface Bench {
  readonly shop: Partial<Shop>;
  readonly paper: 'a4' | 'letter';
  readonly printer: string | undefined;
  /** What the chosen printer's 100 mm line measured, if it was. */
  readonly measuredMm: number | undefined;
  readonly wheel: WheelSetting;
}

const lettersAreUsual = (): boolean => typeof navigator !== 'undefined' && /^en-(US|CA)$/.test(navigator.language);

export function useBench(): Bench {
  const { workspace } = useWorkspace();
  const { paper, printer } = workspace.settings;
  const shop = shopOf(workspace);
  return {
    shop,
    paper: paper ?? (lettersAreUsual() ? 'letter' : 'a4'),
    printer,
    measuredMm: shop.printers?.find(({ name }) => name === printer)?.measuredMm,
    wheel: { ...USUAL_SETTING, ...shop.wheel },
  };
}

/** Changes one of the shop's settings from what it is then; undefined takes it away. The key joins one visit to a field. */
export function setShop<N extends ShopName>(
  name: N,
  change: (now: Shop[N] | undefined) => Shop[N] | undefined,
  label?: string,
  key?: string,
): undefined {
  run(commands.setShop(name, change, label, key));
  return undefined;
}

/** What this device prefers in printing. */
export const preferPrint = (change: Pick<Partial<Settings>, 'paper' | 'printer'>): void => workspaceStore().set(change);
