import type { Firing } from '@/core/clay';
import { NEW_MAKING, PLAIN, plainCup, saucerFor, withChoices, withLetGo, withManner, withTyped } from '@/core/part';
import {
  type Body,
  type BarRecord,
  type Handmade,
  mainPart,
  type Part,
  partRef,
  type PartRef,
  type Plan,
  readRef,
  type SaidBall,
  type Stock,
  withPart,
} from '@/core/records';
import type { Manner, SizeName } from '@/core/form';
import { type KnownPiece, type KnownSize, type Making, WAYS, type Way } from '@/core/sizing';
import { v7 as newId } from 'uuid';
import { add, now, remove } from '../acts';
import type { Act } from '../history';
import { createBar } from './clay';
import { type Follow, editPart, editPlan } from './edit-plan';
import { setShop } from './kit';

/** Further parts of a piece, worked out before; and what becomes of the part they were made for. */
export const addParts = (ref: PartRef, parts: readonly Part[], label: string, change: (part: Part) => Part = (part) => part): Act => {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => {
    const changed = withPart(plan, partId, change);
    return { ...changed, parts: [...changed.parts, ...parts] };
  });
};

/** Another part of a piece, a plain cup to begin with, of the piece's clay; and its id, so that it can be opened. */
export function newPart(plan: Plan): { act: Act; id: string } {
  return partOfClay(plan, { name: `part ${plan.parts.length + 1}` }, 'another part');
}

/** A new part of the piece's clay and firing, with what is said of it. */
function partOfClay(plan: Plan, said: Partial<Part>, label: string): { act: Act; id: string } {
  const { bodyId, batchId, firing } = mainPart(plan);
  const part: Part = { ...freshPart(), bodyId, batchId, firing, ...said };
  return { id: part.id, act: addParts(plan.id, [part], label) };
}

/** A saucer for the foot of a piece, so wide finished, mm; and its id. */
export const newSaucer = (plan: Plan, footDiameter: number): { act: Act; id: string } =>
  partOfClay(plan, { name: 'saucer', ...saucerFor(footDiameter) }, 'saucer');

/** Takes a part away; a piece keeps its main one. */
export const deletePart = (ref: PartRef, label: string): Act => {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => {
    const [first, ...others] = plan.parts;
    return { ...plan, parts: [first, ...others.filter(({ id }) => id !== partId)] };
  });
};

const freshPart = (rimDiameter?: number): Part => ({
  id: newId(),
  name: 'pot',
  ...PLAIN,
  sizes: plainCup(rimDiameter),
  way: 'trimmed',
  making: NEW_MAKING,
});

/** A new piece: a plain cup, its finished mouth as wide as asked. Returned with its id, so that it can be opened. */
export function createPlan(options: { name?: string; rimDiameter?: number; bodyId?: string | undefined } = {}): {
  act: Act;
  id: string;
} {
  const id = newId();
  const at = now();
  const name = options.name ?? 'New piece';
  const part: Part = { ...freshPart(options.rimDiameter), ...(options.bodyId && { bodyId: options.bodyId }) };
  return { id, act: add('plans', `new piece “${name}”`, { id, name, note: '', parts: [part], createdAt: at, changedAt: at }) };
}

/** What comes into the workshop with a new piece: a lot of the kit it was made to, the ball its maker says they take, its clay. */
interface Brought {
  readonly stock?: Stock | undefined;
  readonly said?: SaidBall | undefined;
  /** A clay founded with it. */
  readonly body?: Body | undefined;
}

/** A piece of a part that was worked out before, with what comes into the shop with it. */
export function addPlan(name: string, part: Part, { stock, said, body }: Brought = {}): { act: Act; id: string } {
  const id = newId();
  const at = now();
  const lot = stock && { ...stock, id: newId() };
  const clay = body && { ...body, id: newId(), createdAt: at };
  const own: Part = {
    ...part,
    id: newId(),
    ...(clay && { bodyId: clay.id }),
    ...(lot && part.fit && { fit: { ...part.fit, stockId: lot.id } }),
  };
  const plan: Plan = { id, name, note: '', parts: [own], createdAt: at, changedAt: at };
  const act = add('plans', `new piece “${name}”`, plan);
  const brought = [
    ...(clay ? [add('bodies', `new clay “${clay.name}”`, clay)] : []),
    ...(lot ? [setShop('stock', (known = []) => [...known, lot])] : []),
    ...(said ? [setBall(said.way, said)] : []),
  ];
  return { id, act: { ...act, change: (workspace) => [...brought.flatMap(({ change }) => change(workspace)), ...act.change(workspace)] } };
}

/** The ball somebody takes for a size, for a way of making. */
const setBall = (way: Way, said: SaidBall | undefined): Act =>
  setShop('wheel', (now) => {
    const others = (now?.balls ?? []).filter((each) => each.way !== way);
    return { ...now, balls: said ? [...others, said] : others };
  });

/** Pieces of parts that were worked out before, all at once. */
export function addPlans(pieces: readonly { readonly name: string; readonly part: Part }[]): Act {
  const made = pieces.map(({ name, part }) => addPlan(name, part).act);
  const label = pieces.length === 1 ? `new piece “${pieces[0]!.name}”` : `${pieces.length} pieces from a table`;
  return { label, change: (workspace) => made.flatMap(({ change }) => change(workspace)) };
}

