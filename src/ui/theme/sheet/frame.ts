import type { SystemStyleObject } from '@chakra-ui/react';
import { FIGURES } from './figures';
import { LYING } from './lying';

/** Marks of a scale along one direction: a small one each 7 px, a long one each 35 px, `stretch` times as far apart. */
const marks = (to: 'top' | 'right', colour: string, stretch: string): string =>
  [
    `repeating-linear-gradient(to ${to}, var(--chakra-colors-${colour}) 0 1px, transparent 1px calc(35px * ${stretch}))`,
    `repeating-linear-gradient(to ${to}, var(--chakra-colors-${colour}) 0 1px, transparent 1px calc(7px * ${stretch}))`,
  ].join(', ');

/** One scale of the post: the wet one towards the rooms, the finished one towards the stage; on a phone one above the other. */
function scale(stage: 'wet' | 'glazed'): SystemStyleObject {
  const wet = stage === 'wet';
  const stretch = wet ? '1' : 'var(--left)';
  return {
    content: '""',
    position: 'absolute',
    insetBlockStart: { base: wet ? '0' : '6px', md: '0' },
    insetInlineEnd: { base: '0', md: wet ? '2px' : '-10px' },
    width: { base: '100%', md: '10px' },
    height: { base: '6px', md: 'calc(100% + 34px)' },
    backgroundImage: { base: marks('right', stage, stretch), md: marks('top', stage, stretch) },
    backgroundSize: { base: '100% 6px, 100% 3px', md: '10px 100%, 5px 100%' },
    backgroundPosition: { base: 'left top', md: wet ? 'right bottom' : 'left bottom' },
    backgroundRepeat: 'no-repeat',
  };
}

