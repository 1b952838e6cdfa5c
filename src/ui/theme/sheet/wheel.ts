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
    [LYING]: { display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 316px', gridTemplateRows: 'auto 1fr auto', columnGap: '12px' },
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
    [LYING]: {
      gridColumn: '2',
      gridRow: '1',
      flexWrap: 'nowrap',
      paddingInline: '0 16px',
      '& h1': { fontSize: '15px' },
      '& > .wheel-name': { order: 0, flex: '1 1 0', fontSize: '12px' },
      '& > .wheel-more, & > .wheel-wide': { display: 'none' },
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
    [LYING]: { gridColumn: '1', gridRow: '1 / -1', paddingInline: '16px 0', borderInlineEndWidth: '1px', borderColor: 'line' },
  },
  '.wheel-foot': {
    display: 'flex',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: '12px 24px',
    padding: '8px 16px 16px',
    [LYING]: {
      gridColumn: '2',
      gridRow: '2 / -1',
      flexDirection: 'column',
      flexWrap: 'nowrap',
      alignItems: 'stretch',
      justifyContent: 'flex-end',
      gap: '8px',
      padding: '8px 16px 8px 0',
      minHeight: '0',
      overflow: 'auto',
      '& > [role=note]': { flexBasis: 'auto' },
    },
  },
  '.wheel-turn': { display: 'flex', gap: '12px', flex: '1 1 320px', '& > button': { flex: '1 1 0' }, [LYING]: { flex: '0 0 auto' } },
  '.wheel-run': {
    display: 'grid',
    gridTemplateColumns: 'auto 1fr auto',
    alignItems: 'center',
    gap: '8px 12px',
    minWidth: '0',
    '& > .wheel-count': {
      fontSize: '22px',
      lineHeight: '1.1',
      fontFamily: 'figure',
      fontVariantNumeric: 'tabular-nums',
      fontWeight: '680',
      '@media (min-width: 768px)': { fontSize: '30px' },
      [LYING]: { fontSize: '20px' },
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
