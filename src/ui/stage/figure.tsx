import type { Written } from '@/core/units';

/** How wide a figure is in digits: its unit is set smaller. */
function digitsOf({ whole, fraction, unit, lead, lean }: Written, unitShare: number): number {
  const own = whole.length + (fraction ? `${fraction[0]}/${fraction[1]}`.length + (whole ? 0.5 : 0) : 0) + (unit.length + 1) * unitShare;
  const before = lean ? (lean.length + 1) * unitShare : 0;
  return own + before + (lead ? lead.whole.length + (lead.unit.length + 2) * unitShare : 0);
}

const UNIT_SHARE = 0.42;

/**
 * A figure set large with its unit small behind it; a fraction as large as the whole, to be read across the room.
 *
 * @param room how many digits find room beside each other: a longer figure is set smaller
 */
export function Figure({ written, size, room }: { written: Written; size: string; room?: number }) {
  const { lead, whole, fraction, unit, lean } = written;
  const share = room === undefined ? 1 : Math.min(1, room / digitsOf(written, UNIT_SHARE));
  return (
    <span className="figure" style={{ fontSize: share === 1 ? size : `calc(${size} * ${share.toFixed(3)})` }}>
      {lean && <Unit>{lean} </Unit>}
      {lead && (
        <>
          {lead.whole}
          <Unit> {lead.unit} </Unit>
        </>
      )}
      {[whole, fraction && `${fraction[0]}/${fraction[1]}`].filter(Boolean).join('\u00a0')}
      <Unit>
        {unit === '%' ? '' : ' '}
        {unit}
      </Unit>
    </span>
  );
}

function Unit({ children }: { children: React.ReactNode }) {
  return <span style={{ fontSize: `${UNIT_SHARE}em` }}>{children}</span>;
}
