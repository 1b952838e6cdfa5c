import { type Gauge, shelfCard } from '@/core/bench';
import { HANDS } from '@/core/handbuild';
import type { Drawing } from '@/core/paper';
import { STAGE_WORDS } from '@/core/sizing';
import { handLength } from '@/core/units';
import { inOwnMeasures, type OwnMeasure } from '@/core/records';
import { obstacleWords } from '@/core/telling';
import { handFigures, weighOutText } from '@/ui/steps';
import type { PieceModel } from '../model/use-piece';

type Carded = Pick<PieceModel, 'plan' | 'part' | 'known' | 'worked' | 'hand' | 'weighOut' | 'units'>;

/** What to weigh out, as the card says it; or what stands in the way. */
function weighWords({ hand, weighOut, part, units }: Carded): { readonly weigh: string; readonly figure?: string } {
  if (hand?.obstacle) return { weigh: obstacleWords(hand.obstacle, units.length) };
  const figure = weighOutText(weighOut ?? 0, part, units);
  if (hand) return { weigh: `Weigh out, ${HANDS[hand.by].toLowerCase()}`, figure };
  return { weigh: part.tester?.accepted ? 'Ball, by the test piece' : 'Ball', figure };
}

/** The card of a piece for the wall. */
export function cardOf(
  piece: Carded,
  gauges: readonly Gauge[],
  { batch, measures, date }: { readonly batch: string | undefined; readonly measures: readonly OwnMeasure[]; readonly date: string },
): Drawing {
  const { plan, known, worked, hand, units } = piece;
  const cone = known.firing.cone && `cone ${known.firing.cone}`;
  return shelfCard(worked, gauges, {
    name: plan.name,
    clay: [known.body?.name ?? 'typical stoneware', batch, cone].filter(Boolean).join(', '),
    // how the one that came out right was made comes before anything else
    note: [plan.standard?.moves, plan.note].filter(Boolean).join('. '),
    date,
    length: units.length,
    set: (mm) => units.length(handLength(mm, units.choice)),
    ...weighWords(piece),
    hand:
      hand &&
      handFigures(hand, worked, units).map(
        ({ words, figure, stage }) => [stage ? `${words}, ${STAGE_WORDS[stage]}` : words, figure] as const,
      ),
    own: (mm) => inOwnMeasures(mm, measures, units.length),
  });
}
