'use client';

import type { Pairing } from '@/core/fit';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const POT = { wide: 92, high: 130, mouth: 56, wall: 5, deep: 40 };

/** A gap is drawn so many times as wide as it is, px per mm, and no wider than this. */
const GAP = { scale: 6, most: 20 };

interface Props {
  readonly piece: PieceModel;
  readonly found: Pairing;
}

/** Each pair as a lid in its mouth, the gap enlarged; beside them the pots that are left over, open. */
export function PairPicture({ piece: { units }, found: { pairs, left } }: Props) {
  const pots = [...pairs, ...left.mouths.map((mouth) => ({ mouth, lid: undefined, gap: undefined }))];
  return (
    <ol className="paired" aria-label="Lids on their pots, the gap enlarged">
      {pots.map(({ mouth, lid, gap: between }) => (
        <li key={mouth}>
          <svg viewBox={`0 0 ${POT.wide} ${POT.high}`} aria-hidden>
            <Pot />
            {between !== undefined && <LidIn between={between} />}
          </svg>
          <b>{lid === undefined ? `Pot ${mouth + 1}, no lid` : `Lid ${lid + 1} on pot ${mouth + 1}`}</b>
          {between !== undefined && <span className="paired-gap">{units.length(between)}</span>}
        </li>
      ))}
    </ol>
  );
}

const TOP = 46;

/** The pot's wall on both sides of its mouth. */
function Pot() {
  const half = POT.mouth / 2;
  const middle = POT.wide / 2;
  return [-1, 1].map((side) => (
    <path
      key={side}
      d={`M${middle + side * half} ${TOP}V${POT.high - 14}M${middle + side * (half + POT.wall)} ${TOP}V${POT.high - 14}M${middle + side * half} ${TOP}H${middle + side * (half + POT.wall)}`}
      stroke={ink('glazed')}
      strokeWidth="2"
      fill="none"
    />
  ));
}

/** A lid with its flange in the mouth: half of the gap on each side. */
function LidIn({ between }: { between: number }) {
  const middle = POT.wide / 2;
  const flange = POT.mouth / 2 - Math.min(GAP.most, (between * GAP.scale) / 2);
  const over = POT.mouth / 2 + POT.wall + 3;
  return (
    <path
      d={`M${middle - flange} ${TOP + POT.deep}V${TOP}H${middle - over}V${TOP - 7}H${middle - 7}V${TOP - 20}H${middle + 7}V${TOP - 7}H${middle + over}V${TOP}H${middle + flange}V${TOP + POT.deep}`}
      stroke={ink('act')}
      fill="none"
      strokeWidth="2"
      strokeLinejoin="round"
    />
  );
}
