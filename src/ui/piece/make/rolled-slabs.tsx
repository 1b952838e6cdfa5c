import { type FormerWork, type RolledSlab, type SlabWork, USUAL_ROLLER, USUAL_SLAB_LENGTH } from '@/core/part';
import { setShop, useBench } from '@/ui/bench';
import { STAGE_WORDS } from '@/core/sizing';
import { handMass } from '@/core/units';
import { LabelledChoice, OptionalLength, OptionalPercent } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { areaWords } from '@/ui/steps';
import { Obstructed } from './obstructed';
import { PiecesField } from './pieces-field';
import { SheetDrawing } from '../drawing/sheet-drawing';

function Slab({ slab, piece, at }: { slab: RolledSlab; piece: PieceModel; at: 'wet' | 'leather' }) {
  const { length, mass, choice } = piece.units;
  const size = `${length(slab.roll.length)} × ${length(slab.roll.width)}`;
  return (
    <Box as="section" aria-label={`Slab ${length(slab.roll.thickness)} thick`} marginBottom="4">
      <HStack marginBottom="1" gap="2" fontSize="sm" color="fg.muted">
        <StageName stage={at} />
        <span>as the parts are cut</span>
      </HStack>
      <SheetDrawing
        slab={slab}
        words={`Layout: ${slab.laid.length} ${slab.laid.length === 1 ? 'part' : 'parts'} on a slab ${size}, cut ${STAGE_WORDS[at]}`}
      />
      <HStack gap="8" flexWrap="wrap" alignItems="flex-start" marginBottom="2">
        <LargeFigure stage="wet" words="roll, thick" small={`finishes ${length(slab.finishes)} thick`} finished>
          {length(slab.roll.thickness)}
        </LargeFigure>
        {slab.guide && (
          <LargeFigure stage="wet" words="between battens of">
            {slab.guide.battens.map(length).join(' on ')}
          </LargeFigure>
        )}
        <LargeFigure stage="wet" words="long × wide, wet" small={areaWords((slab.roll.length * slab.roll.width) / 100, choice.length)}>
          {size}
        </LargeFigure>
        <LargeFigure stage="wet" words="weigh out">
          {mass(handMass(slab.g, choice))}
        </LargeFigure>
        <Box alignSelf="center" fontSize="sm" color="fg.muted">
          {Math.round(slab.used * 100)}% used, {mass(handMass(slab.g * (1 - slab.used), choice))} remains
        </Box>
      </HStack>
    </Box>
  );
}

/** What to roll, between which battens, and how the parts lie on it. */
export function RolledSlabs({ piece, work, children }: { piece: PieceModel; work: SlabWork | FormerWork; children?: ReactNode }) {
  const bench = useBench();
  const { texture } = work;
  const set = (change: Partial<typeof texture>, key: string) => {
    const next = { ...texture, ...change };
    return piece.takeHand({ texture: next.along || next.across ? next : undefined }, 'texture', key);
  };
  return (
    <Block title="Roll and lay out">
      {work.obstacle ? (
        <Obstructed obstacle={work.obstacle} />
      ) : (
        <Box marginBottom="1">
          <StageName stage="wet" />
        </Box>
      )}
      {work.slabs.map((slab, i) => (
        <Slab key={i} slab={slab} piece={piece} at={work.at} />
      ))}
      {(work.totalG ?? 0) > 5000 && (
        <Box fontSize="sm" color="warn">
          <b>Caution:</b> heavy slabs: lift them on their boards, with help, and divide the load.
        </Box>
      )}
      {children}
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="3">
        <PiecesField
          label="Pieces from it"
          value={work.pieces}
          onValue={(pieces, key) => piece.takeHand({ pieces }, 'pieces from one slab', key)}
        />
        <OptionalLength
          label="Widest your roller takes"
          width="10.625rem"
          value={bench.shop.rollerWidth ?? USUAL_ROLLER}
          onValue={(mm, key) => {
            if (mm !== undefined && mm < 50) return `A roller takes at least ${piece.units.length(50)}.`;
            return setShop('rollerWidth', () => mm, undefined, key);
          }}
        />
        <OptionalLength
          label="Longest slab"
          width="7.5rem"
          value={bench.shop.slabLength ?? USUAL_SLAB_LENGTH}
          onValue={(mm, key) => {
            if (mm !== undefined && mm < 100) return `A slab is at least ${piece.units.length(100)} long.`;
            return setShop('slabLength', () => mm, undefined, key);
          }}
        />
        {work.by === 'slab' && (
          <LabelledChoice
            label="Direction of parts"
            value={work.turn ? 'turned' : 'along'}
            options={[
              { value: 'along', words: 'along their arrow' },
              { value: 'turned', words: 'turned to use less clay' },
            ]}
            onChoose={(lie) => void piece.takeHand({ turn: lie === 'turned' ? true : undefined }, 'how parts lie')}
          />
        )}
        <OptionalPercent
          label="Texture stretches the length by"
          width="11.25rem"
          most={50}
          value={texture.along}
          onValue={(along, key) => set({ along: along ?? 0 }, key)}
        />
        <OptionalPercent
          label="and the width by"
          width="6.25rem"
          most={50}
          value={texture.across}
          onValue={(across, key) => set({ across: across ?? 0 }, key)}
        />
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginBottom="2" maxWidth="70ch">
        Texture first, cut after. Mark 100 on a slab, roll the texture in, measure again: 104 is 4%. Battens come from your{' '}
        <chakra.span color="act" textDecoration="underline">
          <Link href="/kit?of=rolling">kit</Link>
        </chakra.span>
        .
      </Box>
    </Block>
  );
}
