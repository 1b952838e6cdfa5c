import { bySoftness, everyPiece, type PieceOfRun, shrankAcross } from '@/core/lessons';
import { clayOf } from '@/core/part';
import type { Workspace } from '@/core/records';
import { writePercent } from '@/core/units';
import { type Lesson, withoutPieces } from './lesson';

const clayKey = ({ run }: PieceOfRun): string => `${run.bodyId}/${run.batchId ?? ''}`;

/** Shrinkage of each clay and batch that pieces were measured of. */
export function shrinkageLessons(workspace: Workspace): readonly Lesson[] {
  const measured = everyPiece(workspace).filter((row) => shrankAcross(row) !== undefined);
  return [...new Map(measured.map((row) => [clayKey(row), row])).values()].flatMap((latest): Lesson[] => {
    const body = workspace.bodies.find(({ id }) => id === latest.run.bodyId);
    if (!body) return [];
    const choice = { bodyId: body.id, batchId: latest.run.batchId, firing: latest.piece.firing ?? latest.run.firing };
    const own = measured.filter((row) => clayKey(row) === clayKey(latest));
    const figuresOf = (from: Workspace) => clayOf(from, choice).figures;
    const told = ({ shrinkage, belief }: ReturnType<typeof figuresOf>) =>
      `${writePercent(shrinkage.width * 100)} ± ${writePercent(belief.scale * 100)}`;
    const [was, is] = [figuresOf(withoutPieces(workspace, own)), figuresOf(workspace)];
    const batch = workspace.batches.find(({ id }) => id === latest.run.batchId)?.name;
    return [
      {
        title: [`Shrinkage of ${body.name}`, batch, choice.firing?.cone && `cone ${choice.firing.cone}`].filter(Boolean).join(', '),
        was: told(was),
        is: told(is),
        figure: { whole: writePercent(is.shrinkage.width * 100).replace('%', ''), unit: '%' },
        says: [],
        from: own.map((row) => ({ row, told: writePercent(shrankAcross(row)! * 100) })),
        clay: { bodyId: body.id, was: was.shrinkage.width, is: is.shrinkage.width },
      },
    ];
  });
}

/** What pieces of soft and stiff clay shrank, and how many were lost. */
export const softnessLessons = (workspace: Workspace): readonly Lesson[] =>
  bySoftness(workspace).map(({ softness, shrank, measured, made, lost }) => ({
    title: `Clay that was ${softness}`,
    was: 'as any clay',
    is: shrank === undefined ? undefined : `shrank ${writePercent(shrank * 100)}`,
    says: [`${lost} of ${made} lost, ${measured} measured.`],
    from: [],
  }));