export function duplicatePlan(plan: Plan): { act: Act; id: string } {
  const id = newId();
  const at = now();
  const ids = new Map(plan.parts.map((part) => [partRef(plan, part), newId()]));
  // what fitted with a part of the piece fits with the same part of its copy
  const copyOf = (ref: PartRef) => (ref === plan.id ? id : `${id}/${ids.get(ref)}`);
  const [first, ...others] = plan.parts.map((part) => ({
    ...part,
    id: ids.get(partRef(plan, part))!,
    ...(part.fit?.ref && ids.has(part.fit.ref) && { fit: { ...part.fit, ref: copyOf(part.fit.ref) } }),
  })) as [Part, ...Part[]];
  const copy: Plan = { ...plan, id, name: `${plan.name} (copy)`, parts: [first, ...others], createdAt: at, changedAt: at };
  return { id, act: add('plans', `copy of “${plan.name}”`, copy) };
}

export const renamePlan = (id: string, name: string, key?: string): Act =>
  editPlan(id, `name “${name}”`, (plan) => ({ ...plan, name }), key);

export const notePlan = (id: string, note: string, key?: string): Act => editPlan(id, 'note', (plan) => ({ ...plan, note }), key);

export const deletePlan = ({ id, name }: Plan): Act => remove('plans', id, `“${name}” deleted`);

/** A size typed at a stage: it leads, and what else is known of it stays until that is settled. */
export const setSize = (ref: PartRef, size: SizeName, typed: KnownSize, label: string, key?: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, ...withTyped(part, size, typed) }), key, follow);

/** One thing known of a size let go. `mm` is what the size is at its stage, for when nothing else is known. */
export const letGoOf = (ref: PartRef, size: SizeName, index: number, mm: number, label: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, sizes: withLetGo(part, size, index, mm) }), undefined, follow);

/** Changes several things of a part at once: its form, its limits, what is put on. */
export const setPart = (
  ref: PartRef,
  change: Partial<Part> | ((part: Part) => Partial<Part>),
  label: string,
  key?: string,
  follow?: Follow,
): Act => editPart(ref, label, (part) => ({ ...part, ...(typeof change === 'function' ? change(part) : change) }), key, follow);

/** The ball somebody takes for a size: it counts for this part, and what it teaches for what else is made this way. */
export function sayBall(
  ref: PartRef,
  knownPiece: KnownPiece | undefined,
  way: Way,
  said: SaidBall | undefined,
  label: string,
  key?: string,
): Act {
  const part = setPart(ref, { knownPiece }, label, key);
  const shop = setBall(way, said);
  return { label, key, change: (workspace) => [...part.change(workspace), ...shop.change(workspace)] };
}

/** Another manner of the same form; sizes it needs start from what is typical. */
export const setManner = (ref: PartRef, change: Manner, label: string, follow?: Follow): Act => {
  const chosen = (part: Part): Part => {
    const manner = { ...part.manner, ...change };
    return { ...part, manner, sizes: withManner(part, manner) };
  };
  return editPart(ref, label, chosen, undefined, follow);
};

/** Both sizes of one piece are right: kept as evidence about its clay, and the one that does not lead let go. */
export function keepAsEvidence(ref: PartRef, size: SizeName, index: number, bar: Omit<BarRecord, 'id' | 'createdAt'>, label: string): Act {
  const { act } = createBar(bar);
  const settle = letGoOf(ref, size, index, 0, label);
  return { label, change: (workspace) => [...act.change(workspace), ...settle.change(workspace)] };
}

/** Another clay: its batch and firing have to be said anew. */
export const setClay = (ref: PartRef, bodyId: string | undefined, label: string, follow?: Follow): Act => {
  const inClay = ({ batchId: _, bodyId: _old, firing: _fired, ...part }: Part): Part => ({ ...part, ...(bodyId && { bodyId }) });
  return editPart(ref, label, inClay, undefined, follow);
};

export const setBatch = (ref: PartRef, batchId: string | undefined, label: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, batchId }), undefined, follow);

export const setFiring = (ref: PartRef, firing: Firing | undefined, label: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, firing }), undefined, follow);

/** Chooses a way of working on the wheel: its allowances come with it. `own` keeps those there are. */
export const setWay = (ref: PartRef, way: Way, label: string, follow?: Follow): Act => {
  const madeSo = ({ hand, ...part }: Part): Part => ({
    ...part,
    ...(hand && { hand: { ...hand, by: undefined } }),
    way,
    making: way === 'own' ? part.making : { ...WAYS[way], attachedMass: part.making.attachedMass },
  });
  return editPart(ref, label, madeSo, undefined, follow);
};

/** Sets one allowance; the way of working is the maker's own from then on. */
export const setAllowance = (ref: PartRef, name: keyof Making, value: number, label: string, key?: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, way: 'own', making: { ...part.making, [name]: value } }), key, follow);

/** What is chosen of a part made by hand; the way itself with `by`. What was chosen for other ways, or beside it, is kept. */
export const setHand = (ref: PartRef, change: Partial<Handmade>, label: string, key?: string, follow?: Follow): Act =>
  editPart(ref, label, (part) => ({ ...part, hand: withChoices(part.hand, change) }), key, follow);
