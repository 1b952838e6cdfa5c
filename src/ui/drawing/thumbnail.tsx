import type { Sized } from '@/core/sizing';
import { cupSection } from '@/core/form';
import { chakra } from '@chakra-ui/react';

const BOX = 48;

/** A small drawing of the finished piece cut through its axis, for lists. */
export function Thumbnail({ sized }: { sized: Sized }) {
  const cup = sized.stages.glazed;
  const reach = Math.max(cup.rimDiameter, cup.baseDiameter, cup.height) / (BOX - 4);
  const half = (side: 1 | -1) =>
    `M${cupSection(cup)
      .map(({ r, z }) => `${(BOX / 2 + (side * r) / reach).toFixed(1)} ${(BOX - 2 - z / reach).toFixed(1)}`)
      .join('L')}Z`;
  return (
    <chakra.svg viewBox={`0 0 ${BOX} ${BOX}`} width="48px" height="48px" color="glazed" flexShrink={0} aria-hidden>
      <path d={half(1) + half(-1)} fill="currentColor" />
    </chakra.svg>
  );
}
