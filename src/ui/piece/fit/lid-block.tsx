'use client';

import { FITS, type Fit, chanceWords } from '@/core/fit';
import { FAMILIES, isDisc } from '@/core/form';
import { LEAST_BEYOND, cuttersFor } from '@/core/handbuild';
import { calledPart, type CutterRecord, partRef } from '@/core/records';
import { Act, DeleteAct, LabelledChoice, optionsOf } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { Block, Sideways } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { NONE } from './change';
import { LidPicture } from './lid-picture';
import { cutterName, takesRoundLid, useLidPairs } from './use-lid-pairs';

const FIT_WORDS: Record<Fit, string> = { snug: 'Snug', easy: 'Easy', roomy: 'Roomy' };
const STAGES = { wet: 'Wet', leather: 'Leather hard' } as const;
/** So many cutters are listed for a flat piece. */
const SHOWN = 4;

const CELL = { textAlign: 'right', paddingInlineEnd: '5', paddingBlock: '1', fontVariantNumeric: 'tabular-nums' } as const;
const HEAD = { ...CELL, fontWeight: '400', fontSize: 'sm', color: 'fg.muted' } as const;

function NoCutters() {
  return (
    <Box fontSize="sm">
      No cutters yet: list yours in your{' '}
      <chakra.span color="act" textDecoration="underline">
        <Link href="/kit?of=cutters">kit</Link>
      </chakra.span>
      .
    </Box>
  );
}

/** A lid of two discs for this mouth, or the cutter for a flat piece, from the maker's own set. */
export function LidBlock({ piece }: { piece: PieceModel }) {
  const { family } = piece.form;
  if (FAMILIES[family].solid) return <FlatCutters piece={piece} />;
  // an oval or a box takes no round lid
  return takesRoundLid(piece) ? <LidPairs piece={piece} /> : null;
}

/** One pair of cutters for a family of mouths: the other pots it is to fit too. */
function AlsoFor({
  piece,
  chosen,
  onChange,
}: {
  piece: PieceModel;
  chosen: readonly string[];
  onChange: (refs: readonly string[]) => void;
}) {
  const { plans } = useWorkspace().workspace;
  const named = plans.flatMap((plan) =>
    plan.parts
      .filter((part) => part.id !== piece.part.id && !FAMILIES[part.family].solid && !FAMILIES[part.family].flatSided)
      .map((part) => ({ value: partRef(plan, part), words: calledPart(plan, part) })),
  );
  return (
    <HStack gap="3" rowGap="1" flexWrap="wrap" alignItems="flex-end" marginBottom="2" fontSize="sm">
      <LabelledChoice
        label="Use the same pair for"
        value={NONE}
        options={[{ value: NONE, words: 'another pot' }, ...named.filter(({ value }) => !chosen.includes(value))]}
        onChoose={(ref) => ref && onChange([...chosen, ref])}
      />
      {named
        .filter(({ value }) => chosen.includes(value))
        .map(({ value, words }) => (
          <HStack key={value} gap="1">
            {words}
            <DeleteAct label={`Not for ${words}`} onClick={() => onChange(chosen.filter((each) => each !== value))} />
          </HStack>
        ))}
    </HStack>
  );
}

/** No more clay than this is laid on a lid that dries, mm, and no more lids. Ours. */
const STACK_MM = 30;
const STACK_MOST = 5;

function DryingLids({ thick = 5 }: { thick?: number | undefined }) {
  const high = Math.max(1, Math.min(STACK_MOST, Math.floor(STACK_MM / thick)));
  return (
    <Box fontSize="sm" color="fg.muted" marginTop="2" maxWidth="70ch">
      Dry lids upside down on a flat board{high > 1 ? `, at most ${high} high, with paper between` : ', one high'}; turn the stack over once
      they are leather hard.
    </Box>
  );
}

