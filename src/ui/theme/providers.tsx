'use client';

import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from 'next-themes';
import { useServerInsertedHTML } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { system } from './system';

/** Emotion's server styles go into the head rather than between the nodes that React will hydrate. */
function EmotionCache({ children }: { children: ReactNode }) {
  const [cache] = useState(() => {
    const own = createCache({ key: 'css' });
    own.compat = true;
    return own;
  });
  useServerInsertedHTML(() => {
    const names = Object.keys(cache.inserted).filter((name) => typeof cache.inserted[name] === 'string');
    if (names.length === 0) return null;
    const css = names.map((name) => cache.inserted[name]).join('');
    for (const name of names) cache.inserted[name] = true;
    return <style data-emotion={`css ${names.join(' ')}`} dangerouslySetInnerHTML={{ __html: css }} />;
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}

/** Everything a page stands in: styles, colours, light and dark. */
export function Providers({ children }: { children: ReactNode }) {
  return (
    <EmotionCache>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class" disableTransitionOnChange>
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </EmotionCache>
  );
}
