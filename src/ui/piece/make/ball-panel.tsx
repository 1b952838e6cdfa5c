'use client';

import { FAMILIES, isDisc } from '@/core/form';
import {
  ATTACHED_KINDS,
  type AttachedPart,
  type KnownPiece,
  MAKING_WORDS,
  type Making,
  TWICE_THE_CLAY,
  attachedG,
  scaledBall,
} from '@/core/sizing';
import { handMass } from '@/core/units';
import { matterIn, shortWall } from '@/core/part';
import { Act, DeleteAct, LabelledChoice, OptionalLength, OptionalMass, OptionalNumber } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useWorkspace, newKey } from '@/ui/state';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Block } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { Allowances } from './allowances';

/** One way to the ball: its figure large, what it rests on below. */
function Way({ title, g, piece, children }: { title: string; g: number | undefined; piece: PieceModel; children: ReactNode }) {
  const { choice, mass } = piece.units;
  return (
    <Box as="section" aria-label={title} borderTopWidth="3px" borderColor="wet" paddingTop="2">
      <chakra.h3 fontSize="sm" color="fg.muted">
        {title}
      </chakra.h3>
      <Box
        color="wet"
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontSize="2.125rem"
        fontWeight="680"
        lineHeight="1.15"
        data-way
      >
        {g === undefined ? '–' : mass(handMass(g, choice))}
      </Box>
      {children}
    </Box>
  );
}

/** The ball by the section, from a piece that came out right, and by the maker's own ratio, side by side. */
export function BallPanel({ piece }: { piece: PieceModel }) {
  const { worked, part } = piece;
  const { ball } = worked.sized.masses;
  return (
    <Box>
      <div className="allowance-line">
        <StageName stage="wet" />
        <Allowances piece={piece} />
      </div>
      <Grid templateColumns={{ base: '1fr', md: 'repeat(3, 1fr)' }} gap="6" marginBottom="5">
        <Way title="Calculated" g={ball} piece={piece}>
          <Box fontSize="sm" color="fg.muted">
            Clay in the wall and floor, plus what is trimmed, cut off and lost as slurry.
          </Box>
          <OptionalMass
            label="I have so much clay"
            width="7rem"
            value={part.wanted?.ballG}
            onValue={(ballG, key) =>
              piece.takePart((now) => ({ wanted: { ...now.wanted, ballG: ballG || undefined } }), 'clay to use', key)
            }
          />
        </Way>
        <FromKnown piece={piece} />
        <Way title="With your correction" g={part.ballRatio && ball * part.ballRatio} piece={piece}>
          <OptionalNumber
            label="Your ball ÷ calculated"
            width="auto"
            hint="For example 1.05, for this piece. Rimbet learns it from your log."
            value={part.ballRatio}
            min={0.2}
            max={5}
            example="1.05"
            onValue={(ballRatio, key) => piece.takePart({ ballRatio }, 'own ball ratio', key)}
          />
        </Way>
      </Grid>
      <PutOn piece={piece} />
      <TakenElsewhere piece={piece} />
    </Box>
  );
}

/** The ball the maker takes for a size, as they say it: it counts for this piece, and for others made this way until the log knows. */
function FromKnown({ piece }: { piece: PieceModel }) {
  const { worked, part, form, units } = piece;
  const known: Partial<KnownPiece> = part.knownPiece ?? {};
  const set = (change: Partial<KnownPiece>, key: string) => {
    const { ballG = 0, height = form.sizes.height, width = form.sizes.rimDiameter } = { ...known, ...change };
    return piece.sayBall(ballG > 0 ? { ballG, height, width } : undefined, key);
  };
  const scaled = part.knownPiece && scaledBall(worked.clay, form, worked.making, part.knownPiece, units.length);
  const thin = part.knownPiece && thinWall(piece, part.knownPiece);
  return (
    <Way title="My own ball" g={scaled?.ok ? scaled.value.bySection : undefined} piece={piece}>
      <HStack gap="2" flexWrap="wrap" alignItems="flex-start">
        <OptionalMass label="My ball" width="5.75rem" value={known.ballG} onValue={(ballG, key) => set({ ballG: ballG ?? 0 }, key)} />
        <OptionalLength
          label="Height, finished"
          width="6.5rem"
          value={known.height ?? form.sizes.height}
          onValue={(height, key) => set({ height: height || form.sizes.height }, key)}
        />
        <OptionalLength
          label="Mouth, finished"
          width="6.5rem"
          value={known.width ?? form.sizes.rimDiameter}
          onValue={(width, key) => set({ width: width || form.sizes.rimDiameter }, key)}
        />
      </HStack>
      {scaled && !scaled.ok && (
        <Box role="alert" color="bad" fontSize="sm">
          {scaled.problem.message}
        </Box>
      )}
      {thin && (
        <Box role="alert" color="bad" fontSize="sm">
          {thin.words} <Act onClick={() => piece.takeSize('wall', 'glazed')(thin.wall, newKey())}>Wall {units.length(thin.wall)}</Act>
        </Box>
      )}
      {scaled?.ok && (
        <Box fontSize="sm" color="fg.muted">
          {scaled.value.factor.toFixed(2)} times the size in each direction. If the wall thickens in proportion:{' '}
          {units.mass(scaled.value.byCube)}. Twice the clay makes it only {TWICE_THE_CLAY.toFixed(2)} times as wide and high.
        </Box>
      )}
      {!scaled && (
        <Box fontSize="sm" color="fg.muted">
          Finished sizes of a piece of this form, thrown the same way. Rimbet then weighs out as you do.
        </Box>
      )}
    </Way>
  );
}

