'use client';

import {
  type PointMarks,
  type ReadOptions,
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
import { pointOfLanguage } from './point';
import { useUnitChoice } from './use-workspace';

/** The units chosen, and figures written in them, each on one line. */
export interface Units extends Writers {
  readonly choice: UnitChoice;
  /** A small difference, which is not told as none where it is only less than what is written. */
  readonly apart: (mm: number) => string;
  /** A length as plain text, for what is kept and searched: the others stay on one line, by spaces of their own. */
  readonly plain: (mm: number) => string;
  /** How a number typed into a field of lengths, weights or volumes is read. */
  readonly readLength: ReadOptions & { readonly unit: string };
  readonly readMass: ReadOptions;
  readonly readVolume: ReadOptions;
}

/** Figures written as somebody wants them. */
export const unitsOf = (choice: UnitChoice, point: PointMarks = choice.point ?? 'decimals'): Units => ({
  choice,
  plain: (mm) => text(writeLength(mm, choice)),
  readLength: { unit: bareUnit[choice.length], fractionsNeedUnit: true, point },
  readMass: { unit: choice.mass === 'g' ? 'g' : 'oz', point },
  readVolume: { unit: writeVolume(1, choice).unit, flOz: choice.flOz, point },
  length: (mm) => unbroken(text(writeLength(mm, choice))),
  mass: (g) => unbroken(text(writeMass(g, choice))),
  volume: (ml) => unbroken(text(writeVolume(ml, choice))),
  apart: (mm) => unbroken(writeApart(mm, choice)),
  density: (gPerMl) => unbroken(writeDensity(gPerMl, choice)),
  weighed: (g) => unbroken(text(writeMass(handMass(g, choice), choice))),
});

export function useUnits(): Units {
  const choice = useUnitChoice();
  return useMemo(() => unitsOf(choice, choice.point ?? pointOfLanguage()), [choice]);
}
