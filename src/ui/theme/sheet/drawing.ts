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
  '.drawn-half': { display: 'flex', alignItems: 'baseline', fontSize: 'sm' },
  '.drawn-at': { position: 'absolute', left: '0', top: '0', lineHeight: '1.15', '&:has([aria-invalid])': { zIndex: '30' } },
  '.drawn-on-ground': { background: 'bg', paddingBlock: '1' },
  '.drawn-row': { display: 'flex', alignItems: 'center', gap: '2' },
  '.drawn-point': {
    position: 'absolute',
    left: '0',
    top: '0',
    width: { base: '44px', md: '30px' },
    height: { base: '44px', md: '30px' },
    display: 'grid',
    placeItems: 'center',
    cursor: 'grab',
    touchAction: 'none',
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
    minHeight: { base: '44px', md: '30px' },
    cursor: 'pointer',
    _hover: { background: 'act.wash' },
    '& > [data-number]': { ...FIGURES, fontWeight: '600', color: 'wet' },
  },
};
