'use client';

import { mouldMl, plasterFor } from '@/core/cast';
import { remaining } from '@/core/clay';
import { scaledMesh } from '@/core/mesh';
import { USUAL_CAST } from '@/core/casting';
import { type Job, type Progress, type StlRead, readModel } from '@/workers';
import type { Result } from '@/core/units';
import { Act, OptionalVolume, Saves } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { PieceModel } from '../model/use-piece';

type State =
  | { readonly kind: 'none' }
  | { readonly kind: 'reading'; readonly name: string; readonly progress: Progress }
  | { readonly kind: 'refused'; readonly name: string; readonly why: string }
  | { readonly kind: 'read'; readonly name: string; readonly read: StlRead };

/** A model that is a file: what it is, whether it comes out of a mould, and the same larger by what the clay shrinks. */
export function FoundModel({ piece }: { piece: PieceModel }) {
  const { worked, units, part } = piece;
  const [state, setState] = useState<State>({ kind: 'none' });
  const job = useRef<Job<Result<StlRead>>>(undefined);
  useEffect(() => () => job.current?.cancel(), []);
  const leastDraft = part.cast?.leastDraft ?? USUAL_CAST.leastDraft;
  const open = (file: File | undefined) => {
    if (!file) return;
    job.current?.cancel();
    const { name } = file;
    setState({ kind: 'reading', name, progress: { done: 0, of: 1 } });
    const own = readModel({ file, leastDraft }, (progress) => setState((now) => (now.kind === 'reading' ? { ...now, progress } : now)));
    job.current = own;
    own.result.then(
      (found) => setState(found.ok ? { kind: 'read', name, read: found.value } : { kind: 'refused', name, why: found.problem.message }),
      (error: unknown) => setState({ kind: 'refused', name, why: error instanceof Error ? error.message : 'It could not be read.' }),
    );
  };
  const { shrinkage } = worked.clay;
  const [across, up] = [1 / remaining(shrinkage, 'glazed', 'width'), 1 / remaining(shrinkage, 'glazed', 'height')];
  return (
    <Box>
      <chakra.label display="block" fontSize="sm" color="fg.muted" htmlFor="found-model">
        A model as STL, in mm, at the finished size
      </chakra.label>
      <chakra.input
        id="found-model"
        type="file"
        accept=".stl,model/stl"
        minHeight="44px"
        onChange={(event) => open(event.currentTarget.files?.[0])}
      />
      {state.kind === 'reading' && (
        <HStack role="status">
          <progress value={state.progress.done} max={state.progress.of} aria-label={`Reading ${state.name}`} />
          <Act
            onClick={() => {
              job.current?.cancel();
              setState({ kind: 'none' });
            }}
          >
            Stop
          </Act>
        </HStack>
      )}
      {state.kind === 'refused' && (
        <Box role="alert" color="bad">
          {state.name} was not opened: {state.why}
        </Box>
      )}
      {state.kind === 'read' && <Read name={state.name} read={state.read} across={across} up={up} units={units} leastDraft={leastDraft} />}
      {state.kind === 'none' && <Displaced piece={piece} />}
    </Box>
  );
}

interface ReadProps {
  readonly name: string;
  readonly read: StlRead;
  readonly across: number;
  readonly up: number;
  readonly units: PieceModel['units'];
  readonly leastDraft: number;
}

function Read({ name, read: { mesh, measures }, across, up, units, leastDraft }: ReadProps) {
  const { size, draft, volumeMl, closed, openEdges, insideOut, triangles } = measures;
  const sides = draft.undercut + draft.little + draft.enough;
  const share = (area: number) => `${Math.round((100 * area) / (sides || 1))}%`;
  const [width, depth, height] = [size.width * across, size.depth * across, size.height * up];
  const make = async () => {
    const { writeStl } = await import('@/core/encode');
    const base = name
      .replace(/\.stl$/i, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-');
    return {
      name: `rimbet-${base}-wet.stl`,
      type: 'model/stl',
      content: writeStl(scaledMesh(mesh, across, up), `${base}, wet size`),
    };
  };
  return (
    <Box marginTop="1" data-found={closed ? 'closed' : 'open'}>
      <Box color="glazed">
        {units.length(size.width)} × {units.length(size.depth)} × {units.length(size.height)} finished
        {closed && `, ${units.volume(volumeMl)}`}, {triangles.toLocaleString('en-GB')} triangles
      </Box>
      <Box color="wet" fontWeight="650" data-found-wet>
        as a model {units.length(width)} × {units.length(depth)} × {units.length(height)}
        {closed && `, ${units.volume(volumeMl * across * across * up)}`}
      </Box>
      <Box color={closed ? 'fg' : 'warn'}>
        {closed
          ? 'Closed: a printer can make it.'
          : `Not closed: ${openEdges.toLocaleString('en-GB')} edges are open, so its volume is unknown. Repair it in the program it was drawn with.`}
        {insideOut && closed && ' Inside and outside are swapped.'}
      </Box>
      <Box color={draft.undercut > 0.01 * sides ? 'warn' : 'fg'}>
        Pulled straight up: {share(draft.enough)} of the sides have {leastDraft}° of draft or more, {share(draft.little)} have less,{' '}
        {share(draft.undercut)} are undercut.
      </Box>
      <Saves files={[{ words: 'STL at wet size', look: 'solid', make }]} />
    </Box>
  );
}

/** A thing found, without a file: its volume by the water it displaces gives the plaster round it in the mould chosen. */
function Displaced({ piece: { part, units } }: { piece: PieceModel }) {
  const [ml, setMl] = useState<number | undefined>();
  const { mould, ratio = USUAL_CAST.ratio, margin = USUAL_CAST.margin } = part.cast ?? {};
  const room = mould && mouldMl(mould);
  const plaster = ml && room && ml < room ? plasterFor(room, ml, ratio, margin) : undefined;
  return (
    <Box marginTop="3" maxWidth="70ch">
      <OptionalVolume label="No file? Water it displaces" width="15rem" value={ml} onValue={(each) => setMl(each)} />
      <Box fontSize="sm" color="fg.muted">
        Put it into a brim-full bucket and weigh the water that runs over: 1 g is 1 ml. Or measure it and start a piece with its sizes.
      </Box>
      {ml !== undefined && !room && <Box role="status">Choose a mould case above to see the plaster.</Box>}
      {ml !== undefined && room !== undefined && ml >= room && (
        <Box role="alert" color="bad">
          It is larger than the mould, {units.volume(room)}. Choose a larger one.
        </Box>
      )}
      {plaster && (
        <Box data-displaced fontWeight="600">
          {units.mass(plaster.rule.plasterKg * 1000)} plaster and {units.mass(plaster.rule.waterKg * 1000)} water by the rule;{' '}
          {units.mass(plaster.density.plasterKg * 1000)} and {units.mass(plaster.density.waterKg * 1000)} by density.
        </Box>
      )}
    </Box>
  );
}
