import { readQuantity, readSizes } from '@/core/units';
import type { Units } from '@/ui/state';
import type { Found } from './found';

/** Where an amount leads that is typed: a piece of two sizes, one of a ball of so much clay, one that holds so much. */
export function amountFound(typed: string, units: Units): Found | undefined {
  const sizes = readSizes(typed, units.readLength);
  if (sizes?.ok && sizes.value.length === 2) {
    const [across, high] = sizes.value;
    return {
      key: 'sizes',
      words: `Start from a finished size of ${sizes.value.map(units.length).join(' × ')}`,
      more: 'Enter',
      href: `/new?from=finished&across=${across}&high=${high}`,
    };
  }
  if (!/[a-z]/i.test(typed)) return undefined;
  const ball = readQuantity('mass', typed, units.readMass);
  if (ball.ok)
    return { key: 'ball', words: `New piece from a ${units.mass(ball.value)} ball`, more: 'Enter', href: `/new?from=ball&g=${ball.value}` };
  const holds = readQuantity('volume', typed, units.readVolume);
  if (!holds.ok) return undefined;
  return {
    key: 'holds',
    words: `New piece that holds ${units.volume(holds.value)}`,
    more: 'Enter',
    href: `/new?from=holds&ml=${holds.value}`,
  };
}
