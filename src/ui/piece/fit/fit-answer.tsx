import { chanceWords, threeChances } from '@/core/fit';
import { STAGE_WORDS } from '@/core/sizing';
import { handLength, text, writeLength, writeStep } from '@/core/units';
import { type FitWork, isWithin, lidParts, meetsBy } from '@/core/fitting';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { newKey, run, useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { Answer } from '../answer';
import { Cautions } from './cautions';
import { endsOf, madeWords, oddsSaid } from './fit-words';
import { useFit } from './use-fit';
import { StillPossible } from './still-possible';
import { capital } from '@/ui/words';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** What to make now for the best odds; what is planned or measured beside it, and how sure that is. */
export function FitAnswer({ piece }: { piece: PieceModel }) {
  const { fitting, found } = useFit(piece);
  if (!found.ok) return <Answer piece={piece} />;
  const work = found.value;
  const { units } = piece;
  const { at, best, step, finishes, disc, odds } = work;
  const told = (mm: number) => writeStep(mm, step, units.choice);
  return (
    <AnswerSheet
      stage={at}
      name="best"
      asks={`${at === 'glazed' ? 'Best would be' : 'Make'} ${madeWords(work)}`}
      big={told(best.diameter)}
      finishes={units.length(finishes)}
      figures={
        disc && [
          {
            name: 'disc',
            words: 'Whole disc',
            written: writeLength(handLength(disc.width, units.choice), units.choice),
            finishes: units.length(disc.finished),
          },
        ]
      }
    >
      <div className="answer-sure">
        <p className="answer-odds">{capital(oddsSaid(threeChances(odds).good, endsOf(work).good))}.</p>
        <p>{fitsBetween(work, (mm) => text(told(mm)))}</p>
        <Gap piece={piece} work={work} />
      </div>
      <div className="answer-sure">
        <Now piece={piece} work={work} />
      </div>
      <Cautions fitting={fitting} />
    </AnswerSheet>
  );
}

const fitsBetween = ({ go }: FitWork, told: (mm: number) => string): string =>
  go ? `Fits from ${told(go[0])} to ${told(go[1])}.` : 'No width fits often enough. Choose something else for it.';

/** How deep a stopper goes in, or how wide the finished gap will be, beside what is wanted. */
function Gap({ piece: { units }, work }: Props) {
  const { stopper, stock, range, narrows, gap } = work;
  if (stopper) {
    const depth = depthOf(work);
    return (
      <p data-fit="depth">
        {work.fitting.now ? 'The stopper ' : 'With the target mouth, the stopper '}
        {depth > stopper.length ? 'falls in' : depth <= 0 ? 'does not go in' : `goes in ${units.length(depth)}`}. It is{' '}
        {units.length(stopper.length)} long. Wanted: {units.length(depthAt(work, range.min))} to {units.length(depthAt(work, range.max))}.
      </p>
    );
  }
  if (stock?.kind === 'gasket') return null;
  const between = gap.mean - narrows;
  return (
    <p>
      {stock?.kind === 'shelf' ? 'The space above it' : 'The finished gap'} should be {units.length(range.min - narrows)} to{' '}
      {units.length(range.max - narrows)}
      {stock?.kind !== 'shelf' && ' across'}
      {narrows > 0.1 && `, where the mouth is ${units.length(narrows)} narrower at the end of the lid`}. It will be about{' '}
      {between >= 0 ? units.length(between) : `${units.length(-between)} too little`}.
    </p>
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
