import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { base } from './base';
import { CLASSES } from './classes';
import { FRAME_CLASSES } from './frame-classes';

const both = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });

/**
 * Colours by meaning. Every stage has its own ink and wash; `act` is for what can be done, `warn` for what will
 * be cut away or needs a look, `bad` for what is impossible. Pairs meet WCAG AA on `bg` and `bg.panel` in both modes.
 */
const COLORS = {
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

/** On paper it is always light: dark ink on white, whatever the screen shows. */
const onPaper = Object.fromEntries(
  Object.entries(COLORS).flatMap(([name, shades]) =>
    Object.entries('DEFAULT' in shades ? shades : { DEFAULT: shades }).map(([shade, { value }]) => [
      `--chakra-colors-${name}${shade === 'DEFAULT' ? '' : `-${shade}`}`,
      // over every later layer
      `${value._light} !important`,
    ]),
  ),
) as Record<`--${string}`, string>;

const config = defineConfig({
  globalCss: {
    'html, body': { background: 'bg', color: 'fg', fontFamily: 'body', minHeight: '100%' },
    // what is printed is the content: no way about, nothing to press
    ':root, :root.light, :root.dark': { '@media print': onPaper },
    'header, nav, [role=tablist], [data-act], [data-screen]': { '@media print': { display: 'none !important' } },
    'section, tr, svg': { '@media print': { breakInside: 'avoid' } },
    main: { '@media print': { display: 'block' } },
    ...CLASSES,
    ...FRAME_CLASSES,
    '*:focus-visible': { outline: '2px solid', outlineColor: 'focus', outlineOffset: '2px' },
  },
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Atkinson Hyperlegible Next Variable', sans-serif" },
        heading: { value: "'Atkinson Hyperlegible Next Variable', sans-serif" },
        figure: { value: "'Archivo Variable', 'Atkinson Hyperlegible Next Variable', sans-serif" },
      },
    },
    semanticTokens: {
      colors: COLORS,
    },
  },
});

export const system = createSystem(defaultBaseConfig, base, config);