function LidPairs({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { worked, units } = piece;
  const { chosen, choose, mouth, several, pairs, keep } = useLidPairs(piece);
  const { fit, at, others } = chosen;
  const [best] = pairs;
  return (
    <Block title="A lid from your cutters">
      {best && <LidPicture piece={piece} pair={best} />}
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginBottom="2">
        <LabelledChoice
          label="Inner disc fit"
          value={fit}
          options={(Object.keys(FITS) as Fit[]).map((value) => ({ value, words: FIT_WORDS[value] }))}
          onChoose={(value) => choose({ fit: value })}
        />
        <LabelledChoice label="Cut when" value={at} options={optionsOf(STAGES)} onChoose={(value) => choose({ at: value })} />
        <Box fontSize="sm" color="fg.muted" maxWidth="46ch">
          A disc over the rim and a smaller one inside the mouth ({units.length(mouth.inside)} finished), of the pot’s own clay, made and
          fired with it.
        </Box>
      </HStack>
      <AlsoFor piece={piece} chosen={others} onChange={(refs) => choose({ others: refs })} />
      {workspace.cutters.length < 2 ? (
        <NoCutters />
      ) : pairs.length === 0 ? (
        <Box fontSize="sm">No two of your round cutters make a lid.</Box>
      ) : (
        <Sideways label="Lids, sideways">
          <chakra.table aria-label="Pairs of cutters for a lid" fontSize="0.9375rem">
            <thead>
              <tr>
                <chakra.th {...HEAD} scope="col" textAlign="left">
                  lid
                </chakra.th>
                <chakra.th {...HEAD} scope="col" textAlign="left">
                  insert
                </chakra.th>
                <chakra.th {...HEAD} scope="col">
                  <HStack justifyContent="flex-end">
                    <StageName stage="glazed" />
                  </HStack>
                </chakra.th>
                <chakra.th {...HEAD} scope="col">
                  gap
                </chakra.th>
                <chakra.th {...HEAD} scope="col">
                  overhang
                </chakra.th>
                <chakra.th {...HEAD} scope="col">
                  {several ? 'seats well, worst pot' : 'seats well'}
                </chakra.th>
                <chakra.th {...HEAD} scope="col" textAlign="left">
                  fits
                </chakra.th>
                <th>
                  <chakra.span srOnly>what can be done</chakra.span>
                </th>
              </tr>
            </thead>
            <tbody>
              {pairs.map((pair, i) => (
                <chakra.tr key={i} borderTopWidth="1px" borderColor="line" fontWeight={pair.fits ? '650' : '400'}>
                  <chakra.td {...CELL} textAlign="left" color="wet">
                    {cutterName(pair.lid)}
                  </chakra.td>
                  <chakra.td {...CELL} textAlign="left" color="wet">
                    {cutterName(pair.insert)}
                  </chakra.td>
                  <chakra.td {...CELL} color="glazed" whiteSpace="nowrap">
                    {units.length(pair.lid.finished)} and {units.length(pair.insert.finished)}
                  </chakra.td>
                  <chakra.td {...CELL}>
                    {pair.gap < 0 ? `too wide by ${units.length(-pair.gap)}` : units.length(pair.gap)}
                    {pair.gapMost > pair.gap + 0.05 && ` to ${units.length(pair.gapMost)}`}
                  </chakra.td>
                  <chakra.td {...CELL}>{pair.beyond < 0 ? `short by ${units.length(-pair.beyond)}` : units.length(pair.beyond)}</chakra.td>
                  <chakra.td {...CELL} color={pair.fits ? 'act' : 'fg.muted'}>
                    {chanceWords(pair.odds.good)}
                  </chakra.td>
                  <chakra.td {...CELL} textAlign="left" color={pair.fits ? 'act' : 'fg.muted'} fontSize="sm">
                    {pair.fits ? 'fits' : pair.gap < FITS[fit].min ? 'jams' : pair.beyond < LEAST_BEYOND ? 'too small to cover' : 'loose'}
                  </chakra.td>
                  <chakra.td paddingBlock="1">
                    <Act aria-label={`Keep ${cutterName(pair.lid)} and ${cutterName(pair.insert)} as parts`} onClick={() => keep(pair)}>
                      Add as parts
                    </Act>
                  </chakra.td>
                </chakra.tr>
              ))}
            </tbody>
          </chakra.table>
        </Sideways>
      )}
      {pairs.length > 0 && <DryingLids thick={worked.sized.stages[at].sizes.wall} />}
    </Block>
  );
}

function FlatCutters({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { worked, units, form, hand } = piece;
  const at = hand?.by === 'slab' ? hand.at : 'wet';
  const shape = isDisc(form.family) ? 'round' : 'square';
  const near = cuttersFor(
    worked.clay,
    workspace.cutters.filter((cutter) => cutter.shape === shape),
    at,
    form.sizes.rimDiameter,
  ).slice(0, SHOWN);
  return (
    <Block title="Your cutters for it">
      {near.length === 0 ? (
        <NoCutters />
      ) : (
        near.map(({ cutter, finished, finishedHollows, off }) => (
          <HStack key={cutter.id} gap="4" borderTopWidth="1px" borderColor="line" paddingBlock="1">
            <Box width="9.375rem" color="wet">
              {(cutter as CutterRecord).name}
            </Box>
            <Box color="glazed" fontFamily="figure" fontWeight="680" fontSize="1.1875rem">
              {units.length(finished)}
              {finishedHollows !== undefined && ` (${units.length(finishedHollows)} over its hollows)`}
            </Box>
            <Box fontSize="sm" color="fg.muted">
              {Math.abs(off) < 0.5 ? 'as planned' : `${units.length(Math.abs(off))} ${off > 0 ? 'larger' : 'smaller'} than planned`}
            </Box>
          </HStack>
        ))
      )}
    </Block>
  );
}
