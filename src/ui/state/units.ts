'use client';

import {
  type UnitChoice,
  bareUnit,
  handMass,
  text,
  unbroken,
  writeApart,
  writeDensity,
  writeLength,
  writeMass,
  writeVolume,
} from '@/core/units';
import type { Writers } from '@/core/sizing';
import { useMemo } from 'react';
import { useUnitChoice } from './use-workspace';

/** The units chosen, and figures written in them, each on one line. */
export interface Units extends Writers {
  readonly choice: UnitChoice;
  /** A small difference, which is not told as none where it is only less than what is written. */
  readonly apart: (mm: number) => string;
  /** A length as plain text, for what is kept and searched: the others stay on one line, by spaces of their own. */
  readonly plain: (mm: number) => string;
  /** How a bare number typed into a length field is read. */
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
  apart: (mm) => unbroken(writeApart(mm, choice)),
  density: (gPerMl) => unbroken(writeDensity(gPerMl, choice)),
  weighed: (g) => unbroken(text(writeMass(handMass(g, choice), choice))),
});

export function useUnits(): Units {
  const choice = useUnitChoice();
  return useMemo(() => unitsOf(choice), [choice]);
}
