import { type FormerWork, type RolledSlab, type SlabWork, USUAL_ROLLER } from '@/core/workspace';
import { useBench } from '@/ui/bench';
import { STAGE_WORDS } from '@/core/sizing';
import { type UnitChoice, handMass } from '@/core/units';
import { LabelledChoice } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { Block, Told } from '../block';
import { OptionalLength, OptionalPercent } from '../optional';
import type { PieceModel } from '../use-piece';
import { PiecesField } from './pieces-field';
import { SheetDrawing } from './sheet-drawing';

const MM2_PER_IN2 = 645.16;

/** The area of a slab. */
function areaWords({ length, width }: RolledSlab['roll'], unit: UnitChoice['length']): string {
  return unit === 'mm' || unit === 'cm'
    ? `${Math.round((length * width) / 100)} cm²`
    : `${Math.round((length * width) / MM2_PER_IN2)} sq in`;
}

/** The guide to roll between, and what it finishes at. */
function guideWords({ guide, guideFinishes }: RolledSlab, length: (mm: number) => string): [string, string] | undefined {
  if (!guide || guideFinishes === undefined) return undefined;
  const words = guide.battens.map(length).join(' on ');
  return [words, `finishes ${length(guideFinishes)} thick`];
}

function Slab({ slab, piece, at }: { slab: RolledSlab; piece: PieceModel; at: 'wet' | 'leather' }) {
  const { length, mass, choice } = piece.units;
  const guide = guideWords(slab, length);
  const size = `${length(slab.roll.length)} × ${length(slab.roll.width)}`;
  return (
    <Box as="section" aria-label={`Slab ${length(slab.roll.thickness)} thick`} marginBottom="4">
      <HStack gap="8" flexWrap="wrap" alignItems="flex-start" marginBottom="2">
        <Told stage="wet" words="roll, thick">
          {length(slab.roll.thickness)}
        </Told>
        {guide && (
          <Told stage="wet" words="between battens of" small={guide[1]} finished>
            {guide[0]}
          </Told>
        )}
        <Told stage="wet" words="long × wide, wet" small={areaWords(slab.roll, choice.length)}>
          {size}
        </Told>
        <Told stage="wet" words="weigh out">
          {mass(handMass(slab.g, choice))}
        </Told>
        <Box alignSelf="center" fontSize="sm" color="fg.muted">
          {Math.round(slab.used * 100)} % of it is parts
        </Box>
      </HStack>
      <HStack marginBottom="1" gap="2" fontSize="sm" color="fg.muted">
        <StageName stage={at} />
        <span>as the parts are cut</span>
      </HStack>
      <SheetDrawing
        slab={slab}
        words={`Layout: ${slab.laid.length} ${slab.laid.length === 1 ? 'part' : 'parts'} on a slab ${size}, cut ${STAGE_WORDS[at]}`}
      />
      {slab.tooWide.map(({ name }) => (
        <Box key={name} role="alert" fontSize="sm" color="bad">
          {name} is wider than your roller takes
          {piece.hand?.by === 'slab' && !piece.hand.turn
            ? ' along its arrow. Let parts be turned'
            : ', either way. Roll two slabs and join them'}
          , or give a wider roller.
        </Box>
      ))}
    </Box>
  );
}

/** What to roll, between which battens, and how the parts lie on it. */
export function RolledSlabs({ piece, work }: { piece: PieceModel; work: SlabWork | FormerWork }) {
  const bench = useBench();
  const { texture } = work;
  const set = (change: Partial<typeof texture>, key: string) => {
    const next = { ...texture, ...change };
    return piece.takeHand({ texture: next.along || next.across ? next : undefined }, 'texture', key);
  };
  return (
    <Block title="Roll and lay out">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="3">
        <PiecesField
          label="Pieces from it"
          value={work.pieces}
          onValue={(pieces, key) => piece.takeHand({ pieces }, 'pieces from one slab', key)}
        />
        <OptionalLength
          label="Widest your roller takes"
          width="170px"
          value={bench.settings.rollerWidth ?? USUAL_ROLLER}
          onValue={(mm) => bench.set({ rollerWidth: mm && mm >= 50 ? mm : undefined })}
        />
        {work.by === 'slab' && (
          <LabelledChoice
            label="Parts lie"
            value={work.turn ? 'turned' : 'along'}
            options={[
              { value: 'along', words: 'along their arrow' },
              { value: 'turned', words: 'turned to save clay' },
            ]}
            onChoose={(lie) => void piece.takeHand({ turn: lie === 'turned' ? true : undefined }, 'how parts lie')}
          />
        )}
        <OptionalPercent
          label="Texture stretches it along"
          width="180px"
          most={50}
          value={texture.along}
          onValue={(along, key) => set({ along: along ?? 0 }, key)}
        />
        <OptionalPercent
          label="and across"
          width="100px"
          most={50}
          value={texture.across}
          onValue={(across, key) => set({ across: across ?? 0 }, key)}
        />
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginBottom="2" maxWidth="70ch">
        Texture first, cut after. Mark 100 on a slab, roll the texture in, measure again: 104 is 4 %. Battens come from your{' '}
        <chakra.span color="act" textDecoration="underline">
          <Link href="/kit">kit</Link>
        </chakra.span>
        .
      </Box>
      <Box marginBottom="1">
        <StageName stage="wet" />
      </Box>
      {work.slabs.map((slab, i) => (
        <Slab key={i} slab={slab} piece={piece} at={work.at} />
      ))}
      {work.totalG > 5000 && (
        <Box fontSize="sm" color="warn">
          <b>Care:</b> heavy slabs: lift them on their boards, with help, and divide the load.
        </Box>
      )}
    </Block>
  );
}
