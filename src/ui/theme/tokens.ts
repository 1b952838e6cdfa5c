import { defineConfig } from '@chakra-ui/react';

const both = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });

/**
 * Colours by meaning. Every stage has its own ink and wash; `act` is for what can be done, `warn` for what will
 * be cut away or needs a look, `bad` for what is impossible. Pairs meet WCAG AA on `bg` and `bg.panel` in both modes.
 */
export const COLORS = {
  bg: { DEFAULT: both('#fcfcfb', '#10171b'), panel: both('#f1f5f3', '#172126'), raised: both('#ffffff', '#1d2930') },
  fg: { DEFAULT: both('#16222a', '#e6eeec'), muted: both('#4b5b64', '#a6b6ba') },
  bar: { DEFAULT: both('#16222a', '#0a1013'), fg: both('#f2f6f5', '#e6eeec'), muted: both('#b4c3c7', '#a6b6ba') },
  line: { DEFAULT: both('#c6d0d1', '#35444b'), strong: both('#6f7f86', '#8b9ba1') },
  focus: both('#0f766e', '#8fd3c0'),
  act: { DEFAULT: both('#0b6b5b', '#8fd0b6'), fg: both('#ffffff', '#0b1512'), wash: both('#dcece5', '#1f3a33') },
  warn: { DEFAULT: both('#805300', '#e8b765'), wash: both('#f7e9cd', '#3a2d15') },
  bad: { DEFAULT: both('#a3123c', '#ff9db0'), wash: both('#fbe4ea', '#43202a') },
  wet: { DEFAULT: both('#1d5a7c', '#9fd3ef'), wash: both('#c5dbe6', '#1f4458') },
  leather: { DEFAULT: both('#3b6a70', '#9cc9cc'), wash: both('#cfdfe0', '#2b4749') },
  dry: { DEFAULT: both('#5f6462', '#c3c8c5'), wash: both('#dfe1df', '#40454a') },
  bisque: { DEFAULT: both('#855527', '#e0b083'), wash: both('#ecdccb', '#4d3823') },
  glazed: { DEFAULT: both('#a33a17', '#f4a384'), wash: both('#f1cfc3', '#5a2a1b') },
};

const values = <K extends string | number, V>(all: Record<K, V>) =>
  Object.fromEntries(Object.entries(all).map(([name, value]) => [name, { value }])) as Record<K, { value: V }>;

/** Steps of space, a quarter rem each: paddings, gaps and small sizes. */
const SPACE = values(
  Object.fromEntries([0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 20].map((step) => [step, `${step / 4}rem`])),
);

const FONT_SIZES = values({ xs: '0.75rem', sm: '0.875rem', md: '1rem', lg: '1.125rem', xl: '1.25rem', '2xl': '1.5rem' });

/**
 * The theme: colours, faces, one scale of space and type. The kit's own palettes and the looks of its some seventy components are left
 * out: nothing here uses them, and they are half of what the kit weighs.
 */
export const tokens = defineConfig({
  cssVarsPrefix: 'chakra',
  cssVarsRoot: ':where(html, .chakra-theme)',
  theme: {
    breakpoints: { sm: '480px', md: '768px', lg: '1024px', xl: '1280px' },
    tokens: {
      fonts: values({
        body: "'Atkinson Hyperlegible Next Variable', sans-serif",
        heading: "'Atkinson Hyperlegible Next Variable', sans-serif",
        figure: "'Archivo Variable', 'Atkinson Hyperlegible Next Variable', sans-serif",
      }),
      spacing: SPACE,
      sizes: { ...SPACE, ...values({ full: '100%', max: 'max-content', min: 'min-content' }) },
      fontSizes: FONT_SIZES,
      radii: values({ sm: '0.25rem', md: '0.375rem', full: '9999px' }),
    },
    semanticTokens: { colors: COLORS },
  },
});
