import type { SystemStyleObject } from '@chakra-ui/react';
import { FIGURES } from './figures';

/** What stands on the drawing, and the drawing under it. */
export const DRAWING: Record<string, SystemStyleObject> = {
  '.drawing': {
    position: 'relative',
    height: { base: '420px', md: 'calc(100vh - 388px)' },
    minHeight: { base: '360px', md: '380px' },
  },
  '.drawn-sheet': { position: 'absolute', inset: '0' },
  '[data-greyed=true] > .drawn-sheet': { filter: 'grayscale(1)', opacity: '0.45' },
  // what stands on the drawing is as large as the drawing is
  '.drawn-half': { display: 'flex', alignItems: 'baseline', fontSize: '14px', '& .stage-name': { fontSize: '14px' } },
  '.drawn-half[data-beside]': { flexDirection: 'column', alignItems: 'end', gap: '1' },
  '.drawn-at': { position: 'absolute', left: '0', top: '0', lineHeight: '1.15', '&:has([aria-invalid])': { zIndex: '30' } },
  '.drawn-on-ground': { background: 'bg', paddingBlock: '1' },
  '.drawn-marks': {
    pointerEvents: 'none',
    '& circle': { fill: 'bg', stroke: 'warn' },
    '& text': { fill: 'warn', fontSize: '11px', fontWeight: '700', fontFamily: 'figure' },
  },
  '.allowance-line': {
    display: 'flex',
    flexWrap: 'wrap',
    columnGap: '6',
    alignItems: 'center',
    marginBottom: '3',
    containerType: 'inline-size',
  },
  '.allowances': { display: 'flex', flexWrap: 'wrap', columnGap: '5', rowGap: '2' },
  '.allowance-words': { fontSize: '12px', color: 'fg.muted', whiteSpace: 'nowrap', display: 'flex', alignItems: 'center', gap: '1' },
  '.allowance-mark': {
    // where the drawing, as wide as this, has room for them
    display: 'none',
    '@container (min-width: 640px)': { display: 'inline-grid' },
    placeItems: 'center',
    width: '17px',
    height: '17px',
    borderRadius: 'full',
    borderWidth: '1px',
    borderColor: 'warn',
    color: 'warn',
    fontFamily: 'figure',
    fontSize: '11px',
    fontWeight: '700',
    lineHeight: '1',
  },
  '.drawn-row': { display: 'flex', alignItems: 'center', gap: '2' },
  // over the points of sizes that stand close to it
  '.drawn-point[data-handle=gap]': { zIndex: '6' },
  '.drawn-point': {
    position: 'absolute',
    left: '0',
    top: '0',
    width: 'max(var(--finger), 30px)',
    height: 'max(var(--finger), 30px)',
    display: 'grid',
    placeItems: 'center',
    cursor: 'grab',
    // a swipe over it scrolls: a finger takes hold of it by lying still
    touchAction: 'manipulation',
    borderRadius: 'full',
    zIndex: '5',
    _active: { cursor: 'grabbing' },
    '& > span': {
      width: '11px',
      height: '11px',
      borderRadius: 'full',
      background: 'bg',
      borderWidth: '2.5px',
      borderColor: 'currentColor',
    },
  },
  '.drawn-word': { fontSize: '12px', color: 'fg.muted', whiteSpace: 'nowrap', paddingInline: '1' },
  '.drawn-read': {
    background: 'bg',
    padding: '1',
    borderRadius: '3px',
    minHeight: 'max(var(--finger), 30px)',
    cursor: 'pointer',
    _hover: { background: 'act.wash' },
    '& > [data-number]': { ...FIGURES, fontWeight: '600', color: 'wet' },
  },
};
