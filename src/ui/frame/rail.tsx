import { StageMark } from '@/ui/stage';
import { ink } from '@/ui/theme';
import { memo } from 'react';

/** A room on the rail: what it is called and its one figure now. */
export interface RailMark {
  readonly value: string;
  readonly words: string;
  /** Its figure, such as `645 g`; empty where it has none yet. */
  readonly figure: string;
  /** In whose ink the figure is set; the usual one otherwise. */
  readonly ink?: 'wet' | 'glazed' | undefined;
}

interface Props {
  readonly label: string;
  readonly marks: readonly RailMark[];
  readonly current: string;
  readonly go: (value: string) => void;
  /** What is left of 100 wet when finished, 0 to 1: the scales of the post stand apart by it. */
  readonly left: number;
  /** The number keys lead to the marks, which say so. */
  readonly keyed?: boolean;
}

/**
 * The rail beside the stage: the rooms, each with its own figure now, along a post that is this clay's shrink rule: wet marks on one
 * side, finished ones on the other, from the bat up. On a phone it lies along the foot of the page.
 */
export const Rail = memo(function Rail({ label, marks, current, go, left, keyed = true }: Props) {
  return (
    <nav className="rail" aria-label={label} style={{ '--left': String(left) } as React.CSSProperties}>
      {marks.map(({ value, words, figure, ink }, i) => (
        <button key={value} type="button" aria-current={value === current ? 'true' : undefined} onClick={() => go(value)}>
          <span className="rail-words">
            {words} {keyed && <kbd aria-hidden>{i + 1}</kbd>}
          </span>
          <span className="rail-figure" data-ink={ink} data-long={figure.length > 7 ? '' : undefined} data-rail={value}>
            {figure}
          </span>
        </button>
      ))}
      <div className="rail-foot" aria-hidden>
        <div style={{ color: ink('wet') }}>
          <StageMark stage="wet" size={12} /> 100
        </div>
        <div style={{ color: ink('glazed') }}>
          <StageMark stage="glazed" size={12} /> {(100 * left).toFixed(1)}
        </div>
      </div>
    </nav>
  );
}, sameMarks);

const sameMark = (a: RailMark, b: RailMark | undefined): boolean =>
  a.value === b?.value && a.words === b.words && a.figure === b.figure && a.ink === b.ink;

function sameMarks(before: Props, now: Props): boolean {
  return (
    before.current === now.current &&
    before.go === now.go &&
    before.left === now.left &&
    before.marks.length === now.marks.length &&
    before.marks.every((mark, i) => sameMark(mark, now.marks[i]))
  );
}