/** The rail of the rooms and the answer of one: what every place is set in. */
export const FRAME: Record<string, SystemStyleObject> = {
  '.rail': {
    display: { base: 'grid', md: 'flex' },
    gridTemplateColumns: 'repeat(5, minmax(0, 1fr))',
    flexDirection: 'column',
    position: { base: 'fixed', md: 'sticky' },
    top: { md: '0' },
    bottom: { base: '0', md: 'auto' },
    insetInline: { base: '0', md: 'auto' },
    zIndex: { base: '40', md: 'auto' },
    // under the head and the strip of the example; the post goes on below it
    height: { md: 'calc(100vh - 86px)' },
    paddingTop: { base: '12px', md: '20px' },
    // what is below the last line of the page on a phone with rounded corners
    paddingBottom: 'env(safe-area-inset-bottom)',
    background: 'bg',
    borderTopWidth: { base: '1px', md: '0' },
    borderColor: 'line.strong',
    // the post: wet marks on the side of the rooms, finished ones on the side of the stage
    _before: scale('wet'),
    _after: scale('glazed'),
    borderRightWidth: { md: '2px' },
    [LYING]: {
      height: 'calc(100vh - 88px)',
      paddingTop: '0',
      '& .rail-foot, & kbd': { display: 'none' },
      '& button': { flex: '1 1 44px', minHeight: '44px', paddingInline: '8px 10px' },
      '& .rail-figure': { fontSize: '0.9375rem' },
      '& .rail-words': { fontSize: '0.75rem' },
    },
    '& button': {
      position: 'relative',
      display: 'flex',
      flexDirection: 'column',
      justifyContent: 'center',
      textAlign: 'left',
      flex: { md: '0 1 104px' },
      minHeight: { base: '50px', md: '48px' },
      minWidth: '0',
      paddingInlineStart: { base: '8px', md: '14px', xl: '20px' },
      paddingInlineEnd: { base: '2px', md: '12px' },
      cursor: 'pointer',
      _hover: { background: 'act.wash' },
    },
    '& button[aria-current]': {
      background: 'act.wash',
      boxShadow: { base: 'inset 0 3px 0 var(--chakra-colors-act)', md: 'inset -10px 0 0 var(--chakra-colors-act)' },
    },
    // the arm of the pointer: it reaches from the post to the stage
    '& button[aria-current]::after': {
      content: '""',
      display: { base: 'none', md: 'block' },
      position: 'absolute',
      insetInlineStart: '100%',
      top: 'calc(50% - 10px)',
      borderBlock: '10px solid transparent',
      borderInlineStart: '20px solid var(--chakra-colors-act)',
      zIndex: '1',
    },
    '& kbd': { fontFamily: 'body', fontSize: '0.6875rem', fontWeight: '400', display: { base: 'none', lg: 'inline' } },
  },
  '.rail-words': {
    fontSize: { base: '0.8125rem', md: '0.9375rem' },
    color: 'fg.muted',
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
  },
  '.rail button[aria-current] .rail-words': { color: 'fg', fontWeight: '680' },
  '.rail-figure': {
    ...FIGURES,
    fontSize: { base: '0.875rem', md: '1rem', lg: '1.1875rem' },
    fontWeight: '650',
    lineHeight: '1.2',
    color: 'fg.muted',
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
    '&[data-long]': { fontSize: { base: '0.8125rem', md: '0.875rem', xl: '1.125rem' }, fontStretch: '85%' },
    '&[data-ink=wet]': { color: 'wet' },
    '&[data-ink=glazed]': { color: 'glazed' },
  },
  '.rail-foot > div': { display: 'flex', alignItems: 'center', gap: '4px' },
  '.rail-foot': {
    display: { base: 'none', md: 'block' },
    marginTop: 'auto',
    padding: '0 0 16px 20px',
    ...FIGURES,
    fontWeight: '650',
    lineHeight: '1.4',
  },

  '.stage-picture': { display: 'grid', placeItems: 'center', marginBlock: '2' },
  '.drawn-figure': FIGURES,
  '.moulds': {
    display: 'grid',
    gridTemplateColumns: { base: '1fr', sm: '1fr 1fr' },
    gap: '2',
    marginBottom: '3',
    '& svg': { width: '100%', maxHeight: '380px' },
  },
  '.gauge-picture': { width: '100%', maxHeight: 'calc(100vh - 300px)', minHeight: '280px' },
  '.drawn-words': { fontFamily: 'body' },
  '.drawn-over': { paintOrder: 'stroke', stroke: 'bg', strokeWidth: '4px' },
  '.came': {
    display: 'grid',
    gridTemplateColumns: { base: '1fr', lg: '380px minmax(0, 1fr)' },
    gap: '5',
    alignItems: 'center',
    '& figure > svg': { maxHeight: 'calc(100vh - 150px)', minHeight: '220px' },
    '& figcaption': { fontSize: 'sm', color: 'fg.muted' },
    '& h3': { fontWeight: '650' },
    '& p': { fontSize: 'sm', color: 'fg.muted' },
  },
  '.answer-good': { color: 'act', marginTop: '1' },
  '.loupe': {
    '& svg': { width: '100%', maxHeight: '190px' },
    '& figcaption': { fontSize: 'sm', color: 'fg.muted' },
  },
  '.odds': {
    display: 'flex',
    gap: '2px',
    marginTop: '2',
    '& > div': {
      flex: '1 1 0',
      minWidth: { base: '84px', md: '108px' },
      display: 'grid',
      justifyItems: 'center',
      alignContent: 'start',
      padding: '4px 6px',
      fontSize: 'sm',
      textAlign: 'center',
      lineHeight: '1.25',
    },
    '& svg': { maxWidth: '100%', marginTop: '2px' },
  },
  '.answer-odds': { fontSize: '1.1875rem', fontWeight: '680', color: 'act' },
  '.answer-text': { fontSize: '0.9375rem', lineHeight: '1.45', marginTop: '2' },
  '.answer-caution': { fontSize: '0.9375rem', lineHeight: '1.45', marginTop: '2', color: 'warn' },
  '.answer-sure': {
    marginTop: '3',
    paddingTop: '3',
    borderTopWidth: '1px',
    borderColor: 'line',
    fontSize: '0.9375rem',
    lineHeight: '1.45',
  },
  '.answer-acts': { display: 'flex', flexWrap: 'wrap', gap: '2', marginTop: '3', '& > *': { flex: '1 1 auto', justifyContent: 'center' } },
  '.step-large': { display: 'grid', placeItems: 'center', minHeight: { md: '334px' } },
  '.step-row': {
    listStyle: 'none',
    display: 'grid',
    gridAutoFlow: 'column',
    gridAutoColumns: { base: '104px', md: 'minmax(0, 1fr)' },
    '@media print': { gridAutoFlow: 'row', gridTemplateColumns: 'repeat(4, minmax(0, 1fr))' },
    '& button': {
      display: 'grid',
      justifyItems: 'center',
      width: '100%',
      height: '100%',
      alignContent: 'start',
      padding: '4px 2px 6px',
      textAlign: 'center',
      cursor: 'pointer',
      borderTop: '4px solid transparent',
      _hover: { background: 'act.wash' },
    },
    '& button[aria-current]': { background: 'act.wash', borderColor: 'act' },
  },
  '.step-scroll': { overflowX: 'auto', marginBlock: '2', '@media print': { overflowX: 'visible' } },
  '.step-title': { fontSize: 'sm', fontWeight: '650' },
  '.step-figure': { ...FIGURES, color: 'wet', fontWeight: '680', fontSize: '1.0625rem', lineHeight: '1.25' },
  '.step-more': { fontSize: '0.8125rem', color: 'fg.muted', lineHeight: '1.3' },

  '.answer-big': { fontSize: 'clamp(48px, 6vw, 84px)', lineHeight: '1.05', fontWeight: '700' },
  '.answer-lesser': { paddingBlock: '1', minWidth: '0' },
};
