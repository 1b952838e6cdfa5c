'use client';

import { chanceWords } from '@/core/fit';
import { sizeIn } from '@/core/form';
import { type FitWork, isWithin, meetsBy, otherLots } from '@/core/fitting';
import { isLid } from '@/core/records';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { useWorkspace, workspaceStore } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** So many lots are offered. */
const OFFERED = 2;

/** What else of the kit would fit a pot that can no longer be made to what it was meant for. */
function FromStock({ piece, work }: Props) {
  const { workspace } = useWorkspace();
  const lots = otherLots(workspace, piece.part, piece.worked.sized, work.fitting).slice(0, OFFERED);
  if (lots.length === 0) return null;
  return (
    <Box data-fit="others">
      From your kit:{' '}
      {lots.map(({ lot, good }, i) => (
        <span key={lot.id}>
          {i > 0 && ', '}
          {lot.name} ({chanceWords(good)})
        </span>
      ))}
      .
    </Box>
  );
}

/** A fired width, measured or told by how deep a stopper sits, beside the wet one it was planned at: evidence about the clay. */
function AsEvidence({ piece, work }: Props) {
  const { workspace } = useWorkspace();
  const { plan, part, known, worked, units } = piece;
  const { fitting, width } = work;
  const size = meetsBy(workspace, part, fitting);
  const wet = worked.sized.stages.wet.sizes[size];
  const { body } = known;
  if (!body || !fitting.now || wet === undefined || width >= wet) return null;
  const { words, direction } = sizeIn(part.family, size);
  const name = `${plan.name}, ${words}`;
  if (workspace.bars.some((bar) => bar.name === name && bar.lengths.glazed?.[0] === width))
    return <Box>Recorded as a measurement of {body.name}.</Box>;
  const keep = () =>
    workspaceStore().runAndTell(
      commands.createBar({
        bodyId: body.id,
        batchId: part.batchId,
        name,
        kind: 'piece',
        lengths: { wet: [wet], glazed: [width] },
        weights: {},
        tool: 'ruler',
        direction: direction === 'height' ? 'height' : 'across',
        firing: known.firing,
        dates: {},
        note: `Planned ${units.plain(wet)} wet, measured ${units.plain(width)} fired.`,
      }).act,
    );
  return (
    <Box>
      <Act marginTop="1" onClick={keep}>
        Record it as a measurement of {body.name} ({units.length(wet)} wet)
      </Act>
    </Box>
  );
}

/** What can still be done to a piece that was measured on its way, and when nothing can. */
export function StillPossible({ piece, work }: Props) {
  const { length } = piece.units;
  const { side, at, width, best } = work;
  const high = work.stock?.kind === 'shelf';
  const opens = side === 'mouth' ? best.diameter - width : width - best.diameter;
  const other = work.fitting.with === 'lid' || isLid(piece.part, work.fitting) ? 'pot' : 'lid';
  if (isWithin(work)) return <>Measured {length(width)}, which fits. Leave it as it is.</>;
  if (at === 'glazed')
    return (
      <>
        Measured {length(width)}, fired. The clay can no longer be changed. {high ? 'Find it another shelf' : `Choose a ${other} to match`}
        {opens > 0 && ', or grind a little off wet, with eyes and hands covered'}.
        <FromStock piece={piece} work={work} />
        <AsEvidence piece={piece} work={work} />
      </>
    );
  if (opens < 0)
    return (
      <>
        Measured {length(width)}: {length(-opens)} {side === 'mouth' ? 'too wide' : high ? 'low, the room above it unused' : 'too narrow'},
        and clay cannot be put back.
        {high ? 'It will do, or make another.' : `Choose another ${other} for it, or make a new one.`}
        <FromStock piece={piece} work={work} />
      </>
    );
  const how = { wet: 'Open the mouth', leather: 'Trim', dry: 'Dampen and scrape', bisque: 'Sand wet', glazed: '' }[at];
  return (
    <>
      Measured {length(width)}. {how} <b>{high ? length(opens) : `${length(opens / 2)} all round`}</b>
      {high ? ' off the rim' : `${side === 'mouth' ? ' off the inside' : ' off the edge'}, ${length(opens)} in width`}, then measure again.
    </>
  );
}
