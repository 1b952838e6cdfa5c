'use client';

import type { Step } from '@/core/sizing';
import { useSize } from '@/ui/drawing';
import { StepDrawing, scaleOf } from '@/ui/steps';
import { Box, Grid, chakra } from '@chakra-ui/react';
import type { WheelPage } from './pages';

/** A letter of a figure takes so much of its size across, and one of its unit. */
const LETTER = 0.5;
const UNIT_SIZE = 0.45;

/** A figure takes no more than this of its room across, percent. */
const ROOM = 95;

/** A figure and the unit it ends with. */
const UNIT_LAST = /^([^a-z]*\d)(\s?(?:mm|cm|in|g|oz|lb))$/;

const parted = (figure: string): readonly [digits: string, unit: string] => {
  const [, digits = figure, unit = ''] = UNIT_LAST.exec(figure) ?? [];
  return [digits, unit];
};

/** How long a figure is, in letters of its own size. */
function lettersOf(figure: string): number {
  const [digits, unit] = parted(figure);
  return digits.length + unit.length * UNIT_SIZE;
}

interface DigitsProps {
  readonly children: string;
  /** No larger than this share of the screen's height, percent: on a phone, and where there is room beside it. */
  readonly high: readonly [phone: number, wide: number];
  /** Set as large as a figure of so many letters; its own unless said. */
  readonly letters?: number | undefined;
  readonly stage?: 'wet' | 'leather' | undefined;
}

/** A figure as large as its room lets it stand on one line, its unit small behind it: a number is never broken. */
function Digits({ children, high, letters = lettersOf(children), stage = 'wet' }: DigitsProps) {
  const [digits, unit] = parted(children);
  const across = `${(ROOM / (letters * LETTER)).toFixed(2)}cqw`;
  return (
    <Box
      color={stage}
      fontFamily="figure"
      fontWeight="680"
      fontStretch="88%"
      fontVariantNumeric="tabular-nums"
      lineHeight="1.05"
      overflowWrap="normal"
      data-digits
      fontSize={{ base: `min(${high[0]}vh, ${across})`, lg: `min(${high[1]}vh, ${across})` }}
    >
      {digits}
      <span style={{ fontSize: `${UNIT_SIZE}em`, fontWeight: 500 }}>{unit}</span>
    </Box>
  );
}

/** The clay at a step, as large as the room beside the figures; the pointer's line where the rim has to come. */
function Drawn({ step, steps, pointer }: { step: Step; steps: readonly Step[]; pointer?: number | undefined }) {
  const { ref, size } = useSize<HTMLDivElement>();
  return (
    <Box
      ref={ref}
      minHeight={{ base: '180px', lg: '0' }}
      height={{ base: '26vh', lg: 'auto' }}
      borderInlineStartWidth={{ lg: '1px' }}
      borderColor="line"
      paddingInlineStart={{ lg: '6' }}
      position="relative"
    >
      {size && (
        // laid over its room, so that it does not hold it open when the screen is turned
        <Box position="absolute" inset="0" paddingInlineStart={{ lg: '6' }}>
          <StepDrawing step={step} scale={scaleOf(steps, size)} size={size} pointer={pointer} />
        </Box>
      )}
    </Box>
  );
}

interface Props {
  readonly page: WheelPage;
  /** The steps at the wheel, drawn to one scale. */
  readonly steps: readonly Step[];
}

/** One look: figures to read across the room, and what the clay looks like then. */
export function PageView({ page, steps }: Props) {
  const all = page.key === 'all';
  const step = page.step ?? (all ? steps.find(({ name }) => name === 'shape') : undefined);
  return (
    <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: step ? 'minmax(0, 1fr) minmax(280px, 32%)' : 'minmax(0, 1fr)' }} gap="6" flex="1">
      <Box css={{ containerType: 'inline-size' }}>{all ? <AllFigures page={page} /> : <OneStep page={page} />}</Box>
      {step && <Drawn step={step} steps={steps} pointer={all ? page.pointer : undefined} />}
    </Grid>
  );
}

function AllFigures({ page }: { page: WheelPage }) {
  const many = page.figures.length;
  const longest = Math.max(...page.figures.map(({ figure }) => lettersOf(figure)));
  return (
    <Grid
      templateColumns="1fr"
      gap="4"
      height="100%"
      alignContent={{ lg: 'space-evenly' }}
      css={{ '@container (min-width: 560px)': { gridTemplateColumns: '1fr 1fr' } }}
    >
      {page.figures.map(({ words, figure, stage }) => (
        <Box key={words} css={{ containerType: 'inline-size' }}>
          <Box fontSize="24px" color="fg.muted">
            {words}
          </Box>
          <Digits high={[Math.min(11, 34 / many), Math.min(24, 52 / Math.ceil(many / 2))]} letters={longest} stage={stage}>
            {figure}
          </Digits>
        </Box>
      ))}
      {page.words?.map((said) => (
        <Box key={said} fontSize="24px" lineHeight="1.3" gridColumn="1 / -1">
          {said}
        </Box>
      ))}
    </Grid>
  );
}

/** A figure with its unit, and what is said of it. */
const FIGURE_FIRST = /^((?:⌀ )?[\d.,/ ]*\d(?: ?(?:mm|cm|in|g|oz|lb))?(?: [\d.]+ oz)?) ?(.*)$/;

function OneStep({ page }: { page: WheelPage }) {
  const [main, ...others] = page.figures;
  const [, digits = '', words = ''] = FIGURE_FIRST.exec(main?.figure ?? '') ?? [];
  return (
    <>
      <chakra.h2 fontSize="34px" fontWeight="680">
        {page.title}
      </chakra.h2>
      {digits && (
        <Digits high={[22, 34]} stage={page.stage}>
          {digits}
        </Digits>
      )}
      {words && (
        <Box fontSize="28px" color="fg.muted" lineHeight="1.1">
          {words}
        </Box>
      )}
      {others.map(({ figure }) => (
        <Digits key={figure} high={[7, 9]} stage={page.stage}>
          {figure}
        </Digits>
      ))}
      {page.words?.map((said) => (
        <Box key={said} fontSize="26px" lineHeight="1.3" marginTop="2" maxWidth="900px">
          {said}
        </Box>
      ))}
      {page.cautions.map((words) => (
        <Box key={words} fontSize="20px" color="warn" marginTop="2" maxWidth="640px">
          {words}
        </Box>
      ))}
    </>
  );
}
