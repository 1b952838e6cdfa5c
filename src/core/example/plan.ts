import { FAMILIES, type FamilyName, type Manner, type SizeName } from '@/core/form';
import { type Making, WAYS, type Way } from '@/core/sizing';
import { finishedSizes, PLAIN } from '@/core/part';
import type { Part, Plan } from '@/core/records';

type Finished = readonly [height: number, mouth: number, base: number, wall: number, floor: number];

const cup = ([height, rimDiameter, baseDiameter, wall, floor]: Finished) => ({ height, rimDiameter, baseDiameter, wall, floor });

/** Another form than a cup: its family, what is chosen of it, and its finished sizes. */
interface DemoForm {
  readonly family: FamilyName;
  readonly manner: Manner;
  readonly sizes: Partial<Record<SizeName, number>>;
}

/** A piece of the example workshop. */
export interface DemoPiece {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  /** A cup's sizes, or another form. */
  readonly sizes: Finished | DemoForm;
  readonly body: string;
  readonly batch?: string;
  readonly way?: Way;
  readonly making?: Making;
  readonly more?: Partial<Part>;
}

export function demoPlan({ id, name, note, sizes, body, batch, way = 'trimmed', making, more }: DemoPiece, index: number): Plan {
  const form: DemoForm = 'family' in sizes ? sizes : { ...PLAIN, sizes: cup(sizes) };
  const { knots } = FAMILIES[form.family];
  const at = `2026-09-${String(index + 10)}T09:00:00.000Z`;
  return {
    id,
    name,
    note,
    parts: [
      {
        id: `${id}-pot`,
        name: 'pot',
        family: form.family,
        manner: form.manner,
        ...(knots && { knots }),
        sizes: finishedSizes(form.sizes),
        bodyId: body,
        ...(batch && { batchId: batch }),
        way,
        making: making ?? (way === 'own' ? WAYS.trimmed : WAYS[way]),
        ...more,
      },
    ],
    createdAt: at,
    changedAt: at,
  };
}
