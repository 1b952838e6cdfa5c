import { chanceWords } from '@/core/fit';
import { STAGE_WORDS } from '@/core/sizing';
import { handLength, writeLength } from '@/core/units';
import { type FitWork, goOf, isLid, lidParts } from '@/core/workspace';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { Figure, StageMark, StageName } from '@/ui/stage';
import { newKey, run } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { madeWords } from './fit-words';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** Nearer than this to the best it is as planned, mm. */
const CLOSE = 0.1;

/** The width to make now for the best odds, largest; and what is planned or measured beside it. */
export function FitAnswer({ piece, work }: Props) {
  const { units } = piece;
  const { at, best, finishes, stopper, gap, disc, narrows } = work;
  const go = goOf(work);
  const between = gap.mean - narrows;
  const toMake = handLength(best.diameter, units.choice);
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
          <Figure written={writeLength(toMake, units.choice)} size="46px" />
        </Box>
        <HStack gap="1" color="glazed" fontSize="sm">
          <StageMark stage="glazed" size={11} />
          <span>finishes {units.length(finishes)}</span>
        </HStack>
        <Box fontSize="sm" color="fg.muted">
          go {units.length(go[0])} to {units.length(go[1])}
        </Box>
      </Box>
      {stopper && (
        <Box>
          <Box fontSize="sm" color="fg.muted">
            {work.fitting.now ? 'the stopper sits' : 'as planned the stopper sits'}
          </Box>
          <Box color="act" data-fit="depth">
            <Figure written={writeLength(Math.max(0, depthOf(work)), units.choice)} size="30px" /> deep
          </Box>
          <Box fontSize="sm" color="fg.muted">
            of {units.length(stopper.length)}; wanted {units.length(depthAt(work, work.range.min))} to{' '}
            {units.length(depthAt(work, work.range.max))}
          </Box>
        </Box>
      )}
      {disc && (
        <Box>
          <Box fontSize="sm" color="fg.muted">
            the disc over all
          </Box>
          <Box color={at} data-fit="disc">
            <Figure written={writeLength(handLength(disc.width, units.choice), units.choice)} size="30px" />
          </Box>
          <HStack gap="1" color="glazed" fontSize="sm">
            <StageMark stage="glazed" size={11} />
            <span>finishes {units.length(disc.finished)}</span>
          </HStack>
        </Box>
      )}
      <Box flex="1 1 230px" maxWidth="44ch" fontSize="15px" lineHeight="1.35">
        {!stopper && work.stock?.kind !== 'gasket' && (
          <Box fontSize="sm" color="fg.muted">
            The finished gap is wanted {units.length(work.range.min - narrows)} to {units.length(work.range.max - narrows)} across
            {narrows > 0.1 && ` where the lid ends, the mouth being ${units.length(narrows)} narrower there`}; it comes to about{' '}
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
  const { fitting, side, at, width, best, odds } = work;
  const off = best.diameter - width;
  const own = fitting.with !== 'lid';
  if (!own && fitting.other?.mm === undefined)
    return (
      <>
        With the {fitting.over ? 'rim' : 'mouth'} as it is {fitting.now ? 'now' : 'planned'}, this is the size with the best odds.
        <Flange work={work} length={units.length} />
        {!fitting.over && <AsPart piece={piece} work={work} />}
      </>
    );
  if (fitting.now || !own) return <StillPossible piece={piece} work={work} />;
  if (Math.abs(off) < CLOSE) return <>It is planned at its best.</>;
  const size = fitting.over || isLid(piece.part, fitting) ? 'rimDiameter' : 'mouthInside';
  const to = handLength(best.diameter, units.choice);
  return (
    <>
      <Box>
        Planned {units.length(width)} {STAGE_WORDS[at]}: {chanceWords(odds.good)} would be good.
      </Box>
      <Act
        look="solid"
        marginTop="1"
        onClick={() => setRefused(piece.takeSize(size, at)(to, newKey()))}
        aria-label={`Make the ${side === 'mouth' ? 'mouth' : 'lid'} ${units.length(to)} ${STAGE_WORDS[at]}`}
      >
        Make it {units.length(to)}
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
      Or a coil for a flange: {length(flange.thickness)} thick and {length(flange.length)} long makes {length(flange.across)} across, with{' '}
      {length(flange.pare)} all round to pare. Pare the last of it once lid and pot are equally firm.
    </Box>
  );
}

/** The lid becomes a part of the piece: sized, cut and printed like the pot, and still to fit with it. */
function AsPart({ piece, work }: Props) {
  const { plan, part, ref, worked } = piece;
  const make = () => {
    const parts = lidParts(part, worked.sized, work, newKey);
    const meets = parts.at(-1)!;
    const fit = { ...work.fitting, with: 'part', ref: `${plan.id}/${meets.id}` } as const;
    run(commands.addParts(ref, parts, parts.length > 1 ? 'lid and insert' : 'lid', (now) => ({ ...now, fit })));
  };
  return (
    <Box>
      <Act marginTop="1" onClick={make}>
        Make it a part of this piece
      </Act>
    </Box>
  );
}

/** What can still be done to a piece that was measured on its way, and when nothing can. */
function StillPossible({ piece, work }: Props) {
  const { length } = piece.units;
  const { side, at, width, best } = work;
  const go = goOf(work);
  const opens = side === 'mouth' ? best.diameter - width : width - best.diameter;
  const other = work.fitting.with === 'lid' || isLid(piece.part, work.fitting) ? 'pot' : 'lid';
  if (width >= go[0] && width <= go[1]) return <>Measured {length(width)}, between go and no-go: leave it as it is.</>;
  if (at === 'glazed')
    return (
      <>
        Measured {length(width)}, fired: nothing of the clay can be changed now. Choose a {other} to it
        {opens > 0 && ', or grind a little off wet, with eyes and hands covered'}.
      </>
    );
  if (opens < 0)
    return (
      <>
        Measured {length(width)}: {length(-opens)} {side === 'mouth' ? 'too wide' : 'too narrow'}, and what is off does not come back.
        Choose another {other} for it, or make it anew.
      </>
    );
  const how = { wet: 'Open it', leather: 'Trim', dry: 'Scrape, damp so that no dust flies,', bisque: 'Sand wet', glazed: '' }[at];
  return (
    <>
      Measured {length(width)}. {how} <b>{length(opens / 2)} all round</b>
      {side === 'mouth' ? ' off the inside' : ' off the edge'}, {length(opens)} in width, then measure again.
    </>
  );
}
