'use client';

import { type UnitChoice, bareUnit, text, unbroken, writeLength, writeMass, writeVolume } from '@/core/units';
import type { Writers } from '@/core/sizing';
import { useMemo } from 'react';
import { useUnitChoice } from './use-workspace';

/** The units chosen, and figures written in them, each on one line. */
export interface Units extends Writers {
  readonly choice: UnitChoice;
  /** How a bare number typed into a length field is read. */
  /** A length as plain text, for what is kept and searched: the others stay on one line, by spaces of their own. */
  readonly plain: (mm: number) => string;
  readonly readLength: { readonly unit: string; readonly fractionsNeedUnit: true };
}

/** Figures written as somebody wants them. */
export const unitsOf = (choice: UnitChoice): Units => ({
  choice,
  plain: (mm) => text(writeLength(mm, choice)),
  readLength: { unit: bareUnit[choice.length], fractionsNeedUnit: true },
  length: (mm) => unbroken(text(writeLength(mm, choice))),
  mass: (g) => unbroken(text(writeMass(g, choice))),
  volume: (ml) => unbroken(text(writeVolume(ml, choice))),
});

export function useUnits(): Units {
  const choice = useUnitChoice();
  return useMemo(() => unitsOf(choice), [choice]);
}
