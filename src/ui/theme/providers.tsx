'use client';

import { ChakraProvider } from '@chakra-ui/react';
import createCache, { type EmotionCache } from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from 'next-themes';
import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { system } from './system';

/** The styles rendered since the last call, marked as sent. */
function takeStyles({ inserted }: EmotionCache) {
  const names = Object.keys(inserted).filter((name) => typeof inserted[name] === 'string');
  const css = names.map((name) => inserted[name]).join('');
  for (const name of names) inserted[name] = true;
  return { names, css };
}

/** Emotion's server styles go into the head rather than between the nodes that React will hydrate. */
function StyleCache({ children }: { children: ReactNode }) {
  const [cache] = useState(() => {
    const own = createCache({ key: 'css' });
    own.compat = true;
    return own;
  });
  useServerInsertedHTML(() => {
    const { names, css } = takeStyles(cache);
    return names.length > 0 && <style data-emotion={`css ${names.join(' ')}`} dangerouslySetInnerHTML={{ __html: css }} />;
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}

/** Everything a page stands in: styles, colours, light and dark. */
export function Providers({ children }: { children: ReactNode }) {
  return (
    <StyleCache>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class">{children}</ThemeProvider>
      </ChakraProvider>
    </StyleCache>
  );
}
