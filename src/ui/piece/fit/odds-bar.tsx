import { tenthsOf, threeChances } from '@/core/fit';
import type { FitWork } from '@/core/fitting';
import { ink } from '@/ui/theme';
import { endsOf, oddsSaid } from './fit-words';
import { capital } from '@/ui/words';

const PARTS = [
  { name: 'jams', colour: 'bad' },
  { name: 'good', colour: 'act' },
  { name: 'loose', colour: 'warn' },
] as const;

type Name = (typeof PARTS)[number]['name'];

/** The odds as ten pots with their lids: those that jam, those that are good, those that are loose, each with its words. */
export function OddsBar({ work }: { work: FitWork }) {
  const { odds } = work;
  const ends = endsOf(work);
  const words = threeChances(odds);
  const pots = tenthsOf(odds);
  return (
    <section aria-label="Odds" className="odds" data-odds={odds.good.toFixed(3)}>
      {PARTS.map(({ name, colour }) => (
        <div
          key={name}
          className="odds-part"
          style={{ flexGrow: Math.max(0.6, pots[name]), color: ink(colour), background: ink(`${colour}-wash`) }}
        >
          <b>{capital(oddsSaid(words[name], ends[name]))}</b>
          {pots[name] > 0 && (
            <svg viewBox={`0 0 ${40 * pots[name]} 40`} height="40" aria-hidden>
              {Array.from({ length: pots[name] }, (_, i) => (
                <g key={i} transform={`translate(${40 * i} 0)`} fill="none" stroke="currentColor" strokeWidth="2">
                  <path d="M8 38V16M32 38V16M8 37H32" stroke={ink('glazed')} />
                  <path d={LIDS[name]} transform={name === 'jams' ? 'rotate(-12 20 12)' : undefined} fill={ink('bg')} />
                </g>
              ))}
            </svg>
          )}
        </div>
      ))}
    </section>
  );
}

/** A lid on its pot, 40 wide: over it, in it, small in it. */
const LIDS: Readonly<Record<Name, string>> = {
  jams: 'M6 15H34L30 8H22V4H18V8H10Z',
  good: 'M10 24H30V16H24L22 10H18L16 16H10Z',
  loose: 'M14 27H27V19H23L22 14H19L18 19H14Z',
};
