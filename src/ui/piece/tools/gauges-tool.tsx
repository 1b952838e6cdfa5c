'use client';

import type { Gauge } from '@/core/bench';
import { type Bat, chucksFor, inOwnMeasures, type OwnMeasure } from '@/core/records';
import { setShop, useBench } from '@/ui/bench';
import { Act, LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { GaugePicture } from './gauge-picture';

/** Every gauge by what it measures from, with what is set once for all of them. */
export function GaugesTool({ piece, gauges, bat }: { piece: PieceModel; gauges: readonly Gauge[]; bat: Bat | undefined }) {
  const bench = useBench();
  const { length } = useUnits();
  return (
    <Box>
      {piece.by === 'wheel' && <GaugePicture piece={piece} />}
      <HStack gap="4" flexWrap="wrap" fontSize="sm" color="fg.muted" marginBottom="3">
        {bat ? (
          <OnBat piece={piece} bat={bat} />
        ) : (
          <Setting
            label="Bat, thick"
            mm={bench.wheel.batThickness}
            take={(batThickness, key) => setShop('wheel', (now) => ({ ...now, batThickness }), 'thickness of the bat', key)}
          />
        )}
        <Setting
          label="Pointer gap from the rim"
          mm={bench.wheel.clearance}
          take={(clearance, key) => setShop('wheel', (now) => ({ ...now, clearance }), 'pointer off the rim', key)}
        />
        <Setting
          label="Chuck clearance"
          mm={bench.wheel.chuckClearance}
          take={(chuckClearance, key) => setShop('wheel', (now) => ({ ...now, chuckClearance }), 'clearance of the chuck', key)}
        />
      </HStack>
      <Suiting gauges={gauges} />
      <Gauges gauges={gauges} length={length} measures={bench.shop.measures ?? []} />
      <Box fontSize="sm" color="warn">
        <b>Caution:</b> pointers and skewers beside the wheel point away from the face, tips blunted; rings and long sleeves do not mix with
        a wheel.
      </Box>
    </Box>
  );
}

/** The bat of the kit this piece takes, and what of its making that changes. */
function OnBat({ piece, bat: { name, width, thickness, plaster } }: { piece: PieceModel; bat: Bat }) {
  const { length } = useUnits();
  const { wireLoss } = piece.worked.making;
  return (
    <Box role="note">
      On <b>{name}</b>, {length(width)} across and {length(thickness)} thick: the smallest of your bats that holds its base.
      {plaster && wireLoss > 0 && (
        <>
          {' '}
          It is plaster, so no wire is needed, but {length(wireLoss)} is set as left under the wire.{' '}
          <Act onClick={() => piece.takeAllowance('wireLoss')(0, `plaster-${piece.plan.id}`)}>Set to no wire</Act>
        </>
      )}
    </Box>
  );
}

/** The maker's chucks that go into it when it is trimmed. */
function Suiting({ gauges }: { gauges: readonly Gauge[] }) {
  const { shop } = useBench();
  const asked = gauges.find(({ name }) => name === 'Chuck for trimming')?.readings[0];
  if (!asked || !shop.chucks?.length) return null;
  const found = chucksFor(shop.chucks, asked.mm);
  return (
    <Box fontSize="sm" marginBottom="3">
      {found.length > 0 ? (
        <>
          Of your chucks <b>{found.map(({ name }) => name).join(', ')}</b> {found.length === 1 ? 'fits' : 'fit'} its inside.
        </>
      ) : (
        'None of your chucks fits inside it.'
      )}
    </Box>
  );
}

/** The same width in the maker's own measures, where one is near. */
const InOwn = ({ words }: { words: string | undefined }) =>
  words ? (
    <Box fontSize="xs" color="act" fontWeight="600">
      {words}
    </Box>
  ) : null;

function Setting({ label, mm, take }: { label: string; mm: number; take: (mm: number, key: string) => undefined }) {
  const { length } = useUnits();
  return (
    <Box>
      {label}{' '}
      <LengthInput
        label={label}
        mm={mm}
        zero
        takeMm={(value, key) => (value > 200 ? `At most ${length(200)}.` : take(value, key))}
        known
        style={{ width: '3.5rem', fontSize: '1rem' }}
      />
    </Box>
  );
}

interface GaugesProps {
  readonly gauges: readonly Gauge[];
  readonly length: (mm: number) => string;
  readonly measures: readonly OwnMeasure[];
}

function Gauges({ gauges, length, measures }: GaugesProps) {
  return (
    <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(250px, 1fr))" columnGap="6" rowGap="4" marginBottom="4">
      {gauges.map(({ name, stage, datum, readings }) => (
        <Box as="section" key={name} aria-label={name} borderTopWidth="3px" borderColor={stage} paddingTop="1">
          <HStack justifyContent="space-between">
            <chakra.h3 fontWeight="650">{name}</chakra.h3>
            <Box fontSize="sm">
              <StageName stage={stage} />
            </Box>
          </HStack>
          <Box fontSize="xs" color="fg.muted" lineHeight="1.35" marginBottom="1">
            {datum}
          </Box>
          {readings.map(({ what, mm, stage: own }) => (
            <HStack key={what} justifyContent="space-between" alignItems="baseline" gap="3">
              <Box fontSize="sm">
                {what}
                <InOwn words={inOwnMeasures(mm, measures, length)} />
              </Box>
              <Box
                color={own ?? stage}
                fontFamily="figure"
                fontVariantNumeric="tabular-nums"
                fontSize="1.1875rem"
                fontWeight="680"
                whiteSpace="nowrap"
              >
                {own && <StageName stage={own} />}
                {length(mm)}
              </Box>
            </HStack>
          ))}
        </Box>
      ))}
    </Box>
  );
}
