'use client';

import { remaining } from '@/core/clay';
import { type Form, checkForm } from '@/core/form';
import { type Lining, type LiningPlan, USUAL_LINING, formed, lowestStop, stopFor } from '@/core/handbuild';
import { NOTHING_LOST, size } from '@/core/sizing';
import type { FormerWork } from '@/core/part';
import type { FormerRecord } from '@/core/records';
import { Act, LabelledChoice, LengthInput, OptionalLength, OptionalPercent } from '@/ui/fields';
import { openRoom } from '@/ui/rooms';
import { StageName } from '@/ui/stage';
import { useWorkspace } from '@/ui/state';
import { areaWords, weighOutText } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { FormerPicture } from './former-picture';
import { Obstructed } from './obstructed';
import { RolledSlabs } from './rolled-slabs';

/** What a former makes of a slab as thick as this piece's, stopped at a height: finished, or why it cannot. */
function madeIn(piece: PieceModel, former: FormerRecord, stop: number) {
  const { height, wall = height } = piece.worked.sized.stages.wet.sizes;
  const { knots, sizes } = formed(former, stop, wall);
  const form = { family: 'profile', manner: { foot: 'flat' }, knots, sizes } as unknown as Form<'wet'>;
  const checked = checkForm(form, piece.units.length);
  if (!checked.ok) return { problem: checked.problem.message };
  const sized = size(piece.worked.clay, checked.value, 'wet', NOTHING_LOST);
  return { knots, wet: sizes, finished: sized.stages.glazed.sizes, capacityMl: sized.capacityMl };
}

/** Makes the piece what a former makes: its own profile, with sizes known wet. */
function take(piece: PieceModel, former: FormerRecord, stop: number, key?: string): string | undefined {
  const made = madeIn(piece, former, stop);
  if ('problem' in made) return made.problem;
  const known = (mm: number) => [{ mm, at: 'wet' as const }] as const;
  const { height, rimDiameter, wall, floor } = made.wet;
  return piece.takePart(
    (now) => ({
      family: 'profile',
      manner: { foot: 'flat' },
      knots: made.knots,
      sizes: { height: known(height), rimDiameter: known(rimDiameter), wall: known(wall), floor: known(floor) },
      hand: { ...now.hand, by: 'former', formerId: former.id, stop },
    }),
    `made in “${former.name}”`,
    key,
  );
}

const HEADS = {
  former: 'former',
  stop: 'rim level on former',
  wet: 'wet, wide × high',
  finishes: 'finishes',
  holds: 'holds',
  off: 'difference from target',
  use: 'use',
} as const;

const CELL = {
  paddingBlock: '2',
  paddingInlineEnd: '4',
  whiteSpace: 'nowrap',
  fontVariantNumeric: 'tabular-nums',
} as const;

function FormerRow({ piece, former, work }: { piece: PieceModel; former: FormerRecord; work: FormerWork }) {
  const { length, volume } = piece.units;
  const { height, rimDiameter, wall = height } = piece.worked.sized.stages.wet.sizes;
  const inUse = work.former?.id === former.id;
  const nearest = stopFor(former, rimDiameter, wall);
  const [typed, setTyped] = useState<number | undefined>();
  const [refused, setRefused] = useState<string | undefined>();
  // of the former in use it is the piece's own, so that undo shows; of the others what is being tried
  const stop = inUse && work.stop !== undefined && !work.parted ? work.stop : (typed ?? nearest);
  const made = madeIn(piece, former, stop);
  const top = former.points.at(-1)!.height;
  return (
    <tr>
      <chakra.th scope="row" textAlign="left" fontWeight={inUse ? '680' : '500'} paddingBlock="2" paddingInlineEnd="4" minWidth="128px">
        {former.name}
        <Box fontSize="sm" color="fg.muted" fontWeight="400">
          {former.measured === 'inside' ? 'clay inside it' : 'clay over it'}
          {inUse && ', in use'}
        </Box>
      </chakra.th>
      <chakra.td data-words={HEADS.stop} paddingBlock="1" paddingInlineEnd="4">
        <LengthInput
          label={`Clay stops in ${former.name} at`}
          mm={stop}
          takeMm={(mm, key) => {
            if (mm > top + 1e-6 || mm < lowestStop(former, wall) - 1e-6) {
              return `Stop between ${length(lowestStop(former, wall))} and ${length(top)}.`;
            }
            if (inUse) return take(piece, former, mm, key);
            setTyped(mm);
            return undefined;
          }}
          color="wet"
          known={inUse || typed !== undefined}
          style={{ width: '4rem', fontSize: '1.125rem' }}
        />
        <Box fontSize="xs" color="fg.muted" whiteSpace="nowrap">
          of {length(top)}
        </Box>
      </chakra.td>
      {'problem' in made ? (
        <chakra.td colSpan={4} color="bad" fontSize="sm">
          {made.problem}
        </chakra.td>
      ) : (
        <>
          <chakra.td {...CELL} data-words={HEADS.wet} color="wet">
            {length(made.wet.rimDiameter)} × {length(made.wet.height)}
          </chakra.td>
          <chakra.td {...CELL} data-words={HEADS.finishes} color="glazed" fontFamily="figure" fontWeight="680" fontSize="1.125rem">
            {length(made.finished.rimDiameter)} × {length(made.finished.height)}
          </chakra.td>
          <chakra.td {...CELL} data-words={HEADS.holds} color="glazed">
            {volume(made.capacityMl)}
          </chakra.td>
          <chakra.td {...CELL} data-words={HEADS.off} color="fg.muted" fontSize="sm" whiteSpace="normal">
            {offWords(made.finished, piece.form.sizes, length)}
          </chakra.td>
        </>
      )}
      <chakra.td paddingBlock="1">
        {!(inUse && !work.parted) && (
          <Act whiteSpace="nowrap" aria-label={`Make it in ${former.name}`} onClick={() => setRefused(take(piece, former, stop))}>
            Use it
          </Act>
        )}
        {refused && (
          <Box role="alert" color="bad" fontSize="sm">
            {refused}
          </Box>
        )}
      </chakra.td>
    </tr>
  );
}

