'use client';

import { type Gauge, type GoMarks, gaugesOf, insideRib, profileRib, silhouette, strips } from '@/core/bench';
import { type Limit, USUAL_ODDS, isExact, windowAt } from '@/core/sizing';
import { type OwnMeasure, inOwnMeasures } from '@/core/workspace';
import { OwnMeasures, PrintSetting, Printed, RuleCheck, RuleMaker, setShop, useBench } from '@/ui/bench';
import { LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { cardOf } from './card';
import type { PieceModel } from './use-piece';

/** The go and no-go marks of sizes that are ranges or limits, wet: the mouth inside its walls, the depth above its floor. */
function goMarks({ worked }: PieceModel): GoMarks {
  const { clay, known, odds = USUAL_ODDS, sized } = worked;
  const { side, inside } = sized.onBat.thrown;
  const walls = 2 * (side.at(-1)!.r - inside[0]!.r);
  const within = (size: 'rimDiameter' | 'height', less: number) => {
    const limit = known[size]?.find((each): each is Limit => !isExact(each));
    const go = limit && windowAt({ clay, size }, limit, 'wet', odds).go;
    return go && ([go[0] && go[0] - less, go[1] && go[1] - less] as const);
  };
  const floor = sized.thrown.floor - sized.onBat.foot;
  const marks = {
    'level stick, mouth inside': within('rimDiameter', walls),
    'rim, outside': within('rimDiameter', 0),
    'upright stick, rim to floor': within('height', floor),
  };
  return Object.fromEntries(Object.entries(marks).filter(([, go]) => go)) as GoMarks;
}

/** What is set or printed before starting: gauges datum by datum, and the tools to cut out at true size. */
export function BenchPanel({ piece }: { piece: PieceModel }) {
  const { worked, plan, units, known, part } = piece;
  const { workspace } = useWorkspace();
  const bench = useBench();
  const thrown = piece.by === 'wheel';
  const gauges = thrown ? gaugesOf(worked, bench.wheel, piece.throwing, units.length) : [];
  const hollow = worked.sized.capacityMl > 0 && !worked.sized.wet.plan;
  const batch = workspace.batches.find(({ id }) => id === part.batchId)?.name;
  const body = known.body?.name ?? 'typical stoneware';
  const card = cardOf(piece, gauges, { batch, measures: bench.shop.measures ?? [], date: new Date().toISOString().slice(0, 10) });
  return (
    <Box>
      <HStack justifyContent="space-between" flexWrap="wrap" gap="3" marginBottom="3">
        <Link href={`/wheel?plan=${plan.id}`}>
          <chakra.span
            display="inline-flex"
            alignItems="center"
            minHeight="44px"
            paddingInline="4"
            background="act"
            color="act.fg"
            borderRadius="4px"
            fontWeight="650"
          >
            {thrown ? 'Open on the wheel screen' : 'Open on the bench screen'}
          </chakra.span>
        </Link>
        <HStack gap="4" flexWrap="wrap" fontSize="sm" color="fg.muted" display={thrown ? undefined : 'none'}>
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
      </HStack>
      <Gauges gauges={gauges} length={units.length} measures={bench.shop.measures ?? []} />
      <OwnMeasures />
      <PrintSetting />
      <RuleMaker clay={{ body, batch, cone: known.firing.cone, clay: worked.clay }} bodyId={part.bodyId} />
      {thrown && <Printed title="Measuring strips" drawing={strips(gauges, plan.name, goMarks(piece), units.length)} />}
      {hollow && <Printed title="Silhouette" drawing={silhouette(worked, plan.name)} />}
      {hollow && <Printed title="Outside rib" drawing={profileRib(worked, plan.name)} />}
      {hollow && <Printed title="Inside rib" drawing={insideRib(worked, plan.name)} />}
      <Printed title="Shelf card" drawing={card} />
      <RuleCheck clay={worked.clay} finished={piece.form.sizes.rimDiameter} />
      <Box fontSize="sm" color="warn" display={thrown ? undefined : 'none'}>
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
