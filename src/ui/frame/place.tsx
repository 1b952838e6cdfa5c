'use client';

import { clayOf, newestBatch } from '@/core/part';
import { remaining } from '@/core/clay';
import { mainPart } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import { createContext, type ReactNode, useContext, useState } from 'react';
import { createPortal } from 'react-dom';
import { Rail, type RailMark } from './rail';

interface Props {
  /** What the rail is a choice of: "Clays". */
  readonly label: string;
  readonly marks: readonly RailMark[];
  readonly current: string;
  readonly go: (value: string) => void;
  /** What is left of 100 wet when finished, 0 to 1: that of the open piece's clay unless said. */
  readonly left?: number | undefined;
  /** The place's name and the sentence of what is chosen. */
  readonly title: ReactNode;
  readonly answer?: ReactNode;
  /** A table as wide as the screen: it has no answer beside it. */
  readonly wide?: boolean;
  /** The stage: one large picture, and under it what it is made of. */
  readonly children: ReactNode;
}

/** What finds room on a rail: the first so many, and always the one that is open. */
export function onRail<T>(all: readonly T[], open: T | undefined, most: number): readonly T[] {
  const first = all.slice(0, most);
  return open === undefined || first.includes(open) || !all.includes(open) ? first : [...first.slice(0, -1), open];
}

const Slot = createContext<HTMLElement | null>(null);

/** The answer of what stands on the stage, said from there. */
export function PlaceAnswer({ children }: { children: ReactNode }) {
  const slot = useContext(Slot);
  return slot && createPortal(children, slot);
}

/** A place of the application in the frame of a piece: its rail, its stage and its answer. */
export function Place({ label, marks, current, go, left, title, answer, wide = false, children }: Props) {
  const own = useLeft();
  const [slot, setSlot] = useState<HTMLElement | null>(null);
  return (
    <div className="sheet place" data-wide={wide ? '' : undefined}>
      <div className="sheet-rail">
        <Rail label={label} marks={marks} current={current} go={go} left={left ?? own} keyed={false} />
      </div>
      <div className="sheet-title place-title">{title}</div>
      {!wide && (
        <div className="sheet-side">
          <div className="sheet-beside">
            <div className="sheet-answer" ref={setSlot}>
              {answer}
            </div>
          </div>
        </div>
      )}
      <div className="sheet-rooms">
        <Slot value={slot}>{children}</Slot>
      </div>
    </div>
  );
}

/** What the clay of the open piece leaves of 100 wet, 0 to 1; that of typical stoneware where there is none. */
function useLeft(): number {
  const { workspace } = useWorkspace();
  const { plans, settings } = workspace;
  const plan = plans.find(({ id }) => id === settings.openPlanId) ?? plans[0];
  const bodyId = plan && mainPart(plan).bodyId;
  const batchId = bodyId && newestBatch(workspace, bodyId)?.id;
  return remaining(clayOf(workspace, { bodyId, batchId }).figures.shrinkage, 'glazed', 'width');
}
