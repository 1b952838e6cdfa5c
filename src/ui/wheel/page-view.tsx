'use client';

import type { Step } from '@/core/sizing';
import { useSize } from '@/ui/drawing';
import { StepDrawing, scaleOf } from '@/ui/steps';
import { Box, Grid, chakra } from '@chakra-ui/react';
import type { WheelPage } from './pages';

/** Where the drawing stands beside the figures: on all that is wide, and on a phone laid on its side. */
const BESIDE = '@media (min-width: 1024px), (min-width: 640px) and (orientation: landscape)';

/** A size that gives way where a page would not be seen whole. */
const fitted = (size: string): string => `calc(${size} * var(--fit, 1))`;

/** How wide the letters of a figure are, of its size; what is not told is as wide as a digit. */
const WIDTHS: Readonly<Record<string, number>> = { '.': 0.28, '/': 0.29, ' ': 0.18, '\u00a0': 0.18, '⌀': 0.61, m: 0.78, i: 0.25, l: 0.25 };
const DIGIT = 0.54;
const UNIT_SIZE = 0.45;

/** A figure takes no more than this of its room across, percent. */
const ROOM = 95;

/** A figure and the unit it ends with. */
const UNIT_LAST = /^([^a-z]*\d)(\s?(?:mm|cm|in|g|oz|lb))$/;

const parted = (figure: string): readonly [digits: string, unit: string] => {
  const [, digits = figure, unit = ''] = UNIT_LAST.exec(figure) ?? [];
  return [digits, unit];
};

const wideOf = (text: string): number => [...text].reduce((all, letter) => all + (WIDTHS[letter] ?? DIGIT), 0);

/** How long a figure is with its unit, of its own size. */
function longOf(figure: string): number {
  const [digits, unit] = parted(figure);
  return wideOf(digits) + wideOf(unit) * UNIT_SIZE;
}

interface DigitsProps {
  readonly children: string;
  /** No larger than this share of the screen's height, percent: on a phone, and where there is room beside it. */
  readonly high: readonly [phone: number, wide: number];
  /** Set as large as a figure so long; its own length unless said. */
  readonly long?: number | undefined;
  readonly stage?: 'wet' | 'leather' | undefined;
}

/** A figure as large as its room lets it stand on one line, its unit small behind it: a number is never broken. */
function Digits({ children, high, long = longOf(children), stage = 'wet' }: DigitsProps) {
  const [digits, unit] = parted(children);
  const across = `${(ROOM / long).toFixed(2)}cqw`;
  return (
    <Box
      color={stage}
      fontFamily="figure"
      fontWeight="680"
      fontStretch="88%"
      fontVariantNumeric="tabular-nums"
      lineHeight="1.05"
      whiteSpace="nowrap"
      data-digits
      fontSize={fitted(`min(${high[0]}vh, ${across})`)}
      css={{ [BESIDE]: { fontSize: fitted(`min(${high[1]}vh, ${across})`) } }}
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
      minHeight={fitted('180px')}
      height={fitted('26vh')}
      borderColor="line"
      position="relative"
      css={{ [BESIDE]: { minHeight: '0', height: 'auto', borderInlineStartWidth: '1px', paddingInlineStart: '24px' } }}
    >
      {size && (
        // laid over its room, so that it does not hold it open when the screen is turned
        <Box position="absolute" inset="0" overflow="hidden" css={{ [BESIDE]: { paddingInlineStart: '24px' } }}>
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
    <Grid
      templateColumns="minmax(0, 1fr)"
      gap={fitted('24px')}
      flex="1"
      css={step && { [BESIDE]: { gridTemplateColumns: 'minmax(0, 1fr) 32%' } }}
    >
      <Box css={{ containerType: 'inline-size' }}>{all ? <AllFigures page={page} /> : <OneStep page={page} />}</Box>
      {step && <Drawn step={step} steps={steps} pointer={all ? page.pointer : undefined} />}
    </Grid>
  );
}

/** Two columns where a figure is at least half as large as this, px. */
const TWO_FROM = 90;

function AllFigures({ page }: { page: WheelPage }) {
  const many = page.figures.length;
  const longest = Math.max(...page.figures.map(({ figure }) => longOf(figure)));
  return (
    <Grid
      templateColumns="1fr"
      gap={fitted('16px')}
      height="100%"
      css={{
        [`@container (min-width: ${(TWO_FROM * longest).toFixed(0)}px)`]: { gridTemplateColumns: '1fr 1fr' },
        [BESIDE]: { alignContent: 'space-evenly' },
      }}
    >
      {page.figures.map(({ words, figure, stage }) => (
        <Box key={words} css={{ containerType: 'inline-size' }}>
          <Box fontSize={fitted('24px')} color="fg.muted">
            {words}
          </Box>
          <Digits high={[Math.min(11, 34 / many), Math.min(24, 52 / Math.ceil(many / 2))]} long={longest} stage={stage}>
            {figure}
          </Digits>
        </Box>
      ))}
      {page.words?.map((said) => (
        <Box key={said} fontSize={fitted('24px')} lineHeight="1.3" gridColumn="1 / -1">
          {said}
        </Box>
      ))}
    </Grid>
  );
}

/** A figure with its unit, and what is said of it. */
const FIGURE_FIRST = /^((?:⌀\s)?[\d.,/\s]*\d(?:\s?(?:mm|cm|in|g|oz|lb)\b)?(?:\s[\d.]+\soz)?)\s?(.*)$/;

function OneStep({ page }: { page: WheelPage }) {
  const [main, ...others] = page.figures;
  const [, digits = '', words = ''] = FIGURE_FIRST.exec(main?.figure ?? '') ?? [];
  return (
    <>
      <chakra.h2 fontSize={fitted('34px')} fontWeight="680">
        {page.title}
      </chakra.h2>
      {digits && (
        <Digits high={[22, 34]} stage={page.stage}>
          {digits}
        </Digits>
      )}
      {words && (
        <Box fontSize={fitted('28px')} color="fg.muted" lineHeight="1.1">
          {words}
        </Box>
      )}
      {others.map(({ figure }) => (
        <Digits key={figure} high={[7, 9]} stage={page.stage}>
          {figure}
        </Digits>
      ))}
      {page.words?.map((said) => (
        <Box key={said} fontSize={fitted('26px')} lineHeight="1.3" marginTop={fitted('8px')} maxWidth="900px">
          {said}
        </Box>
      ))}
      {page.cautions.map((words) => (
        <Box key={words} fontSize={fitted('20px')} color="warn" marginTop={fitted('8px')} maxWidth="640px">
          {words}
        </Box>
      ))}
    </>
  );
}
