import { memo } from 'react';

/** Fills for cut clay: wet and finished lean opposite ways, what goes is dotted. */
export const Hatches = memo(function Hatches() {
  return (
    <defs>
      <pattern id="hatch-wet" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--chakra-colors-wet-wash)" />
        <path d="M0 0V7" stroke="var(--chakra-colors-wet)" strokeWidth="1.6" />
      </pattern>
      <pattern id="hatch-glazed" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <rect width="7" height="7" fill="var(--chakra-colors-glazed-wash)" />
        <path d="M0 0V7" stroke="var(--chakra-colors-glazed)" strokeWidth="1.6" />
      </pattern>
      <pattern id="hatch-goes" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill="var(--chakra-colors-warn-wash)" />
        <circle cx="2.5" cy="2.5" r="1" fill="var(--chakra-colors-warn)" />
      </pattern>
    </defs>
  );
});
