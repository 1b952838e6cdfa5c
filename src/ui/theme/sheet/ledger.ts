import type { SystemStyleObject } from '@chakra-ui/react';
import { FIGURES } from './figures';

/** The ledger: every size at every stage. */
export const LEDGER: Record<string, SystemStyleObject> = {
  '.ledger': { width: '100%', minWidth: '20rem', tableLayout: 'fixed', borderCollapse: 'collapse' },
  '.ledger .sizes': { width: { base: '4rem', md: '6.5rem', xl: '7.75rem' } },
  '.ledger td, .ledger thead th:not(:first-child)': { paddingInline: { base: '1', xl: '2' }, textAlign: 'right' },
  '.ledger thead th': { fontWeight: '400', verticalAlign: 'bottom' },
  '.ledger thead th:first-child': { textAlign: 'left', fontSize: { base: '0.6875rem', md: 'xs' }, color: 'fg.muted' },
  '.ledger-stage': {
    display: 'flex',
    flexDirection: { base: 'column', xl: 'row' },
    flexWrap: 'wrap',
    justifyContent: 'flex-end',
    alignItems: { base: 'flex-end', xl: 'baseline' },
    columnGap: '2',
    fontSize: { base: '0.75rem', md: 'sm' },
    lineHeight: '1.2',
    '& > span:last-child': { ...FIGURES, color: 'fg.muted' },
    '& .stage-name': { flexWrap: { base: 'wrap', md: 'nowrap' } },
  },
  '.ledger-stair': {
    position: 'relative',
    height: '5px',
    borderBottomWidth: '1px',
    borderColor: 'line',
    marginTop: '1',
    '& > div': { position: 'absolute', right: '0', top: '0', bottom: '0' },
  },
  '.ledger tbody th': {
    textAlign: 'left',
    fontWeight: '450',
    whiteSpace: { md: 'nowrap' },
    fontSize: { base: '0.8125rem', md: 'sm', xl: '0.9375rem' },
    lineHeight: '1.15',
  },
  '.ledger [data-gives] th': { fontSize: 'sm', color: 'fg.muted', paddingInlineStart: '2' },
  '.ledger [data-window] th': { fontWeight: '400', fontSize: 'xs', color: 'fg.muted', paddingInlineStart: '2' },
  '.ledger [data-window] td': { fontSize: 'xs', paddingInline: { base: '1', md: '3' }, fontVariantNumeric: 'tabular-nums' },
  '.ledger-figure': {
    width: '100%',
    fontSize: '1rem',
    fontStretch: { base: '75%', md: '100%' },
    '&[data-worded]': { fontStretch: { base: '62%', md: '90%' }, letterSpacing: { base: '-0.02em', md: 'normal' } },
    paddingInline: { base: '0', md: '1' },
  },
  '.ledger-weight': {
    ...FIGURES,
    width: '100%',
    textAlign: 'right',
    paddingInline: { base: '0', md: '1' },
    minHeight: 'max(var(--finger), 28px)',
    fontSize: { base: '0.875rem', lg: '1rem' },
    cursor: 'pointer',
    _hover: { background: 'act.wash' },
  },
};
