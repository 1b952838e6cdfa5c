import type { Stage } from '@/core/clay';
import type { Written } from '@/core/units';
import { Figure, Finishes, StageName } from '@/ui/stage';
import { ink } from '@/ui/theme';
import type { ReactNode } from 'react';

/** One of the lesser figures of an answer. */
export interface LesserFigure {
  /** What it is known by, for tests and styles. */
  readonly name?: string | undefined;
  readonly words: string;
  readonly written: Written;
  /** What it finishes at. */
  readonly finishes?: string | undefined;
  /** At which stage it is; that of the answer otherwise. */
  readonly stage?: Stage | undefined;
}

/** So many, as a figure without a unit. */
export const counted = (many: number): Written => ({ whole: String(many), unit: '' });

interface Props {
  /** What the big figure is known by. */
  readonly name?: string | undefined;
  /** The stage the answer is of; none of what is no clay, such as plaster or odds. */
  readonly stage?: Stage | undefined;
  /** What the big figure is of: "throw the lid across". */
  readonly asks: string;
  readonly big: Written;
  readonly finishes?: string | undefined;
  readonly figures?: readonly LesserFigure[] | undefined;
  /** How sure it is, cautions and what can be done, in this order. */
  readonly children?: ReactNode;
  /** Something that leads elsewhere, beside the stage. */
  readonly aside?: ReactNode;
}

/** The answer of a room: its one figure, what that finishes at, the lesser ones; then how sure, cautions and acts. */
export function AnswerSheet({ name, stage, asks, big, finishes, figures = [], children, aside }: Props) {
  const color = stage ? ink(stage) : undefined;
  return (
    <section aria-label="Answer" className="room-answer">
      <div className="answer-head">
        {stage ? <StageName stage={stage} /> : <span />}
        {aside}
      </div>
      <h2 className="answer-words">{asks}</h2>
      <div className="answer-big" style={{ color }} data-figure={name}>
        <Figure written={big} size="clamp(56px, 7.6vw, 100px)" room={7.2} />
      </div>
      {finishes && <Finishes>{finishes}</Finishes>}
      {figures.length > 0 && (
        <div className="answer-figures">
          {figures.map(({ name: known, words, written, finishes: ends, stage: own = stage }) => (
            <div key={words} className="answer-lesser">
              <div className="answer-words">{words}</div>
              <div style={{ color: own && ink(own) }} data-figure={known}>
                <Figure written={written} size="clamp(28px, 3.2vw, 36px)" room={8.4} />
              </div>
              {ends && <Finishes>{ends}</Finishes>}
            </div>
          ))}
        </div>
      )}
      {children}
    </section>
  );
}
