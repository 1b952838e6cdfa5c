'use client';

import { lazyPart } from '@/ui/blocks';
import { STAGES, type Stage } from '@/core/clay';
import { mouldSection } from '@/core/cast';
import { type Section, outlineAt, revolvedMl, sectionOf } from '@/core/form';
import { FINENESS, type Fineness, type Mesh, coreSection, lostByFlats, pieceMesh, turned } from '@/core/mesh';
import { STAGE_WORDS } from '@/core/sizing';
import type { CastWork } from '@/core/casting';
import { Act, LabelledChoice, Saves } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { PieceModel } from '../model/use-piece';

const Preview = lazyPart(() => import('./preview').then((part) => part.Preview));

const WHAT = {
  model: 'the model with its well',
  plain: 'the model alone',
  mould: 'the mould round it',
  core: 'the inside, as a core',
  piece: 'the piece',
} as const;

type What = keyof typeof WHAT;

const FINE_WORDS: Readonly<Record<Fineness, string>> = { coarse: 'quick', fine: 'fine', finest: 'finest' };

/** A mould turned in one part. */
const canBeOne = ({ parting, chosen }: CastWork): boolean => parting.parts === 'one' && chosen.mould.shape !== 'box';

/** Files for a printer or a mill: the model and the core where it is cast, the piece at any stage; and a look at it all round. */
export function Models({ piece, work }: { piece: PieceModel; work: CastWork | undefined }) {
  const { plan, worked } = piece;
  const [what, setWhat] = useState<What>(work ? 'model' : 'piece');
  const [stage, setStage] = useState<Stage>('glazed');
  const [fineness, setFineness] = useState<Fineness>('fine');
  const [turning, setTurning] = useState(false);
  const { sized } = worked;
  const outline = useMemo(
    () => outlineAt(sized.stages.glazed, 'glazed', stage, worked.clay.shrinkage),
    [sized, stage, worked.clay.shrinkage],
  );
  const section = useMemo((): Section => {
    if (what === 'piece' || !work) return sectionOf(outline);
    if (what === 'core') return coreSection(sized.wet);
    if (what === 'mould') return mouldSection(work.model, work.chosen.mould) ?? work.model.whole;
    return what === 'model' ? work.model.whole : work.model.section;
  }, [what, work, sized, outline]);
  const flat = what === 'piece' && outline.plan !== undefined;
  const mesh = useMemo(
    (): Mesh => (flat ? pieceMesh(outline, fineness) : turned(section, FINENESS[fineness])),
    [flat, outline, section, fineness],
  );
  const lost = lostByFlats(FINENESS[fineness]);
  const at = what === 'piece' ? STAGE_WORDS[stage] : 'wet';
  const make = async () => {
    const { writeStl } = await import('@/core/encode');
    const name = `${plan.name} ${WHAT[what]} ${at}`;
    return {
      name: `rimbet-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.stl`,
      type: 'model/stl',
      content: writeStl(mesh, name),
    };
  };
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" alignItems="flex-end">
        <LabelledChoice
          label="What"
          value={what}
          options={(Object.keys(WHAT) as What[])
            .filter((value) => (work ? value !== 'mould' || canBeOne(work) : value === 'piece'))
            .map((value) => ({ value, words: WHAT[value] }))}
          onChoose={setWhat}
        />
        {what === 'piece' && (
          <LabelledChoice
            label="Size at"
            value={stage}
            options={STAGES.map((value) => ({ value, words: STAGE_WORDS[value] }))}
            onChoose={setStage}
          />
        )}
        <LabelledChoice
          label="Detail"
          value={fineness}
          options={(Object.keys(FINE_WORDS) as Fineness[]).map((value) => ({ value, words: FINE_WORDS[value] }))}
          onChoose={setFineness}
        />
        <Saves files={[{ words: 'STL', label: 'Save as STL', look: 'solid', make }]}>
          <Act aria-expanded={turning} onClick={() => setTurning(!turning)}>
            Turn it in 3D
          </Act>
        </Saves>
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginTop="1" data-mesh={mesh.length / 9}>
        {at}, in mm, closed; {(mesh.length / 9).toLocaleString('en-GB')} triangles.
        {!flat &&
          ` Volume ${piece.units.volume(revolvedMl(section) * (1 - lost))}: its ${FINENESS[fineness]} flat sides take ${(lost * 100).toFixed(2)}% off the round.`}
      </Box>
      {turning && <Preview mesh={mesh} section={section} />}
    </Box>
  );
}
