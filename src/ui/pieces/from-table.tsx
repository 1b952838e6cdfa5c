'use client';

import { overallWords } from '@/core/form';
import { sizedPlanPart } from '@/core/part';
import { clayUsedLast, type Part } from '@/core/records';
import { commands } from '@/store';
import { type TableLine, TableIn } from '@/ui/table-in';
import { useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { FORM_WORDS } from '@/ui/words';

interface Line extends TableLine {
  readonly part: Part | undefined;
}

/** Finished sizes a maker already has, pasted or as a CSV file: columns said by hand, every line looked at before any piece is made. */
export function FromTable({ onDone }: { onDone: () => void }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const told = ({ part }: Line) => {
    if (!part) return '';
    const made = sizedPlanPart(workspace, part, units.length);
    if (!made.ok) return '';
    const clay = workspace.bodies.find(({ id }) => id === part.bodyId);
    return `${overallWords(made.value.sized.stages.wet.sizes, units.length)} wet, as ${FORM_WORDS[part.family]}${clay ? ` in ${clay.name}` : ''}`;
  };
  return (
    <TableIn
      title="Pieces from a table"
      about="Paste finished sizes from a spreadsheet, or choose a CSV file. The first line must be the headings. You can check every line before anything is created."
      placeholder={'name\tform\tmouth\theight\nTumbler\tcup\t82\t110'}
      columnsOf={({ COLUMNS }) => COLUMNS}
      guess={(reader, table) => reader.guessedColumns(table)}
      read={(reader, table, columns): Line[] =>
        reader
          .partsFrom(table, columns, workspace, {
            unit: units.choice.length,
            point: units.readLength.point,
            bodyId: clayUsedLast(workspace),
            write: units,
          })
          .map(({ line, name, part }) => ({
            line,
            name,
            ...(part.ok ? { part: part.value } : { part: undefined, fault: part.problem.message }),
          }))
      }
      told={told}
      makeWords={(count) => (count === 0 ? 'Create pieces' : count === 1 ? 'Create one piece' : `Create ${count} pieces`)}
      readWords={(good, all) => `${good || 'None'} of ${all === 1 ? 'one line becomes a piece' : `${all} lines can become pieces`}.`}
      onMake={(lines) => workspaceStore().runAndTell(commands.addPlans(lines.flatMap(({ name, part }) => (part ? [{ name, part }] : []))))}
      onDone={onDone}
    />
  );
}
