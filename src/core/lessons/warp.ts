import type { Firing } from '@/core/clay';
import type { FamilyName } from '@/core/form';
import { endsOf, heightSpeaks } from './evidence-of';
import { DRYING, type Drying, type Run } from '@/core/records';
import { type Made, type PieceOfRun, groups, once, put, taught } from './taught';

/** What a form does in drying and firing that is not the clay's: how oval it comes out, and how much it sags. */

/** Warp is as said up to so wide, and grows with the width from there, mm. Ours. */
const WARPS_FROM = 120;

/** Sd of how oval a width comes out, mm, while nothing of one's own says otherwise: by how it is dried. */
export const typicalOval = (dried: Drying, diameter: number): number => DRYING[dried] * Math.max(1, diameter / WARPS_FROM);

/** How a run was dried: as it says, else as its lid or pot was to be. */
const driedOf = ({ dried, as }: Pick<Run, 'dried' | 'as'>): Drying => dried ?? as?.fit?.dried ?? 'apart';

/** How a piece was dried and to what cone it was fired. */
export interface WarpedBy {
  readonly dried: Drying;
  readonly cone?: Firing['cone'];
}

const warpedBy = ({ run, piece }: PieceOfRun): WarpedBy => ({ dried: driedOf(run), cone: (piece.firing ?? run.firing)?.cone });

/** How oval on the whole, largest less smallest width, mm; how many times what is typical of that drying and width; of so many. */
export interface OvalLearned {
  readonly mm: number;
  readonly times: number;
  readonly count: number;
}

/** Warp and sag of a form: as a whole, and the warp by drying and firing; fired height less what the clay alone would leave, mm. */
export interface FormLearned {
  readonly family: FamilyName;
  readonly oval?: OvalLearned | undefined;
  readonly byWork: readonly (WarpedBy & OvalLearned)[];
  readonly sag?: { readonly mm: number; readonly count: number } | undefined;
}

interface Oval extends WarpedBy {
  readonly mm: number;
  readonly times: number;
}

/** The mean of half a normal is so much of its sd. */
const MEAN_OF_SD = Math.sqrt(2 / Math.PI);

function ovalsOf(row: PieceOfRun): readonly Oval[] {
  const by = warpedBy(row);
  return Object.values(row.piece.sizes.glazed ?? {}).flatMap(({ mm, oval }) =>
    oval === undefined ? [] : [{ ...by, mm: oval, times: oval / (typicalOval(by.dried, mm) * MEAN_OF_SD) }],
  );
}

const meanOf = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0) / values.length;

const learnedFrom = (ovals: readonly Oval[]): OvalLearned => ({
  mm: meanOf(ovals.map(({ mm }) => mm)),
  times: meanOf(ovals.map(({ times }) => times)),
  count: ovals.length,
});

/** Ovals together that were dried alike and fired to one cone. */
function byWork(ovals: readonly Oval[]): FormLearned['byWork'] {
  const found = new Map<string, Oval[]>();
  for (const oval of ovals) put(found, `${oval.dried}/${oval.cone ?? ''}`, oval);
  return [...found.values()].map((own) => ({ dried: own[0]!.dried, cone: own[0]!.cone, ...learnedFrom(own) }));
}

/** Only a height that was measured wet says how much a form sank: what the hand made taller or lower is the hand's. */
const sagsOf = ({ run, piece }: PieceOfRun): readonly number[] => {
  const [up, across] = [endsOf(run, piece, 'height'), endsOf(run, piece, 'rimDiameter')];
  return up?.wetWith && across ? [up.fired - (up.wet * across.fired) / across.wet] : [];
};

const forms = once((made): readonly FormLearned[] => {
  // what is no plan's says nothing of a form
  const rows = taught(made).filter(({ run }) => run.planId !== undefined);
  const family = ({ run }: PieceOfRun) => run.family;
  const ovals = groups(rows, family, ovalsOf);
  const sags = groups(
    rows.filter(({ run }) => !heightSpeaks(run.family)),
    family,
    sagsOf,
  );
  return [...new Set([...ovals.keys(), ...sags.keys()])].map((name) => {
    const [oval, sag] = [ovals.get(name), sags.get(name)];
    return {
      family: name as FamilyName,
      oval: oval && learnedFrom(oval),
      byWork: oval ? byWork(oval) : [],
      sag: sag && { mm: meanOf(sag), count: sag.length },
    };
  });
});

/** What each form does in drying and firing that is not the clay's. */
export const learnedForms = (made: Made): readonly FormLearned[] => forms(made);

/** So many are needed before the maker's own warp stands for the typical one. Ours. */
const FEWEST_OVAL = 3;

/** No form is thought rounder than this share of the typical: a few round ones are no promise. Ours. */
const LEAST_TIMES = 0.1;

/** How many times as oval as typical, from how many, and what those have in common with the piece asked about. */
export interface OwnOval {
  readonly times: number;
  readonly count: number;
  readonly alike: 'drying and firing' | 'drying' | 'form';
}

/**
 * How many times as oval as typical a form comes out: of three and more dried and fired alike, else of three dried alike, else of
 * three of the form, each measured against what is typical of its own drying and width.
 */
export function learnedOval(made: Made, family: FamilyName, { dried, cone }: WarpedBy): OwnOval | undefined {
  const form = forms(made).find((each) => each.family === family);
  if (!form?.oval) return undefined;
  const driedSo = form.byWork.filter((each) => each.dried === dried);
  const firedSo = driedSo.find((each) => each.cone === cone);
  const kinds: readonly (readonly [OwnOval['alike'], OvalLearned | undefined])[] = [
    ['drying and firing', firedSo],
    ['drying', together(driedSo)],
    ['form', form.oval],
  ];
  const found = kinds.find(([, of]) => of && of.count >= FEWEST_OVAL);
  return found && { times: Math.max(LEAST_TIMES, found[1]!.times), count: found[1]!.count, alike: found[0] };
}

/** Several groups as one. */
function together(all: readonly OvalLearned[]): OvalLearned | undefined {
  const count = all.reduce((sum, each) => sum + each.count, 0);
  if (count === 0) return undefined;
  const mean = (of: (each: OvalLearned) => number) => all.reduce((sum, each) => sum + of(each) * each.count, 0) / count;
  return { mm: mean(({ mm }) => mm), times: mean(({ times }) => times), count };
}
