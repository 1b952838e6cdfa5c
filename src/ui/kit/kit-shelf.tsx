'use client';

import { useUnits } from '@/ui/state';
import { ROOMS_OF_KIT, type KitRoom, type KitThing } from './kit-things';

/** So many px are a mm: a bat of 350 and a cutter of 40 stand beside each other. */
const SCALE = 0.55;
/** So many of one kind are shown; the list below has all. */
const MOST = 12;

interface Props {
  readonly things: readonly KitThing[];
  readonly room: KitRoom;
  readonly pick: (thing: KitThing) => void;
}

/** The whole kit in silhouette, at one scale; what is tapped is measured below. */
export function KitShelf({ things, room, pick }: Props) {
  const { length } = useUnits();
  const shown = ROOMS_OF_KIT.flatMap((each) => things.filter((thing) => thing.room === each).slice(0, MOST));
  if (shown.length === 0) return null;
  return (
    <section aria-label="The whole kit, at one scale">
      <div className="kit-shelf">
        {shown.map((thing) => (
          <button key={thing.key} type="button" data-open={thing.room === room ? '' : undefined} onClick={() => pick(thing)}>
            <Silhouette thing={thing} />
            <span className="kit-name">{thing.name}</span>
            <span className="kit-size">{thing.mm.map(length).join(' to ')}</span>
          </button>
        ))}
      </div>
    </section>
  );
}

function Silhouette({ thing: { wide, high, outlines, round } }: { thing: KitThing }) {
  const [w, h] = [Math.max(4, wide * SCALE), Math.max(4, high * SCALE)];
  const y = (mm: number) => (h - mm * SCALE).toFixed(1);
  return (
    <svg width={w + 4} height={h + 4} viewBox={`-2 -2 ${w + 4} ${h + 4}`} aria-hidden>
      {round ? (
        <circle cx={w / 2} cy={h / 2} r={w / 2 - 1} className="kit-ring" />
      ) : (
        outlines.map((outline, i) => (
          <path key={i} d={`M${outline.map(([x, up]) => `${(x * SCALE).toFixed(1)} ${y(up)}`).join('L')}Z`} className="kit-solid" />
        ))
      )}
    </svg>
  );
}
