import type { ComponentType } from 'react';
import type { PieceModel } from './use-piece';

type Part = ComponentType<{ piece: PieceModel }>;

/** What a section puts on the stage and answers. */
export interface Shows {
  /** What stands on the stage: its picture, then its figures and fields. */
  readonly Panel?: Part | undefined;
  /** Its own answer; that of the piece where it has none. */
  readonly Answer?: Part | undefined;
  /** What is chosen in it, as a sentence over the stage. */
  readonly Sentence?: Part | undefined;
  /** The piece itself is its picture, drawn wet and finished over the panel. */
  readonly draws?: true | undefined;
}

/** What shows the sections of a room, by the names they have in the list of rooms; only what is looked at is fetched. */
export type Panels = Readonly<Record<string, Shows>>;
