import type { ComponentType } from 'react';
import type { PieceModel } from './use-piece';

/** What shows the sections of a room, by the names they have in the list of rooms; only what is looked at is fetched. */
export type Panels = Readonly<Record<string, ComponentType<{ piece: PieceModel }>>>;