/** A ball with too little clay in it for the walls that are planned: what wall it would make. */
function thinWall({ worked, form, units, part }: PieceModel, known: KnownPiece) {
  const wall = shortWall(part, { clay: worked.clay, given: { at: 'glazed', form }, sized: worked.sized });
  const planned = form.sizes.wall ?? 0;
  if (wall === undefined || wall > planned - 0.25) return undefined;
  const size = `${units.length(known.height)} × ${units.length(known.width)}`;
  return { wall, words: `${units.mass(known.ballG)} cannot make ${size} with a wall of ${units.length(planned)}: it is enough for about` };
}

const KIND_WORDS: Record<AttachedPart['kind'], string> = { handle: 'Handle', knob: 'Knob', spout: 'Spout', foot: 'Foot', other: 'Other' };

/** Handles, knobs, spouts and feet: weighed, or measured; of the same clay or another. */
export function PutOn({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { part, worked, units } = piece;
  const attached = part.attached ?? [];
  const change = (make: (now: readonly AttachedPart[]) => readonly AttachedPart[], key?: string) =>
    piece.takePart(
      (now) => {
        const next = make(now.attached ?? []);
        return { attached: next.length ? next : undefined };
      },
      'what is put on',
      key,
    );
  const edit = (id: string, changes: Partial<AttachedPart>, key?: string) =>
    change((now) => now.map((each) => (each.id === id ? { ...each, ...changes } : each)), key);
  const addOne = (id: string) => change((now) => [...now, { id, kind: 'handle' }]);
  const matterOf = matterIn(workspace);
  return (
    <Block title={piece.by === 'wheel' ? 'Attachments, not in the ball' : 'Attachments'}>
      {attached.map((each) => {
        const matter = (each.bodyId && matterOf(each.bodyId)) || worked.clay.matter;
        const measured = each.massG === undefined;
        return (
          <HStack key={each.id} gap="3" flexWrap="wrap" alignItems="flex-start" borderTopWidth="1px" borderColor="line" paddingBlock="1">
            <Box width="6.875rem">
              <LabelledChoice
                label="What"
                value={each.kind}
                options={ATTACHED_KINDS.map((value) => ({ value, words: KIND_WORDS[value] }))}
                onChoose={(kind) => edit(each.id, { kind })}
              />
            </Box>
            <Box width="8.75rem">
              <LabelledChoice
                label="Its clay"
                value={each.bodyId ?? ''}
                options={[{ value: '', words: 'the same' }, ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name }))]}
                onChoose={(bodyId) => edit(each.id, { bodyId: bodyId || undefined })}
              />
              {each.bodyId !== undefined && each.bodyId !== part.bodyId && (
                <Box fontSize="sm" color="warn">
                  <b>Caution:</b> clays that shrink by different amounts crack at the joint. Test one first.
                </Box>
              )}
            </Box>
            <OptionalMass label="Weighs, wet" width="5.75rem" value={each.massG} onValue={(massG, key) => edit(each.id, { massG }, key)} />
            {measured && (
              <>
                <OptionalLength
                  label="or length"
                  width="5.375rem"
                  value={each.length}
                  onValue={(length, key) => edit(each.id, { length: length || undefined }, key)}
                />
                <OptionalLength
                  label="wide"
                  width="4.75rem"
                  value={each.width}
                  onValue={(width, key) => edit(each.id, { width: width || undefined }, key)}
                />
                <OptionalLength
                  label="thickness or diameter"
                  width="7rem"
                  value={each.thick}
                  onValue={(thick, key) => edit(each.id, { thick: thick || undefined }, key)}
                />
              </>
            )}
            <Box paddingTop="5" color="wet" fontFamily="figure" fontWeight="650" minWidth="64px">
              {units.mass(attachedG(each, matter))}
            </Box>
            <Box paddingTop="4">
              <DeleteAct label={`Delete the ${each.kind}`} onClick={() => change((now) => now.filter(({ id }) => id !== each.id))} />
            </Box>
          </HStack>
        );
      })}
      <Act marginTop="1" onClick={() => addOne(newKey())}>
        Add a handle, knob, spout or foot
      </Act>
    </Block>
  );
}

/** Allowances that few pieces need. */
function TakenElsewhere({ piece }: { piece: PieceModel }) {
  const { family } = piece.form;
  const names: (keyof Making)[] = [
    ...(isDisc(family) ? [] : (['wholeWall', 'carveDepth', 'carveHeight', 'rimGround'] as const)),
    ...(FAMILIES[family].liesFlat ? (['edgeCut'] as const) : []),
  ];
  return (
    <Block title="Other clay removed (included in the ball)">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        {names.map((name) => (
          <OptionalLength
            key={name}
            label={MAKING_WORDS[name][0]!.toUpperCase() + MAKING_WORDS[name].slice(1)}
            width="10.625rem"
            value={piece.worked.making[name]}
            onValue={(mm, key) => piece.takeAllowance(name)(mm ?? 0, key)}
          />
        ))}
      </HStack>
    </Block>
  );
}
