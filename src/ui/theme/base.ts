import { defineConfig } from '@chakra-ui/react';

const values = <K extends string | number, V>(all: Record<K, V>) =>
  Object.fromEntries(Object.entries(all).map(([name, value]) => [name, { value }])) as Record<K, { value: V }>;

/** Steps of space, a quarter rem each: paddings, gaps and small sizes. */
const SPACE = values(
  Object.fromEntries([0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 20].map((step) => [step, `${step / 4}rem`])),
);

const FONT_SIZES = values({ xs: '0.75rem', sm: '0.875rem', md: '1rem', lg: '1.125rem', xl: '1.25rem', '2xl': '1.5rem' });

/**
 * What the kit needs beneath the theme: its conditions and properties, and one scale of space and type. Its own palettes and the
 * looks of its some seventy components are left out: nothing here uses them, and they are half of what the kit weighs.
 */
export const base = defineConfig({
  preflight: true,
  cssVarsPrefix: 'chakra',
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss: {
    html: { color: 'fg', background: 'bg', lineHeight: '1.5', '--global-color-border': 'var(--chakra-colors-line)' },
    '*::placeholder': { color: 'fg.muted' },
    '*::selection': { background: 'act.wash' },
  },
  theme: {
    breakpoints: { sm: '480px', md: '768px', lg: '1024px', xl: '1280px' },
    tokens: {
      spacing: SPACE,
      sizes: { ...SPACE, ...values({ full: '100%', max: 'max-content', min: 'min-content' }) },
      fontSizes: FONT_SIZES,
      radii: values({ sm: '0.25rem', md: '0.375rem', full: '9999px' }),
    },
  },
});
