'use client';

import type { Direction } from '@/core/clay';
import { learnedHand } from '@/core/lessons';
import { shopOf } from '@/core/records';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { run as perform, useUnits, useWorkspace } from '@/ui/state';

const SET_WORDS = { height: ['lower', 'higher'], width: ['narrower', 'wider'] } as const;

/** Less than this is not worth setting a gauge for, mm. */
const WORTH_IT = 0.5;

/** Sets the gauge against the lean of a hand that uses one, and back as planned. */
export function SetGauge({ direction }: { direction: Direction }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const { lean, takeOff } = learnedHand(workspace).gauge[direction];
  const taken = shopOf(workspace).wheel?.takeOff?.[direction] ?? 0;
  const [lower, higher] = SET_WORDS[direction];
  const words = (mm: number) => `${length(Math.abs(mm))} ${mm > 0 ? lower : higher}`;
  const set = (mm: number | undefined) =>
    perform(
      commands.setShop(
        'wheel',
        (now) => ({ ...now, takeOff: { ...now?.takeOff, [direction]: mm } }),
        mm === undefined ? 'gauge set as planned' : `gauge set ${words(mm)}`,
      ),
    );
  return (
    <>
      {takeOff !== undefined && Math.abs(lean - taken) > WORTH_IT && (
        <Act look="solid" onClick={() => set(takeOff)}>
          Set the gauge {words(takeOff)}
        </Act>
      )}
      {taken !== 0 && (
        <Act title={`The gauge is set ${words(taken)} for it`} onClick={() => set(undefined)}>
          Set it as planned
        </Act>
      )}
    </>
  );
}
