/** What stands over the page: a menu, the finder, the list of keys. */
export const FLOATING = {
  background: 'bg.raised',
  color: 'fg',
  borderWidth: '1px',
  borderColor: 'line.strong',
  borderRadius: '4px',
  boxShadow: '0 8px 24px rgba(0,0,0,0.18)',
} as const;
