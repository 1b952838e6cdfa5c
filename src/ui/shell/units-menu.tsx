'use client';

import type { LengthUnit, MassUnit, UnitChoice } from '@/core/units';
import { Choice } from '@/ui/fields';
import { pointOfLanguage, useUnits, workspaceStore } from '@/ui/state';
import { Box, chakra, type HTMLChakraProps } from '@chakra-ui/react';
import { Moon, Sun } from 'lucide-react';
import { useTheme } from 'next-themes';
import { useId, useSyncExternalStore } from 'react';
import { BarButton } from './bar-button';

const LENGTHS: { value: LengthUnit; words: string; short: string }[] = [
  { value: 'mm', words: 'millimetres', short: 'mm' },
  { value: 'cm', words: 'centimetres', short: 'cm' },
  { value: 'inch-fraction', words: 'inches, in fractions', short: 'in ⅛' },
  { value: 'in', words: 'inches, in decimals', short: 'in .1' },
];

const MASSES: { value: MassUnit; words: string; short: string }[] = [
  { value: 'g', words: 'grams', short: 'g' },
  { value: 'lb-oz', words: 'pounds and ounces', short: 'lb' },
];

const VOLUMES = [
  { value: 'ml', words: 'millilitres' },
  { value: 'us', words: 'US fluid ounces' },
  { value: 'imperial', words: 'imperial fluid ounces' },
] as const;

const FRACTIONS = ['4', '8', '16', '32', '64'].map((value) => ({ value, words: `to 1/${value} in` }));

const NEVER = () => () => undefined;

const POINTS = [
  { value: 'ask', words: 'either: it is asked' },
  { value: 'thousands', words: '1200' },
  { value: 'decimals', words: '1.2' },
] as const;

/** How figures are read and written; remembered. */
export function UnitsMenu() {
  const { choice } = useUnits();
  const id = useId();
  // the page is made before it is known who reads it
  const unsaid = useSyncExternalStore(NEVER, pointOfLanguage, () => 'decimals' as const);
  const set = (change: Partial<UnitChoice>) => workspaceStore().set(({ units }) => ({ units: { ...units, ...change } }));
  const short = LENGTHS.find(({ value }) => value === choice.length)!.short;
  return (
    <>
      <BarButton aria-label="Units" popoverTarget={id}>
        {short} · {MASSES.find(({ value }) => value === choice.mass)!.short}
      </BarButton>
      <div className="bar-menu" id={id} popover="auto" role="dialog" aria-label="Units">
        <Row words="Lengths">
          <Choice label="Lengths" value={choice.length} options={LENGTHS} onChoose={(length) => set({ length })} width="100%" />
        </Row>
        {choice.length === 'inch-fraction' && (
          <Row words="Smallest fraction">
            <Choice
              label="Smallest fraction"
              value={String(choice.denominator)}
              options={FRACTIONS}
              onChoose={(value) => set({ denominator: Number(value) })}
              width="100%"
            />
          </Row>
        )}
        <Row words="Weights">
          <Choice label="Weights" value={choice.mass} options={MASSES} onChoose={(mass) => set({ mass })} width="100%" />
        </Row>
        <Row words="Volumes">
          <Choice
            label="Volumes"
            value={choice.volume === 'ml' ? 'ml' : choice.flOz}
            options={VOLUMES}
            onChoose={(value) => set(value === 'ml' ? { volume: 'ml' } : { volume: 'fl-oz', flOz: value })}
            width="100%"
          />
        </Row>
        {(choice.point || unsaid === 'ask') && (
          <Row words="1.200 means">
            <Choice
              label="1.200 means"
              value={choice.point ?? 'ask'}
              options={POINTS}
              onChoose={(value) => set({ point: value === 'ask' ? undefined : value })}
              width="100%"
            />
          </Row>
        )}
        {/* on a phone the head has no room for it */}
        <Box display={{ md: 'none' }}>
          <Row words="Light or dark">
            <ModeButton color="fg" />
          </Row>
        </Box>
      </div>
    </>
  );
}

function Row({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <Box>
      <chakra.span fontSize="sm" color="fg.muted" aria-hidden>
        {words}
      </chakra.span>
      {children}
    </Box>
  );
}

/** Light or dark; starts as the system has it. */
export function ModeButton(props: HTMLChakraProps<'button'>) {
  const { resolvedTheme, setTheme } = useTheme();
  return (
    <BarButton aria-label="Switch light and dark" onClick={() => setTheme(resolvedTheme === 'dark' ? 'light' : 'dark')} {...props}>
      <chakra.span css={{ '.dark &': { display: 'none' } }}>
        <Moon size={20} aria-hidden />
      </chakra.span>
      <chakra.span css={{ 'html:not(.dark) &': { display: 'none' } }}>
        <Sun size={20} aria-hidden />
      </chakra.span>
    </BarButton>
  );
}
