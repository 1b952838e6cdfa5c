'use client';

import { lazyPart, sameProps } from '@/ui/blocks';
import { type ClayFigures, remaining } from '@/core/clay';
import { FAMILIES, footRadius, isDisc } from '@/core/form';
import { type NumberName, USUAL_ODDS, rangeOf, type Tool } from '@/core/sizing';
import { type Written, handLength, handMass, readQuantity, text, writeLength, writeVolume } from '@/core/units';
import { FigureInput, useAnyRefused } from '@/ui/fields';
import { Figure, Finishes, StageMark, StageName } from '@/ui/stage';
import { weighOutText, weighOutWritten } from '@/ui/steps';
import { meetsInside } from '@/core/records';
import Link from 'next/link';
import { memo, useEffect, useMemo, useRef } from 'react';
import { Assumed, ClayKept } from './assumed';
import { betweenWords } from './between';

import { misfitWords } from '../model/misfit';
import type { PieceModel } from '../model/use-piece';

// only of a piece made by hand
const HandFigures = lazyPart(() => import('../hand/hand-figures').then((part) => part.HandFigures));
const HandObstacle = lazyPart(() => import('../hand/hand-figures').then((part) => part.HandObstacle));

interface AnswerFigure {
  readonly name: NumberName;
  readonly words: string;
  readonly wet: number;
  /** What the rounded wet figure comes out of the kiln at, mm. */
  readonly finishes: (wet: number) => number;
}

function figures({ worked, part }: PieceModel): AnswerFigure[] {
  const { sized, clay, making } = worked;
  const k = remaining(clay.shrinkage, 'glazed', 'width');
  const kh = remaining(clay.shrinkage, 'glazed', 'height');
  const below = making.trimFloor + making.wireLoss;
  const beside = sized.thrown.base - 2 * footRadius(sized.wet);
  const hollow = sized.stages.wet.sizes.footHeight ?? 0;
  const { family } = sized.stages.wet;
  return [
    {
      name: 'gauge',
      words: isDisc(family) ? 'Thickness on the bat' : 'Rim above the bat',
      wet: sized.thrown.gauge,
      finishes: (mm) => (mm - below - (making.rimGround ?? 0)) * kh,
    },
    meetsInside(part) && sized.stages.wet.sizes.mouthInside
      ? { name: 'mouthInside@wet', words: 'mouth, inside', wet: sized.stages.wet.sizes.mouthInside, finishes: (mm) => mm * k }
      : {
          name: 'rimDiameter@wet',
          words: isDisc(family) ? 'across, trimmed' : 'mouth, outside',
          wet: sized.stages.wet.sizes.rimDiameter,
          finishes: (mm) => mm * k,
        },
    { name: 'thrownBase', words: 'base, outside', wet: sized.thrown.base, finishes: (mm) => (mm - beside) * k },
    ...(isDisc(family) || sized.thrown.floor === undefined
      ? []
      : [
          {
            name: 'thrownFloor' as const,
            words: 'Floor thickness',
            wet: sized.thrown.floor,
            finishes: (mm: number) => (mm - below - hollow) * kh,
          },
        ]),
  ];
}

const CAPACITY = { width: '3.625rem', fontSize: '1rem' };

interface BigProps extends Pick<PieceModel, 'open'> {
  /** Its arithmetic is open. */
  readonly opened: boolean;
  readonly name: NumberName | 'hand';
  readonly words: string;
  readonly written: Written;
  readonly size: string;
  /** How many digits find room. */
  readonly room: number;
  readonly finishes?: string;
}

/** A figure of the answer; only those that say something else are made anew. */
const Big = memo(function Big({ open, opened, name, words, written, size, room, finishes }: BigProps) {
  return (
    <button type="button" className="answer-figure" onClick={() => open(name)} aria-pressed={opened}>
      <div className="answer-words">{words}</div>
      <div data-answer={name}>
        <Figure written={written} size={size} room={room} />
      </div>
      {finishes && <Finishes>{finishes}</Finishes>}
    </button>
  );
}, saysTheSame);

