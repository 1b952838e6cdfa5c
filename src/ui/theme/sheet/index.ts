import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { COLORS, tokens } from '../tokens';
import { DRAWING } from './drawing';
import { FRAME } from './frame';
import { HEAD } from './head';
import { LEDGER } from './ledger';
import { LISTS } from './lists';
import { PARTS } from './parts';
import { PIECE } from './piece';
import { START } from './start';
import { TOLD } from './told';
import { WHEEL } from './wheel';

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

const globals = defineConfig({
  preflight: true,
  globalCss: {
    // the least size of what is pressed: a finger's, but where there is a mouse and room
    ':root': {
      '--finger': '44px',
      '@media (min-width: 768px) and (pointer: fine), (min-width: 768px) and (pointer: none)': { '--finger': '0px' },
    },
    ':where(main a[href])': {
      '@media (pointer: coarse)': { display: 'inline-flex', alignItems: 'center', minHeight: 'var(--finger)', minWidth: 'var(--finger)' },
    },
    // smaller, a phone would enlarge the page as one is typed into
    'input, select, textarea': { '@media (pointer: coarse)': { fontSize: 'max(16px, 1em)' } },
    html: { color: 'fg', background: 'bg', lineHeight: '1.5', '--global-color-border': 'var(--chakra-colors-line)' },
    '*::placeholder': { color: 'fg.muted' },
    '*::selection': { background: 'act.wash' },
    'html, body': { background: 'bg', color: 'fg', fontFamily: 'body', minHeight: '100%' },
    // what is printed is the content: no way about, nothing to press
    ':root, :root.light, :root.dark': { '@media print': onPaper },
    'header, nav, [role=tablist], [data-act], [data-screen]': { '@media print': { display: 'none !important' } },
    'section, tr, svg': { '@media print': { breakInside: 'avoid' } },
    // what scrolls on a screen is made to fit on paper
    '.strip': { '@media print': { maxWidth: '100%', height: 'auto' } },
    main: { '@media print': { display: 'block' } },
    ...PARTS,
    ...LEDGER,
    ...DRAWING,
    ...LISTS,
    ...HEAD,
    ...FRAME,
    ...PIECE,
    ...START,
    ...TOLD,
    ...WHEEL,
    '*:focus-visible': { outline: '2px solid', outlineColor: 'focus', outlineOffset: '2px' },
  },
});

const { layers, _global } = createSystem(defaultBaseConfig, tokens, globals);

/** All that stands in the page's style sheet, for Emotion to write out: `scripts/theme.ts` does, before the build. */
export const SHEET = [layers.atRule, _global];
