import type { SystemStyleObject } from '@chakra-ui/react';
import { FIGURES } from './figures';
import { FLOATING } from './floating';

/** There is room for a table of pieces. */
const AS_TABLE = '@container (min-width: 60rem)';

/** A table whose rows are set in lines of their own, each figure under its name. */
const UNFOLDED: SystemStyleObject = {
  display: 'block',
  '& thead': { position: 'absolute', width: '1px', height: '1px', overflow: 'hidden', clipPath: 'inset(50%)' },
  '& tbody': { display: 'block' },
  '& tbody tr': {
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(var(--figure, 104px), 1fr))',
    alignItems: 'end',
    borderBottomWidth: '1px',
    borderColor: 'line',
    paddingBlock: '2',
  },
  '& th, & td': { borderBottomWidth: '0', paddingInline: '1', textAlign: 'left' },
  '& tbody th': { gridColumn: '1 / -1' },
  '& td:empty': { display: 'none' },
  '& td:has(select)': { gridColumn: 'span 2' },
  '& td input': { textAlign: 'left !important' },
  '& td::before': {
    content: 'attr(data-words)',
    display: 'block',
    fontSize: '0.75rem',
    fontWeight: '400',
    color: 'fg.muted',
    whiteSpace: 'normal',
  },
};

/** Lists of pieces, and of anything else. */
export const LISTS: Record<string, SystemStyleObject> = {
  // a table where there is room for one, by how large its words are
  '.pieces-place': { containerType: 'inline-size' },
  '.pieces, .pieces tbody': { display: 'block', [AS_TABLE]: { display: 'table-row-group' } },
  '.pieces': { width: '100%', borderCollapse: 'collapse', [AS_TABLE]: { display: 'table' } },
  '.pieces thead': { display: 'none', [AS_TABLE]: { display: 'table-header-group' } },
  '.pieces tbody tr:not([aria-hidden])': {
    borderTopWidth: '1px',
    borderColor: 'line',
    display: 'grid',
    gridTemplateColumns: '72px minmax(0, 1fr) auto',
    gridTemplateAreas: '"thumb name acts" "thumb clay acts" "glazed glazed weigh" "wet wet weigh"',
    alignItems: 'center',
    paddingBlock: '2',
    [AS_TABLE]: { display: 'table-row', paddingBlock: '0' },
  },
  '.pieces tbody tr:not([aria-hidden]) td': {
    display: 'block',
    minWidth: '0',
    paddingInline: '2',
    [AS_TABLE]: { display: 'table-cell', paddingBlock: '2' },
  },
  // a row opens its piece wherever it is pressed but at its menu
  '.pieces tbody tr:not([aria-hidden]):has(a.opens)': { position: 'relative', cursor: 'pointer', _hover: { background: 'act.wash' } },
  '.pieces a.opens': {
    display: 'inline-flex',
    alignItems: 'center',
    minHeight: '44px',
    minWidth: '44px',
    fontSize: '1.0625rem',
    fontWeight: '650',
    overflowWrap: 'anywhere',
    '&::after': { content: '""', position: 'absolute', inset: '0' },
  },
  '.pieces td.acts': { gridArea: 'acts', position: 'relative', zIndex: '1', textAlign: 'right', width: '60px' },
  '.pieces td.name': { gridArea: 'name' },
  '.pieces td.refused': { gridColumn: '1 / -1', color: 'bad' },
  '.pieces td.sizes.glazed': { gridArea: 'glazed' },
  '.pieces td.sizes.wet': { gridArea: 'wet' },
  '.pieces td.thumb': { gridArea: 'thumb', width: '72px', verticalAlign: 'middle' },
  '.pieces div.thumb': { width: '56px', height: '56px' },
  '.pieces td.clay': { gridArea: 'clay', color: 'fg.muted', '@container (min-width: 74rem)': { whiteSpace: 'nowrap' } },
  '.pieces td.sizes': { ...FIGURES, textAlign: 'left', [AS_TABLE]: { textAlign: 'right' } },
  // the head of the table says it where there is one
  '.pieces td.sizes .stage-name': { display: 'inline-flex', marginInlineEnd: '2', fontSize: 'sm', [AS_TABLE]: { display: 'none' } },
  '.pieces td.weigh': { gridArea: 'weigh', textAlign: 'right', fontSize: '1.25rem', fontWeight: '680', whiteSpace: 'nowrap' },
  '.pieces .more': { fontSize: 'sm', fontWeight: '400', color: 'fg.muted', fontFamily: 'body' },
  '.row-menu': {
    ...FLOATING,
    position: 'fixed',
    inset: '0',
    margin: 'auto',
    width: '11rem',
    padding: '2',
    '&:popover-open': { display: 'grid' },
    // at its three dots, where the browser can
    '@supports (position-area: bottom)': {
      inset: 'auto',
      margin: '0',
      positionArea: 'bottom span-left',
      positionTryFallbacks: 'flip-block',
    },
  },
  '.list': {
    borderCollapse: 'collapse',
    marginBlock: '2',
    fontVariantNumeric: 'tabular-nums',
    '& thead th': { fontSize: 'sm', fontWeight: '450', color: 'fg.muted', textAlign: 'right', verticalAlign: 'bottom' },
    '& tbody th': { fontWeight: '550', textAlign: 'left' },
    '& th:first-child': { textAlign: 'left' },
    '& td': { textAlign: 'right' },
    '& th, & td': { paddingInline: '2.5', paddingBlock: '1.5', borderBottomWidth: '1px', borderColor: 'line', whiteSpace: 'nowrap' },
    // all of it on paper
    '@media print': { width: '100%', fontSize: '0.75rem', '& th, & td': { paddingInline: '1', whiteSpace: 'normal' } },
    '& [data-stage=wet]': { color: 'wet', fontWeight: '600' },
    '& [data-stage=glazed]': { color: 'glazed', fontWeight: '600' },
  },
  // a wide table is unfolded where there is no room for it
  '.unfolding': { containerType: 'inline-size' },
  '.list.unfolded': { '@container (max-width: 1080px)': UNFOLDED },
  '.unfolded-narrow': {
    '@container (max-width: 619px)': UNFOLDED,
    '@container (min-width: 620px)': { '& td, & th:not(:first-child)': { textAlign: 'right' } },
  },
};