function saysTheSame({ written: before, ...others }: BigProps, { written: now, ...rest }: BigProps): boolean {
  return text(before) === text(now) && sameProps(others, rest);
}

/** The last possible piece is told in grey: every stage's ink is the muted one, still legible. */
const GREYED = Object.fromEntries(
  ['wet', 'leather', 'glazed'].map((stage) => [`--chakra-colors-${stage}`, 'var(--chakra-colors-fg-muted)']),
);

/** What to weigh and what to throw: rounded to what a hand can do, each with the size that comes out of the kiln. */
export function Answer({ piece }: { piece: PieceModel }) {
  const { units, worked } = piece;
  const { choice } = units;
  const { masses } = worked.sized;
  const misfits = piece.placeChecks.filter(({ fits }) => !fits);
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  return (
    <section aria-label="Answer" style={greyed ? GREYED : undefined}>
      <h2 className="unseen">What to weigh and make</h2>
      <div className="answer-head">
        <StageName stage="wet" />
        {greyed ? <span className="answer-bad">Last sizes that worked</span> : <ToTheWheel piece={piece} />}
      </div>
      {piece.hand?.obstacle ? (
        <HandObstacle piece={piece} />
      ) : (
        <Big
          open={piece.open}
          opened={piece.opened === (piece.hand ? 'hand' : 'ball')}
          name={piece.hand ? 'hand' : 'ball'}
          words={piece.hand && piece.hand.by !== 'coil' && piece.hand.pieces > 1 ? `weigh out, for ${piece.hand.pieces}` : 'weigh out'}
          written={weighOutWritten(piece.weighOut ?? masses.ball, piece.part, units)}
          size="clamp(64px, 7.6vw, 104px)"
          room={7.7}
        />
      )}
      <OwnBall piece={piece} />
      <ClayKept piece={piece} />
      {piece.hand && <HandFigures piece={piece} />}
      <div className="answer-figures">
        {(piece.hand ? [] : figures(piece)).map(({ name, words, wet, finishes }) => {
          const hand = handLength(wet, choice);
          return (
            <Big
              key={name}
              open={piece.open}
              opened={piece.opened === name}
              name={name}
              words={words}
              written={writeLength(hand, choice)}
              size="clamp(31px, 4.2vw - 11.7px, 42px)"
              room={8.4}
              finishes={units.length(finishes(hand))}
            />
          );
        })}
      </div>
      <Outcome piece={piece} />
      <Assumed piece={piece} />
      <Strip piece={piece} />
      {misfits.map((check) => (
        <div key={check.limit} role="note" className="answer-bad">
          {misfitWords(check, units.length)}
        </div>
      ))}
    </section>
  );
}

/** Why the ball is not the one worked out: by its test piece, or as the maker's own ball. */
function OwnBall({ piece: { by, part, ratio, units, worked } }: { piece: PieceModel }) {
  const computed = units.mass(handMass(worked.sized.masses.ball, units.choice));
  if (part.tester?.accepted)
    return (
      by === 'wheel' && (
        <div className="answer-own" data-testid="run-ball">
          From your test piece. Calculated: {computed}.
        </div>
      )
    );
  if (!ratio) return null;
  const { said, count, from, median } = ratio;
  const own = from === 'log' ? `from ${count} of your own pieces` : said ? `as your ${units.mass(said.ballG)} ball` : 'your own correction';
  const makes = said && ` makes ${units.length(said.height)} × ${units.length(said.width)}`;
  return (
    <div className="answer-own" data-testid="own-ratio">
      × {median.toFixed(2)}, {own}
      {makes}. Calculated: {computed}.
    </div>
  );
}

