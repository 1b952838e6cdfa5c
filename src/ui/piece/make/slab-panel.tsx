'use client';

import { FAMILIES } from '@/core/form';
import { BASES, CORNERS, SEAMS, type SlabChoices } from '@/core/handbuild';
import type { SlabWork } from '@/core/part';
import { Act, LabelledChoice, OptionalLength, OptionalNumber, optionsOf } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { openRoom } from '@/ui/rooms';
import { AssembledPiece } from '../hand/assembled-piece';
import { PaperModel } from './paper-model';
import { RolledSlabs } from './rolled-slabs';

const CUT_AT = { wet: 'Wet', leather: 'Leather hard' } as const;

/** How it is cut and joined. */
function Choices({ piece, work }: { piece: PieceModel; work: SlabWork }) {
  const kind = FAMILIES[piece.form.family].slabs;
  const { choices } = work;
  const set = (change: Partial<SlabChoices>, label: string, key?: string) => piece.takeHand({ slab: change }, label, key);
  return (
    <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="4">
      {kind !== 'flat' && kind !== 'darts' && (
        <LabelledChoice
          label="Base"
          value={choices.base}
          options={optionsOf(BASES)}
          onChoose={(base) => void set({ base }, BASES[base].toLowerCase())}
        />
      )}
      {FAMILIES[piece.form.family].cornersChosen && (
        <LabelledChoice
          label="Corners"
          value={choices.corners}
          options={optionsOf(CORNERS)}
          onChoose={(corners) => void set({ corners }, CORNERS[corners].toLowerCase())}
        />
      )}
      {kind === 'strip' && (
        <LabelledChoice
          label="Seam"
          value={choices.seam}
          options={optionsOf(SEAMS)}
          onChoose={(seam) => void set({ seam }, SEAMS[seam].toLowerCase())}
        />
      )}
      {kind === 'strip' && choices.seam === 'lapped' && (
        <OptionalLength
          label="Lap, wet"
          width="5.75rem"
          value={choices.overlap}
          onValue={(overlap, key) => set({ overlap: overlap ?? 0 }, 'lap', key)}
        />
      )}
      {kind === 'darts' && (
        <OptionalNumber
          label="Darts"
          width="5.75rem"
          value={choices.darts}
          min={3}
          max={24}
          whole
          example="6"
          onValue={(darts, key) => set({ darts }, 'darts', key)}
        />
      )}
      <LabelledChoice
        label="Cut when"
        value={choices.cutAt}
        options={optionsOf(CUT_AT)}
        onChoose={(cutAt) => void set({ cutAt }, `cut ${CUT_AT[cutAt].toLowerCase()}`)}
      />
    </HStack>
  );
}

/** From finished sizes to the slab to roll and the templates to cut it by. */
export function SlabPanel({ piece }: { piece: PieceModel }) {
  const { hand } = piece;
  if (hand?.by !== 'slab') return null;
  const kind = FAMILIES[piece.form.family].slabs;
  return (
    <Box>
      {kind === 'darts' && (
        <Box fontSize="sm" color="fg.muted" marginBottom="3" maxWidth="70ch">
          This wall curves in two directions. Make it with the darts below, in a former, or from coils.
        </Box>
      )}
      {piece.form.sizes.footHeight !== undefined && piece.form.manner.foot === 'ring' && (
        <Box fontSize="sm" color="fg.muted" marginBottom="3">
          The foot ring is not included. Add it as a strip of the same slab, or leave the foot flat.
        </Box>
      )}
      <RolledSlabs piece={piece} work={hand}>
        <Choices piece={piece} work={hand} />
      </RolledSlabs>
      <Box display={{ base: 'block', md: 'none' }}>
        <AssembledPiece piece={piece} />
      </Box>
      <Act marginBottom="4" onClick={() => openRoom(piece.plan.id, 'tools', 'templates')}>
        Templates to cut by
      </Act>
      {FAMILIES[piece.form.family].slabs === 'strip' && !FAMILIES[piece.form.family].flatSided && <PaperModel piece={piece} work={hand} />}
    </Box>
  );
}
