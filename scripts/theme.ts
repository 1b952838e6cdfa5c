/** Before a build: writes what the theme says of the page as a whole into a style sheet, so that no browser has to work it out. */
import { SHEET } from '@/ui/theme/sheet';
import createCache from '@emotion/cache';
import { CacheProvider, Global, type Interpolation } from '@emotion/react';
import { mkdirSync, writeFileSync } from 'node:fs';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';

const cache = createCache({ key: 'css' });
const markup = renderToStaticMarkup(
  createElement(CacheProvider, { value: cache }, createElement(Global, { styles: SHEET as Interpolation<object> })),
);
const css = /^<style[^>]*>([\s\S]+)<\/style>$/.exec(markup)?.[1];
if (!css) throw new Error('The theme gave no style sheet.');
mkdirSync('generated', { recursive: true });
writeFileSync('generated/theme.css', css);
