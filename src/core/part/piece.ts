import { type ClayFigures, type Matter, type Stage } from '@/core/clay';
import { FAMILIES, type Form, checkForm, checkInsides, isDisc } from '@/core/form';
import { type Hand, handlePlan } from '@/core/handbuild';
import {
  type Making,
  NOTHING_LOST,
  type Sized,
  type StagedForm,
  type Throwing,
  USUAL_ODDS,
  attachedG,
  ballFromTester,
  checkMaking,
  resolveKnown,
  size,
  isExact,
  withoutRim,
  withoutTrimmedWall,
} from '@/core/sizing';
import type { Middle } from '@/core/learn';
import { type Result, good } from '@/core/units';
import type { MadePiece, Body, Part, Plan, Workspace } from '@/core/records';

/** A part with everything worked out. */
export interface SizedPart {
  readonly clay: ClayFigures;
  readonly given: StagedForm;
  readonly sized: Sized;
}

/** As much of a part as its sizes hang on. */
export type Sizable = Pick<
  Part,
  'family' | 'manner' | 'knots' | 'sizes' | 'gives' | 'odds' | 'making' | 'attached' | 'hand' | 'handle' | 'fit'
>;

/** How sure a part's limits are to hold, and how truly it is made to size: as said of what it is to fit. */
export const surenessOf = ({ odds = USUAL_ODDS, fit }: Pick<Part, 'odds' | 'fit'>) => ({ odds, tool: fit?.tool ?? 'gauge' }) as const;

/** Whether a plan came with the example workshop: those have names for ids, a maker's own have none that can be read. */
export const isExample = ({ id }: Pick<Plan, 'id'>): boolean => id.startsWith('plan-');

/** The same of a piece that was made: those of the example are of runs with a name for an id. */
export const isExamplePiece = ({ runId }: Pick<MadePiece, 'runId'>): boolean => runId.startsWith('run-');

/** How a part is made: what is not round is never thrown, and what has no wall is neither coiled nor pressed. */
export function handOf({ family, hand }: Pick<Part, 'family' | 'hand'>): Hand {
  const by = hand?.by ?? 'wheel';
  if (FAMILIES[family].flatSided) return 'slab';
  return isDisc(family) && by !== 'wheel' ? 'slab' : by;
}

/** Whether a part is made without a floor: its floor is entered as 0. */
function isOpenBelow({ sizes }: Pick<Part, 'sizes'>): boolean {
  const floor = sizes.floor?.[0];
  return floor !== undefined && isExact(floor) && floor.mm === 0;
}

/** What goes between clay and trimmed piece; nothing by hand but what is put on. */
export function makingOf(part: Pick<Part, 'family' | 'hand' | 'making' | 'sizes'>): Making {
  if (handOf(part) !== 'wheel') return { ...NOTHING_LOST, attachedMass: part.making.attachedMass };
  if (isDisc(part.family)) return withoutRim(part.making);
  return isOpenBelow(part) ? withoutTrimmedWall(part.making) : part.making;
}

export const bodyOf = (workspace: Pick<Workspace, 'bodies'>, part: Pick<Part, 'bodyId'>): Body | undefined =>
  workspace.bodies.find((body) => body.id === part.bodyId);

/** The clay's water and loss of a body, for parts put on of another clay. */
export type MatterOf = (bodyId: string) => Matter | undefined;

/** What is known of its sizes, without a bevel where it is not turned at the wheel: built by hand its foot is as it was cut. */
function sizesMade(part: Sizable): Sizable['sizes'] {
  const { bevel, ...sizes } = part.sizes;
  return bevel && handOf(part) === 'wheel' ? { ...sizes, bevel } : sizes;
}

/**
 * Works a part out from its known sizes, its clay and its allowances, or says why such a piece is impossible.
 * `write` puts a length into the reader's units, for the message.
 */
export function sizePart(part: Sizable, clay: ClayFigures, write: (mm: number) => string, matterOf?: MatterOf): Result<SizedPart> {
  const given = resolveKnown(part, sizesMade(part), clay, surenessOf(part));
  const form = checkForm(given.form as Form<Stage>, write);
  if (!form.ok) return form;
  const inside = checkInsides(form.value, write);
  if (!inside.ok) return inside;
  const making = checkMaking(makingOf(part));
  if (!making.ok) return making;
  const attached = (part.attached ?? []).map((each) => {
    const matter = (each.bodyId === undefined ? undefined : matterOf?.(each.bodyId)) ?? clay.matter;
    return { wetG: attachedG(each, matter), matter };
  });
  const sizedWith = (more: typeof attached) => size(clay, given.form as Form<Stage>, given.at, making.value, more);
  const sized = sizedWith(attached);
  // a handle that does not fit says so where it is chosen; the piece itself can be made
  const handle = part.handle && handlePlan(clay, sized, part.handle, write);
  return good({
    clay,
    given,
    sized: handle?.ok ? sizedWith([...attached, { wetG: handle.value.wetG, matter: clay.matter }]) : sized,
  });
}

/** Of a part's throwing, what its maker set, and the ball its run is made to. */
export const throwingOf = ({
  part,
  ratio,
  ...sized
}: SizedPart & { readonly part: Part; readonly ratio?: Pick<Middle, 'median'> | undefined }): Throwing => ({
  shortening: part.shortening,
  opening: part.opening,
  runBall: runBall(part, sized, ratio),
});

/** The ball a run is made to, g: from its accepted tester, else as worked out, by the maker's own ratio where there is one. */
export function runBall(part: Pick<Part, 'tester' | 'making'>, { clay, sized }: SizedPart, ratio?: Pick<Middle, 'median'>): number {
  const { tester, making } = part;
  const ball = tester?.accepted ? ballFromTester(clay, sized, making, tester, String) : undefined;
  return ball?.ok ? ball.value : sized.masses.ball * (ratio?.median ?? 1);
}
