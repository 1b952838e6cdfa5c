import { type Sample, lengthOf } from './sample';
import { STAGES, type Stage } from './stage';

/** Something in a sample that looks like a slip of the pen: a question, not a block. */
export interface Slip {
  readonly stage: Stage;
  readonly kind: 'grew' | 'tenfold' | 'shrank too much';
  /** What it was probably meant to be, mm, if that can be guessed. */
  readonly meant?: number | undefined;
  /** The stage it disagrees with. */
  readonly against: Stage;
}

/** Beyond this a clay for pots has not been seen; under it a figure is asked about no more. Fraction of the length before. */
const SHRANK_TOO_MUCH = 0.25;
/** Two readings of one mark may differ by so much, mm, without anything having grown. */
const READING_SLACK_MM = { ruler: 0.5, caliper: 0.1 };

function tenfold(length: number, before: number): number | undefined {
  return [length * 10, length / 10, length * 25.4].find((meant) => meant <= before * 1.02 && meant >= before * (1 - SHRANK_TOO_MUCH));
}

/**
 * What to ask about a sample's lengths: one that grew since the stage before, one that is ten times off (centimetres
 * for millimetres), one that shrank more than clays do. Stages without a measure are passed over,
 * and so is what was asked before and is right.
 */
export function slipsOf(sample: Pick<Sample, 'lengths' | 'tool' | 'sure'>): Slip[] {
  const slips: Slip[] = [];
  let before: { stage: Stage; length: number } | undefined;
  for (const stage of STAGES) {
    const length = lengthOf(sample, stage);
    if (length === undefined) continue;
    if (before) {
      const against = before.stage;
      const meant = tenfold(length, before.length);
      if (meant !== undefined) slips.push({ stage, kind: 'tenfold', meant, against });
      else if (length > before.length + READING_SLACK_MM[sample.tool]) slips.push({ stage, kind: 'grew', against });
      else if (length < before.length * (1 - SHRANK_TOO_MUCH)) slips.push({ stage, kind: 'shrank too much', against });
    }
    before = { stage, length };
  }
  return slips.filter(({ stage }) => !sample.sure?.includes(stage));
}
