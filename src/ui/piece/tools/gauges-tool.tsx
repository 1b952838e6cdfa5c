'use client';

import type { Gauge } from '@/core/bench';
import { type OwnMeasure, inOwnMeasures } from '@/core/workspace';
import { setShop, useBench } from '@/ui/bench';
import { LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';

/** Every gauge by what it measures from, with what is set once for all of them. */
export function GaugesTool({ gauges }: { gauges: readonly Gauge[] }) {
  const bench = useBench();
  const { length } = useUnits();
  return (
    <Box>
      <HStack gap="4" flexWrap="wrap" fontSize="sm" color="fg.muted" marginBottom="3">
        <Setting
          label="Bat, thick"
          mm={bench.wheel.batThickness}
          take={(batThickness, key) => setShop('wheel', (now) => ({ ...now, batThickness }), 'thickness of the bat', key)}
        />
        <Setting
          label="Pointer off the rim"
          mm={bench.wheel.clearance}
          take={(clearance, key) => setShop('wheel', (now) => ({ ...now, clearance }), 'pointer off the rim', key)}
        />
        <Setting
          label="Chuck, smaller all round"
          mm={bench.wheel.chuckClearance}
          take={(chuckClearance, key) => setShop('wheel', (now) => ({ ...now, chuckClearance }), 'clearance of the chuck', key)}
        />
      </HStack>
      <Gauges gauges={gauges} length={length} measures={bench.shop.measures ?? []} />
      <Box fontSize="sm" color="warn">
        <b>Care:</b> pointers and skewers beside the wheel point away from the face, tips blunted; rings and long sleeves do not mix with a
        wheel.
      </Box>
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
        style={{ width: '56px', fontSize: '16px' }}
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
                fontSize="19px"
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
