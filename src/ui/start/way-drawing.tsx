import type { WayIn } from './ways-in';

const WET = 'var(--chakra-colors-wet)';
const FIRED = 'var(--chakra-colors-glazed)';
const INK = 'var(--chakra-colors-fg-muted)';

/** A cup cut through, on a sheet of 96 by 60. */
const CUP = 'M28 6L32 54H64L68 6H63L60 48H36L33 6Z';

/** What is known, as a small drawing: what is given in its stage's colour, the rest in grey. */
const DRAWINGS: Record<WayIn, React.ReactNode> = {
  finished: <path d={CUP} fill="var(--chakra-colors-glazed-wash)" stroke={FIRED} />,
  wet: (
    <>
      <path d={CUP} fill="none" stroke={WET} strokeDasharray="4 3" />
      <path d="M28 2H68" stroke={WET} />
      <path d="M28 -1V5M68 -1V5" stroke={WET} />
    </>
  ),
  hand: (
    <>
      <path d={CUP} fill="none" stroke={FIRED} />
      <path d="M12 56C14 40 18 34 30 32M12 44C20 30 26 26 31 24" stroke={INK} fill="none" />
    </>
  ),
  holds: (
    <>
      <path d="M34 22L36 48H60L62 22Z" fill={INK} opacity="0.25" />
      <path d={CUP} fill="none" stroke={INK} />
      <path d="M34 22H62" stroke={INK} strokeDasharray="3 2" />
    </>
  ),
  ball: (
    <>
      <circle cx="24" cy="38" r="16" fill="none" stroke={WET} strokeWidth="2" />
      <path d="M46 38H56M52 34L56 38L52 42" stroke={INK} fill="none" />
      <path d="M62 20L65 54H85L88 20" stroke={FIRED} fill="none" />
    </>
  ),
  sent: (
    <>
      <rect x="10" y="14" width="30" height="22" stroke={INK} />
      <path d="M4 42H46" stroke={INK} />
      <path d="M50 26H60M56 22L60 26L56 30" stroke={INK} />
      <rect x="66" y="8" width="20" height="36" rx="2" stroke={FIRED} />
    </>
  ),
  fit: (
    <>
      <path d={CUP} fill="none" stroke={INK} />
      <path d="M24 2H72V6H64L62 12H34L32 6H24Z" fill="none" stroke={FIRED} />
    </>
  ),
};

export const WayDrawing = ({ way }: { way: WayIn }) => (
  <svg viewBox="0 -4 96 64" width="96" height="64" fill="none" strokeWidth="1.6" aria-hidden>
    {DRAWINGS[way]}
  </svg>
);
