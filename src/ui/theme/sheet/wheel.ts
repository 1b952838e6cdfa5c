/** A phone on its side: too low for anything above or below the figure. */
const LYING = '@media (orientation: landscape) and (max-height: 500px)';

/** A phone held upright, and long enough. */
const UPRIGHT = '@media (max-width: 767px) and (min-height: 840px)';

/** At the wheel: the figure over the buttons, and on a phone on its side beside them. */
export const WHEEL = {
  // swiping turns pages, and is not the browser's way back
  'html:has(.wheel)': { overscrollBehavior: 'none' },
  '.wheel': {
    height: '100dvh',
    display: 'flex',
    flexDirection: 'column',
    // figure and drawing, and beside them three targets as high as the screen allows
    [LYING]: {
      position: 'relative',
      display: 'grid',
      gridTemplateColumns: 'minmax(0, 1fr) 176px',
      gridTemplateRows: 'repeat(3, minmax(0, 1fr))',
      gap: '8px 12px',
      paddingBlock: '8px',
      paddingInlineEnd: '12px',
    },
  },
  // a palm beside a finger is no pinch: what stands here is as large as it can be
  '.wheel, .wheel-page': { touchAction: 'pan-y' },
  // a wet finger that slips on a button has not begun to scroll; a row of them is moved sideways
  '.wheel button': { touchAction: 'none' },
  '.wheel [data-sideways], .wheel [data-sideways] button': { touchAction: 'pan-x' },
  '.wheel-head': {
    display: 'flex',
    alignItems: 'center',
    flexWrap: 'wrap',
    gap: '12px',
    paddingInline: '16px',
    paddingTop: '8px',
    '& h1': { fontSize: '24px', fontWeight: '680', lineHeight: '1.2' },
    '& > .wheel-gap': { flex: '1' },
    '& > .wheel-wide': { display: 'none', '@media (min-width: 768px)': { display: 'block' } },
    '& > .wheel-name': { order: 1, flexBasis: '100%', minWidth: '0', '@media (min-width: 768px)': { order: 0, flexBasis: 'auto' } },
    '@media (min-width: 768px)': { flexWrap: 'nowrap' },
    '& > .wheel-mode': {
      display: 'grid',
      placeItems: 'center',
      minWidth: '64px',
      minHeight: '64px',
      background: 'bar',
      color: 'bar.fg',
      borderRadius: '6px',
    },
    [LYING]: {
      position: 'absolute',
      top: '0',
      insetInlineStart: '0',
      zIndex: '1',
      flexWrap: 'nowrap',
      padding: '0 16px',
      '& h1': { fontSize: '15px' },
      '& a > *': { minHeight: '44px', padding: '0', border: 'none', fontSize: '15px', color: 'act', textDecoration: 'underline' },
      '& > .wheel-name': { order: 0, flex: '1 1 0', display: 'flex', gap: '12px', alignItems: 'baseline', fontSize: '13px' },
      '& > .wheel-more, & > .wheel-wide, & > .wheel-mode': { display: 'none' },
    },
  },
  '.wheel-page': {
    flex: '1',
    minHeight: '0',
    overflowY: 'auto',
    display: 'flex',
    flexDirection: 'column',
    paddingInline: '16px',
    paddingBlock: '8px',
    '@media (min-width: 768px)': { paddingInline: '32px' },
    [LYING]: {
      gridColumn: '1',
      gridRow: '1 / -1',
      marginBlock: '-8px',
      padding: '40px 0 8px 16px',
      '.wheel:not(:has([data-counted])):has(.wheel-foot > [role=note]) &': { paddingBottom: '26px' },
      // what was different about the last one stands below, once there is a last one
      '.wheel:has([data-counted]) &': { paddingBottom: '76px' },
    },
  },
  '.wheel-foot': {
    display: 'flex',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: '12px 24px',
    padding: '8px 16px 16px',
    [LYING]: {
      display: 'contents',
      '& > [role=note]': { position: 'absolute', insetInlineStart: '16px', bottom: '4px', fontSize: '12px' },
      '&:has([data-counted]) > [role=note]': { display: 'none' },
    },
  },
  '.wheel-turn': {
    display: 'flex',
    gap: '12px',
    flex: '1 1 320px',
    '& > button': { flex: '1 1 0' },
    [LYING]: {
      display: 'contents',
      '& > button': { gridColumn: '2', gridRow: '3' },
      '& > button:last-child': { gridRow: '1' },
    },
  },
  '.wheel-run': {
    display: 'grid',
    gridTemplateColumns: 'auto 1fr auto',
    alignItems: 'center',
    gap: '8px 12px',
    minWidth: '0',
    [LYING]: {
      display: 'contents',
      '& > button:first-of-type': { gridColumn: '2', gridRow: '2', paddingBottom: '34px' },
      // within the target that counts
      '& > .wheel-count': {
        gridColumn: '2',
        gridRow: '2',
        alignSelf: 'end',
        paddingBottom: '18px',
        zIndex: '1',
        textAlign: 'center',
        color: 'act.fg',
        pointerEvents: 'none',
      },
      '& > button:nth-of-type(2), & > .wheel-different': { position: 'absolute', bottom: '8px', insetInlineStart: '16px' },
      '& > .wheel-different': { insetInlineStart: '118px', insetInlineEnd: '200px' },
      '&:not([data-counted]) > button:nth-of-type(2), &:not([data-counted]) > .wheel-different': { visibility: 'hidden' },
    },
    '& > .wheel-count': {
      fontSize: '22px',
      lineHeight: '1.1',
      fontFamily: 'figure',
      fontVariantNumeric: 'tabular-nums',
      fontWeight: '680',
      '@media (min-width: 768px)': { fontSize: '30px' },
    },
    '& > .wheel-different': {
      display: 'flex',
      gap: '12px',
      gridColumn: '1 / -1',
      overflowX: 'auto',
      '& > button': { flexShrink: '0' },
      // an upright phone has the height for all of them at once
      [UPRIGHT]: {
        display: 'grid',
        gridTemplateColumns: 'repeat(6, minmax(0, 1fr))',
        gap: '8px',
        overflowX: 'visible',
        '& > button': { gridColumn: 'span 2', paddingInline: '0' },
        '& > button:nth-of-type(n + 4)': { gridColumn: 'span 3' },
      },
    },
    '@media (min-width: 1024px)': {
      gridTemplateColumns: 'auto auto auto minmax(0, 1fr)',
      '& > .wheel-different': { gridColumn: 'auto' },
    },
  },
} as const;