/** The answer in one line, for where the whole of it has no room while something is typed: once its head is out of sight. */
function Strip({ piece: { worked, weighOut, part, units, by } }: { piece: PieceModel }) {
  const { sized } = worked;
  const hand = (mm: number) => units.length(handLength(mm, units.choice));
  const strip = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const own = strip.current!;
    const watch = new IntersectionObserver(([head]) => own.toggleAttribute('data-wanted', !head!.isIntersecting));
    watch.observe(own.parentElement!.firstElementChild!);
    return () => watch.disconnect();
  }, []);
  return (
    <div className="answer-strip" aria-hidden ref={strip}>
      <StageMark stage="wet" />
      <span>{weighOutText(weighOut ?? sized.masses.ball, part, units)}</span>
      <span>
        <small>{by === 'wheel' ? 'rim' : 'high'}</small> {hand(by === 'wheel' ? sized.thrown.gauge : sized.stages.wet.sizes.height)}
      </span>
      <span>
        <small>wet ⌀</small> {hand(sized.stages.wet.sizes.rimDiameter)}
      </span>
    </div>
  );
}

/** Between what 9 in 10 finish that are made to a wet size, mm. A sum over the clay's belief: kept while nothing of it changed. */
const useRange = (clay: ClayFigures, size: 'height' | 'rimDiameter', mm: number, tool: Tool) =>
  useMemo(() => rangeOf({ clay, size, tool }, { from: 'wet', mm, to: 'glazed' }, USUAL_ODDS), [clay, size, mm, tool]);

/** What it finishes at, how sure that is, and what it holds. */
function Outcome({ piece }: { piece: PieceModel }) {
  const { units, worked } = piece;
  const { stages } = worked.sized;
  const [wet, glazed] = [stages.wet.sizes, stages.glazed.sizes];
  const { family } = piece.form;
  const up = FAMILIES[family].solid ? 'thick' : 'high';
  const wide = FAMILIES[family].sizes.includes('rimAcross') ? 'long' : 'across';
  // the hand is said once, where it matters most: with what the piece is to fit
  const { tool } = worked.sure;
  const heights = useRange(worked.clay, 'height', wet.height, tool);
  const widths = useRange(worked.clay, 'rimDiameter', wet.rimDiameter, tool);
  return (
    <div className="answer-outcome">
      <b>
        Finishes {units.length(glazed.height)} {up}, {units.length(glazed.rimDiameter)} {wide}
      </b>
      {'. '}
      <button type="button" onClick={() => piece.open('rimDiameter@wet')}>
        Thrown to these sizes{piece.part.fit?.tool === 'eye' ? ' by eye' : ''}, 9 in 10 finish {betweenWords(...heights, units)} {up} and 9
        in 10 finish {betweenWords(...widths, units)} {wide}.
      </button>{' '}
      {worked.sized.capacityMl > 0 && (
        <>
          Holds about <Capacity piece={piece} /> to the brim.
        </>
      )}
    </div>
  );
}

/** The way to the screen for wet hands, where the answer is. */
export function ToTheWheel({ piece: { plan, part, ref, by } }: { piece: PieceModel }) {
  const href = `/wheel?plan=${plan.id}${ref === plan.id ? '' : `&part=${part.id}`}`;
  return <WheelLink href={href} words={by === 'wheel' ? 'At the wheel' : 'At the bench'} />;
}

const WheelLink = memo(function WheelLink({ href, words }: { href: string; words: string }) {
  return (
    <span className="answer-go">
      <Link href={href}>{words}</Link>
    </span>
  );
});

/** What it holds, typed like any other size: height and widths scale together until it does. */
function Capacity({ piece }: { piece: PieceModel }) {
  const { choice, readVolume } = piece.units;
  const written = writeVolume(piece.worked.sized.capacityMl, choice);
  return (
    <FigureInput
      label="Holds, to the brim"
      shown={text(written, false)}
      take={(typed, key) => {
        const read = readQuantity('volume', typed, { ...readVolume, unit: written.unit });
        return read.ok ? piece.takeCapacity(read.value, key) : read.problem.message;
      }}
      color="glazed"
      align="center"
      unit={written.unit}
      onVisit={() => piece.open('capacity')}
      style={CAPACITY}
    />
  );
}
