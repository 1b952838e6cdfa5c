'use client';

import { lazyPart } from '@/ui/blocks';
import type { CastWork } from '@/core/casting';
import { STAGE_WORDS } from '@/core/sizing';
import { writeLength } from '@/core/units';
import { Act } from '@/ui/fields';
import { Figure, StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { CastFields } from './cast-fields';
import { MouldDrawing } from './mould-drawing';
import { PlasterBlock } from './plaster-block';
import { SlipBlock } from './slip-block';
import { useCast } from './use-cast';

const Timer = lazyPart(() => import('./timer').then((part) => part.Timer));
const Models = lazyPart(() => import('./models').then((part) => part.Models));
const FoundModel = lazyPart(() => import('./found-model').then((part) => part.FoundModel));
const MouldSheet = lazyPart(() => import('./mould-paper').then((part) => part.MouldPaper));

const MORE = {
  slip: 'Slip',
  plaster: 'Model and plaster',
  timer: 'Timer',
  models: 'Files to print',
  found: 'A model from a file',
  paper: 'On paper',
} as const;

type More = keyof typeof MORE;

/** From the piece to a model of the right size, a mould round it, plaster and slip. */
export function CastPanel({ piece }: { piece: PieceModel }) {
  const { worked, part, plan } = piece;
  const [more, setMore] = useState<More>('slip');
  const found = useCast(piece);
  if (worked.sized.wet.plan)
    return (
      <Box className="links">
        <Box color="fg.muted" marginBottom="2">
          Rimbet calculates moulds for round pieces only. You can still save a print file of this one.
        </Box>
        <Models piece={piece} work={undefined} />
      </Box>
    );
  return (
    <Box className="links">
      {found.ok && <MouldDrawing piece={piece} work={found.value} />}
      <CastFields piece={piece} work={found.ok ? found.value : undefined} problem={found.ok ? undefined : found.problem.message} />
      {found.ok && (
        <>
          <nav className="sections" aria-label="More of casting">
            {(Object.keys(MORE) as More[]).map((each) => (
              <button key={each} type="button" aria-current={each === more ? 'true' : undefined} onClick={() => setMore(each)}>
                {MORE[each]}
              </button>
            ))}
          </nav>
          <Box marginTop="2" minHeight="220px">
            {more === 'plaster' && (
              <HStack gap="6" flexWrap="wrap" alignItems="flex-start">
                <Box flex="1 1 240px">
                  <ModelSizes piece={piece} work={found.value} />
                </Box>
                <PlasterBlock piece={piece} work={found.value} />
              </HStack>
            )}
            {more === 'slip' && <SlipBlock piece={piece} work={found.value} />}
            {more === 'timer' && <Timer />}
            {more === 'models' && <Models piece={piece} work={found.value} />}
            {more === 'found' && <FoundModel piece={piece} />}
            {more === 'paper' && <MouldSheet name={plan.name} work={found.value} />}
          </Box>
        </>
      )}
      {!found.ok && part.cast?.mould && (
        <Act onClick={() => piece.takePart((now) => ({ cast: { ...now.cast, mould: undefined } }), 'mould')}>
          A mould as small as will do
        </Act>
      )}
      <Box fontSize="sm" color="fg.muted" marginTop="4" maxWidth="80ch">
        <chakra.b color="warn">Caution:</chakra.b> plaster gets hot and caustic as it sets. Never cast it around any part of the body. Wear
        gloves, goggles and a mask to mix it, and wipe up the dust wet. Keep it out of drains and out of clay, where a crumb can blow a hole
        in a pot. Follow the maker’s instructions for silicone and release agents. If a cast sticks, use compressed air with goggles on,
        away from skin. Sponge cast ware: do not sand it dry without extraction.
      </Box>
    </Box>
  );
}

/** How large the model is, and what comes of it. */
function ModelSizes({ piece: { units, worked, known }, work }: { piece: PieceModel; work: CastWork }) {
  const { stages } = worked.sized;
  const { wet } = stages;
  const { scale } = work;
  const measured = known.evidence.sorted.filter(({ unused }) => !unused).length;
  const same = Math.abs(scale.width - scale.height) < 5e-4;
  return (
    <Box>
      <StageName stage="wet" />
      <Box fontSize="sm" color="fg.muted">
        Model without the well
      </Box>
      <HStack gap="4" color="wet" data-model-size>
        <Figure written={writeLength(wet.sizes.rimDiameter, units.choice)} size="2.125rem" />
        <Figure written={writeLength(wet.sizes.height, units.choice)} size="2.125rem" />
      </HStack>
      <Box fontSize="sm" color="fg.muted">
        mouth and height
      </Box>
      <Box marginTop="1" data-scale>
        Scale from the finished piece:{' '}
        <b>{same ? `× ${scale.width.toFixed(3)}` : `× ${scale.width.toFixed(3)} across, × ${scale.height.toFixed(3)} up`}</b>; with its well{' '}
        {units.length(work.model.height)} high, {units.volume(work.model.volumeMl)}.{' '}
        {measured > 0
          ? `The scale comes from ${measured} measured bars and pieces. Measure this one under Results and the next will be closer.`
          : 'The scale uses the supplier’s or typical figure. Nothing has been measured yet. Measure this one under Results and the next will be closer.'}
      </Box>
      <Box fontSize="sm" color="fg.muted">
        It comes out of the mould at nearly this size, then measures
      </Box>
      {(['leather', 'dry', 'bisque', 'glazed'] as const).map((stage) => (
        <Box key={stage} fontSize="sm" color={stage}>
          {STAGE_WORDS[stage]} {units.length(stages[stage].sizes.rimDiameter)} by {units.length(stages[stage].sizes.height)}
        </Box>
      ))}
    </Box>
  );
}
