import type { OrderStep } from '@/core/records';

/** What a step is called on the strip, and the stage whose ink it takes. */
export const STEP: Readonly<Record<OrderStep, { readonly words: string; readonly ink: string }>> = {
  throw: { words: 'throw', ink: 'wet' },
  firm: { words: 'firm', ink: 'wet' },
  trim: { words: 'trim', ink: 'leather' },
  dry: { words: 'dry', ink: 'dry' },
  bisque: { words: 'bisque, cool', ink: 'bisque' },
  sort: { words: 'sort, measure', ink: 'act' },
  glaze: { words: 'glaze', ink: 'bisque' },
  fire: { words: 'fire, cool', ink: 'glazed' },
  pack: { words: 'pack', ink: 'fg' },
};

const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });

/** An ISO date as it is said: Fri 18 Dec. */
export const dayWords = (iso: string): string => DAY.format(new Date(`${iso}T00:00:00Z`)).replace(',', '');