interface Wide {
  readonly rimDiameter: number;
  readonly height: number;
}

/** How far from the piece as it is planned. */
function offWords(made: Wide, wanted: Wide, length: (mm: number) => string): string {
  const one = (mm: number, more: string, less: string) =>
    Math.abs(mm) < 0.5 ? undefined : `${length(Math.abs(mm))} ${mm > 0 ? more : less}`;
  const off = [one(made.rimDiameter - wanted.rimDiameter, 'wider', 'narrower'), one(made.height - wanted.height, 'taller', 'lower')].filter(
    Boolean,
  );
  return off.length ? off.join(', ') : 'as planned';
}

/** The formers the maker has, what each would finish at, and the slab that is pressed or laid. */
export function FormerPanel({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { hand, units, worked } = piece;
  if (hand?.by !== 'former') return null;
  const left = remaining(worked.clay.shrinkage, 'glazed', 'width');
  const { wall = 0, rimDiameter, height } = worked.sized.stages.wet.sizes;
  const off = ({ points }: FormerRecord) => Math.abs(points.at(-1)!.width - rimDiameter);
  const used = ({ id }: FormerRecord) => (id === hand.former?.id ? 0 : 1);
  const ranked = [...workspace.formers].sort((a, b) => used(a) - used(b) || off(a) - off(b));
  return (
    <Box>
      <FormerPicture piece={piece} work={hand} />
      <Block title="Which former">
        <Box fontSize="sm" color="fg.muted" maxWidth="74ch">
          This piece needs a bowl {units.length(rimDiameter)} wide inside and {units.length(height)} deep, or a hump{' '}
          {units.length(rimDiameter - 2 * wall)} wide and {units.length(height - wall)} high. A bowl {units.length(100)} wide finishes{' '}
          {units.length(100 * left)}.
        </Box>
        {hand.obstacle?.kind === 'no former' && workspace.formers.length > 0 && <Obstructed obstacle={hand.obstacle} />}
        {hand.parted && (
          <Box role="note" color="bad" fontSize="sm">
            The sizes have changed and no longer match “{hand.former!.name}”. Use it again, or choose another.
          </Box>
        )}
        {ranked.length === 0 ? (
          <Box paddingBlock="3">
            No former yet. Measure a bowl at three heights and add it to your{' '}
            <chakra.span color="act" textDecoration="underline">
              <Link href="/kit">kit</Link>
            </chakra.span>
            .
          </Box>
        ) : (
          <div className="unfolding">
            <chakra.table
              aria-label="Formers"
              className="unfolded-narrow"
              css={{ '--figure': '10.25rem' }}
              marginTop="2"
              fontSize="0.9375rem"
            >
              <thead>
                <tr>
                  {Object.values(HEADS).map((head, i) => (
                    <chakra.th
                      key={i}
                      scope="col"
                      textAlign={i < 2 ? 'left' : 'right'}
                      fontWeight="400"
                      fontSize="sm"
                      color="fg.muted"
                      paddingInlineEnd="5"
                    >
                      {head}
                    </chakra.th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {ranked.map((former) => (
                  <FormerRow key={former.id} piece={piece} former={former} work={hand} />
                ))}
              </tbody>
            </chakra.table>
          </div>
        )}
        {hand.former?.measured === 'outside' && (
          <Box fontSize="sm" color="warn" marginTop="2">
            <b>Caution:</b> clay shrinks onto a hump: take it off as soon as it holds its shape, before it tightens and cracks.
          </Box>
        )}
        {hand.former && (
          <Box fontSize="sm" color="warn" marginTop="1">
            <b>Caution:</b> do not use a kitchen bowl for food once it has been a former.
          </Box>
        )}
      </Block>
      {hand.former && <Covering piece={piece} work={hand} />}
      {hand.former && hand.lining && <LiningAnswer piece={piece} lining={hand.lining} />}
      {hand.former && !hand.lining && <RolledSlabs piece={piece} work={hand} />}
      {hand.former && !hand.lining && (
        <Act onClick={() => openRoom(piece.plan.id, 'tools', 'templates')}>Template for the disc of slab</Act>
      )}
    </Box>
  );
}

/** Whether one slab covers the former or pieces line it, and the foot that is put on. */
function Covering({ piece, work }: { piece: PieceModel; work: FormerWork }) {
  const { lining, footHeight } = piece.part.hand ?? {};
  const set = (change: Partial<Lining>, key: string) =>
    piece.takePart((now) => ({ hand: { ...now.hand, lining: { ...USUAL_LINING, ...now.hand?.lining, ...change } } }), 'lining', key);
  const inside = work.former?.measured === 'inside';
  return (
    <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="4">
      <LabelledChoice
        label={inside ? 'Pressed in' : 'Laid over'}
        value={lining ? 'pieces' : 'one'}
        options={[
          { value: 'one', words: 'one slab' },
          { value: 'pieces', words: 'pieces of slab' },
        ]}
        onChoose={(by) =>
          void piece.takeHand({ lining: by === 'pieces' ? USUAL_LINING : undefined }, by === 'pieces' ? 'lined with pieces' : 'one slab')
        }
      />
      {lining && (
        <OptionalPercent
          label="Overlap, % of the area"
          width="9.375rem"
          most={100}
          value={lining.overlapPercent}
          onValue={(percent, key) => set({ overlapPercent: percent ?? USUAL_LINING.overlapPercent }, key)}
        />
      )}
      {lining && (
        <OptionalPercent
          label="Pressing thins them by"
          width="10rem"
          most={60}
          value={lining.thinnedPercent}
          onValue={(percent, key) => set({ thinnedPercent: percent ?? USUAL_LINING.thinnedPercent }, key)}
        />
      )}
      <OptionalLength
        label="Height of added foot"
        width="8.75rem"
        hint={footHeight ? 'emptied: none' : 'none'}
        value={footHeight}
        onValue={(mm, key) => {
          if (mm !== undefined && mm > 200) return `A foot is at most ${piece.units.length(200)} high.`;
          return piece.takeHand({ footHeight: mm || undefined }, 'foot put on', key);
        }}
      />
      {footHeight !== undefined && (
        <LargeFigure
          stage="wet"
          words="height with its foot"
          small={`finishes ${piece.units.length(withFoot(piece, footHeight).finished)} high`}
          finished
        >
          {piece.units.length(withFoot(piece, footHeight).wet)}
        </LargeFigure>
      )}
    </HStack>
  );
}

/** How high the piece stands on a foot so high, wet and finished, mm. */
function withFoot({ worked }: PieceModel, foot: number): { readonly wet: number; readonly finished: number } {
  const left = remaining(worked.clay.shrinkage, 'glazed', 'height');
  const wet = worked.sized.stages.wet.sizes.height + foot;
  return { wet, finished: wet * left };
}

function LiningAnswer({ piece, lining }: { piece: PieceModel; lining: LiningPlan }) {
  const { units, weighOut, part } = piece;
  return (
    <Block title="Pieces to line it">
      <Box marginBottom="1">
        <StageName stage="wet" />
      </Box>
      <HStack gap="8" flexWrap="wrap" alignItems="flex-start" marginBottom="2">
        <LargeFigure stage="wet" words="roll, thick">
          {units.length(lining.thickness)}
        </LargeFigure>
        <LargeFigure stage="wet" words="pieces, together">
          {areaWords(lining.areaCm2, units.choice.length)}
        </LargeFigure>
        <LargeFigure stage="wet" words="weigh out">
          {weighOutText(weighOut ?? 0, part, units)}
        </LargeFigure>
      </HStack>
      <Box fontSize="sm" color="fg.muted" maxWidth="70ch">
        Press every overlap until no line shows on either side. Overlaps that only touch open up in the firing.
      </Box>
    </Block>
  );
}
