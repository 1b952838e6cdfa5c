'use client';

import { Box } from '@chakra-ui/react';
import { useLayoutEffect, useRef, useState } from 'react';

interface Place {
  readonly left: number;
  readonly top: number;
}

const GAP = 4;
/** How far from its field it may go to keep clear of others, and in what steps, px. */
const FURTHEST = 320;
const STEP = 16;

const overlap = (a: DOMRect, b: DOMRect): number =>
  Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) * Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top));

/** What scrolls by itself and would cut off what stands out of it to the side. */
const SCROLLS = '.sheet-beside';

/** From where to where it may stand across. */
function room(holder: Element): readonly [left: number, right: number] {
  const rect = holder.closest(SCROLLS)?.getBoundingClientRect();
  return rect && rect.width > 0 ? [rect.left, rect.right] : [0, document.documentElement.clientWidth];
}

/** Where it covers no field, as near to its own as there is room; the least covering place where none is free. */
function clearPlace(own: DOMRect, size: DOMRect, fields: readonly DOMRect[], [from, to]: ReturnType<typeof room>): Place {
  const steps = (first: number, last: number) => Array.from({ length: Math.ceil((last - first) / STEP) + 1 }, (_, i) => first + i * STEP);
  const lefts = [own.left, own.right - size.width, ...steps(own.left - size.width - FURTHEST, own.right + FURTHEST)];
  const tops = [own.bottom + GAP, own.top - GAP - size.height, ...steps(own.top - size.height - FURTHEST, own.bottom + FURTHEST)];
  const cost = ({ left, top }: Place): number => {
    const rect = new DOMRect(left, top, size.width, size.height);
    const covered = [own, ...fields].reduce((all, field) => all + overlap(rect, field), 0);
    // from its nearest edge to that of the field
    const aside = Math.max(0, left - own.right, own.left - rect.right);
    const away = Math.max(0, top - own.bottom, own.top - rect.bottom);
    return covered * 1000 + Math.hypot(aside, away);
  };
  const places = lefts
    .filter((left) => left >= from && left + size.width <= to)
    .flatMap((left) => tops.filter((top) => top + window.scrollY >= 0).map((top) => ({ left, top })));
  let best = { place: { left: own.left, top: own.bottom + GAP }, cost: Infinity };
  for (const place of places) {
    const here = cost(place);
    if (here < best.cost) best = { place, cost: here };
  }
  return best.place;
}

/** Why a figure was refused, opened beside it where it covers no other field. */
export function Reason({ id, words }: { id: string; words: string }) {
  const box = useRef<HTMLDivElement>(null);
  const [place, setPlace] = useState<Place | undefined>();
  useLayoutEffect(() => {
    const put = () => {
      const holder = box.current?.parentElement;
      if (!box.current || !holder) return;
      const own = holder.getBoundingClientRect();
      const others = [...document.querySelectorAll('input, select, textarea, button')].filter((each) => !holder.contains(each));
      const fields = others.map((each) => each.getBoundingClientRect()).filter(({ width, height }) => width > 0 && height > 0);
      const found = clearPlace(own, box.current.getBoundingClientRect(), fields, room(holder));
      setPlace({ left: found.left - own.left, top: found.top - own.top });
    };
    put();
    window.addEventListener('resize', put);
    return () => window.removeEventListener('resize', put);
  }, [words]);
  return (
    <Box
      ref={box}
      id={id}
      role="alert"
      position="absolute"
      style={{ left: place?.left ?? 0, top: place?.top ?? 0 }}
      visibility={place ? 'visible' : 'hidden'}
      zIndex="20"
      width="max-content"
      maxWidth="min(280px, 80vw)"
      padding="2"
      borderRadius="4px"
      background="bad.wash"
      color="bad"
      borderWidth="1px"
      borderColor="bad"
      fontSize="sm"
      lineHeight="1.35"
      textAlign="left"
    >
      {words}
    </Box>
  );
}
