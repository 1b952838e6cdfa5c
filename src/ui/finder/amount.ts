import { readQuantity } from '@/core/units';
import type { Units } from '@/ui/state';
import type { Found } from './found';

/** Where an amount leads that is typed with its unit: a piece of a ball of so much clay, or one that holds so much. */
export function amountFound(typed: string, units: Units): Found | undefined {
  if (!/[a-z]/i.test(typed)) return undefined;
  const ball = readQuantity('mass', typed);
  if (ball.ok)
    return { key: 'ball', words: `Start from a ball of ${units.mass(ball.value)}`, more: 'Enter', href: `/new?from=ball&g=${ball.value}` };
  const holds = readQuantity('volume', typed, { flOz: units.choice.flOz });
  if (!holds.ok) return undefined;
  return {
    key: 'holds',
    words: `Start from a piece that holds ${units.volume(holds.value)}`,
    more: 'Enter',
    href: `/new?from=holds&ml=${holds.value}`,
  };
}
