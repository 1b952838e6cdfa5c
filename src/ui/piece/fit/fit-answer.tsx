import { chanceWords } from '@/core/fit';
import { STAGE_WORDS } from '@/core/sizing';
import { handLength, text, writeLength, writeStep } from '@/core/units';
import { type FitWork, isWithin, lidParts, meetsBy } from '@/core/fitting';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { Figure, StageMark, StageName } from '@/ui/stage';
import { newKey, run, useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { madeWords } from './fit-words';
import { StillPossible } from './still-possible';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** The width to make now for the best odds, largest; and what is planned or measured beside it. */
export function FitAnswer({ piece, work }: Props) {
  const { units } = piece;
  const { at, best, go, step, finishes, stopper, gap, disc, narrows } = work;
  const between = gap.mean - narrows;
  return (
    <HStack columnGap="6" rowGap="2" alignItems="flex-start" flexWrap="wrap" marginTop="2">
      <Box>
        <HStack gap="2">
          <StageName stage={at} />
          <Box fontSize="sm" color="fg.muted">
            {at === 'glazed' ? 'best would be' : 'make'} {madeWords(work)}
          </Box>
        </HStack>
        <Box color={at} data-fit="best">
          <Figure written={writeStep(best.diameter, step, units.choice)} size="2.875rem" />
        </Box>
        <HStack gap="1" color="glazed" fontSize="sm">
          <StageMark stage="glazed" size={11} />
          <span>finishes {units.length(finishes)}</span>
        </HStack>
        <Box fontSize="sm" color="fg.muted">
          {go
            ? `fits from ${text(writeStep(go[0], step, units.choice))} to ${text(writeStep(go[1], step, units.choice))}`
            : 'No width fits often enough. Choose something else for it.'}
        </Box>
      </Box>
      {stopper && (
        <Box>
          <Box fontSize="sm" color="fg.muted">
            {work.fitting.now ? 'the stopper goes in' : 'with the target mouth, the stopper goes in'}
          </Box>
          <Box color="act" data-fit="depth">
            {depthOf(work) > stopper.length ? (
              'drops right in'
            ) : depthOf(work) <= 0 ? (
              'does not go in'
            ) : (
              <>
                <Figure written={writeLength(depthOf(work), units.choice)} size="1.875rem" /> deep
              </>
            )}
          </Box>
          <Box fontSize="sm" color="fg.muted">
            of {units.length(stopper.length)}. Wanted: {units.length(depthAt(work, work.range.min))} to{' '}
            {units.length(depthAt(work, work.range.max))}
          </Box>
        </Box>
      )}
      {disc && (
        <Box>
          <Box fontSize="sm" color="fg.muted">
            whole disc
          </Box>
          <Box color={at} data-fit="disc">
            <Figure written={writeLength(handLength(disc.width, units.choice), units.choice)} size="1.875rem" />
          </Box>
          <HStack gap="1" color="glazed" fontSize="sm">
            <StageMark stage="glazed" size={11} />
            <span>finishes {units.length(disc.finished)}</span>
          </HStack>
        </Box>
      )}
      <Box flex="1 1 230px" maxWidth="44ch" fontSize="0.9375rem" lineHeight="1.35">
        {!stopper && work.stock?.kind !== 'gasket' && (
          <Box fontSize="sm" color="fg.muted">
            {work.stock?.kind === 'shelf' ? 'The space above it' : 'The finished gap'} should be {units.length(work.range.min - narrows)} to{' '}
            {units.length(work.range.max - narrows)}
            {work.stock?.kind !== 'shelf' && ' across'}
            {narrows > 0.1 && ` where the lid ends, the mouth being ${units.length(narrows)} narrower there`}. It will be about{' '}
            {between >= 0 ? units.length(between) : `${units.length(-between)} too little`}.
          </Box>
        )}
        <Now piece={piece} work={work} />
      </Box>
    </HStack>
  );
}

const depthAt = ({ stopper }: FitWork, gap: number): number => (stopper ? (stopper.length * gap) / (stopper.top - stopper.bottom) : 0);
const depthOf = (work: FitWork): number => depthAt(work, work.gap.mean);

/** What is planned or was measured beside the best, and the way from one to the other. */
function Now({ piece, work }: Props) {
  const [refused, setRefused] = useState<string | undefined>();
  const { units } = piece;
  const { fitting, side, at, width, best, finishes, odds, disc } = work;
  const { workspace } = useWorkspace();
  const own = fitting.with !== 'lid';
  if (!own && fitting.other?.mm === undefined)
    return (
      <>
        This size has the best chance with the {fitting.over ? 'rim' : 'mouth'} {fitting.now ? 'as measured' : 'at its target'}.
        <Flange work={work} length={units.length} />
        {fitting.held === 'flange' && disc && (
          <Box fontSize="sm" color="fg.muted">
            Throw it upside down with the flange. Set calipers to {units.length(best.diameter)} over the flange, and leave the disc wide.
          </Box>
        )}
        <AsPart piece={piece} work={work} />
      </>
    );
  if (fitting.now || !own) return <StillPossible piece={piece} work={work} />;
  if (isWithin(work))
    return (
      <>
        Planned {units.length(width)}, which fits: {chanceWords(odds.good)} would be good.
      </>
    );
  if (!work.window) return <>As planned it does not fit, and no other width does.</>;
  const size = meetsBy(workspace, piece.part, fitting);
  const to = text(writeStep(best.diameter, work.step, units.choice));
  return (
    <>
      <Box>
        Your target is {units.length(width)} {STAGE_WORDS[at]}: {chanceWords(odds.good)} would fit.
      </Box>
      <Act
        look="solid"
        marginTop="1"
        onClick={() => setRefused(piece.takeMeeting(size, finishes, newKey()))}
        aria-label={`Make the ${side === 'mouth' ? 'mouth' : 'lid'} ${to} ${STAGE_WORDS[at]}`}
      >
        Change target to {to}
      </Act>
      {refused && (
        <Box role="alert" color="bad" fontSize="sm">
          {refused}
        </Box>
      )}
    </>
  );
}

/** A coil put on the disc in place of an insert. */
function Flange({ work, length }: { work: FitWork; length: (mm: number) => string }) {
  const { flange } = work;
  if (!flange) return null;
  return (
    <Box fontSize="sm" color="fg.muted">
      The coil: {length(flange.thickness)} thick and {length(flange.length)} long makes {length(flange.across)} across, with{' '}
      {length(flange.pare)} to trim off all round. Finish trimming once lid and pot are equally firm.
    </Box>
  );
}

/** The lid becomes a part of the piece: sized, cut and printed like the pot, and still to fit with it. */
function AsPart({ piece, work }: Props) {
  const { plan, part, ref, worked } = piece;
  const flanged = work.disc !== undefined && (work.fitting.held === 'coil' || work.fitting.held === 'flange');
  const make = () => {
    const parts = lidParts(part, worked.sized, work, newKey);
    // a flange is put on or thrown with its disc, and stays worked out here
    if (flanged) return run(commands.addParts(ref, parts.slice(0, 1), 'lid', (now) => ({ ...now, fit: work.fitting })));
    const meets = parts.at(-1)!;
    const fit = { ...work.fitting, with: 'part', ref: `${plan.id}/${meets.id}` } as const;
    const other = fit.over ? [{ ...meets, fit: { ...fit, ref, lid: true, now: undefined, other: undefined } }] : parts;
    run(commands.addParts(ref, other, parts.length > 1 ? 'lid and insert' : 'lid', (now) => ({ ...now, fit })));
  };
  return (
    <Box>
      <Act marginTop="1" onClick={make}>
        {flanged ? 'Make its disc a part of this piece' : 'Make it a part of this piece'}
      </Act>
    </Box>
  );
}
