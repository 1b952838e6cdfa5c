import { FAMILIES } from '@/core/form';
import { type Gauge, type GoMarks, insideRib, profileRib, silhouette, strips, template } from '@/core/bench';
import type { Check, Drawing } from '@/core/paper';
import { type Limit, isExact, windowAt } from '@/core/sizing';
import type { FitWork } from '@/core/fitting';
import type { PieceModel } from '../model/use-piece';
import { clayWords } from '../model/words';

/** The go and no-go marks, wet, of what is to fit and of sizes that are ranges or limits: the mouth inside its walls, the depth above its floor. */
function goMarks({ worked }: PieceModel, seat: FitWork | undefined): GoMarks {
  const { clay, known, sure, sized } = worked;
  const { side, inside } = sized.onBat.thrown;
  const walls = 2 * (side.at(-1)!.r - inside[0]!.r);
  const within = (size: 'rimDiameter' | 'height', less: number) => {
    const limit = known[size]?.find((each): each is Limit => !isExact(each));
    const go = limit && windowAt({ clay, size, tool: sure.tool }, limit, 'wet', sure.odds).go;
    return go && ([go[0] && go[0] - less, go[1] && go[1] - less] as const);
  };
  const floor = (sized.thrown.floor ?? 0) - sized.onBat.foot;
  const marks = {
    'level stick, mouth inside': seat?.side === 'mouth' && seat.at === 'wet' ? seat.go : within('rimDiameter', walls),
    'rim, outside': within('rimDiameter', 0),
    'upright stick, rim to floor': within('height', floor),
    'upright stick, rim to the bat': within('height', floor),
  };
  return Object.fromEntries(Object.entries(marks).filter(([, go]) => go)) as GoMarks;
}

/** A drawing to cut out or keep, with what is said beside it. */
export interface ToolDrawing {
  readonly title: string;
  readonly drawing: Drawing;
  readonly notes?: string | undefined;
}

/** The drawings of a tool, worked out when they are looked at or printed; none where this piece has no such tool. */
export type Draw = () => readonly ToolDrawing[];

/** What a slab or a disc for a former is cut by. */
function templates({ hand, plan, units, ...piece }: PieceModel, check: Check): ToolDrawing[] {
  const of = { name: plan.name, clay: clayWords({ hand, plan, units, ...piece }), length: units.length, check };
  if (hand?.by === 'slab') {
    return hand.parts.map((part) => ({
      title: part.count > 1 ? `${part.name}, cut ${part.count}` : part.name,
      drawing: template(part, { ...of, stage: hand.at, turns: hand.turn }),
      notes: part.notes.join(' ') || undefined,
    }));
  }
  const disc = hand?.by === 'former' && hand.former && !hand.lining ? hand.parts[0] : undefined;
  if (!disc) return [];
  const notes = 'It reaches from rim to rim along the former, with something to trim; what gathers at the edge is thinned or cut away.';
  return [{ title: 'Disc of slab', drawing: template(disc, { ...of, stage: 'wet' }), notes }];
}

/** Every tool of a piece that is drawn at true size, by its name in the room; the shelf card and the rule are made by who knows them. */
export function drawnTools(
  piece: PieceModel,
  gauges: () => readonly Gauge[],
  seat: FitWork | undefined,
  check: Check,
): Readonly<Record<string, Draw>> {
  const { worked, plan, units } = piece;
  const hollow = !FAMILIES[piece.form.family].solid && !worked.sized.wet.plan;
  const one = (title: string, draw: () => Drawing): Draw => (hollow ? () => [{ title, drawing: draw() }] : () => []);
  return {
    strips: () => [{ title: 'Measuring strips', drawing: strips(gauges(), plan.name, goMarks(piece, seat), units.length) }],
    templates: () => templates(piece, check),
    silhouette: one('Silhouette', () => silhouette(worked, plan.name)),
    'outside-rib': one('Outside rib', () => profileRib(worked, plan.name)),
    'inside-rib': one('Inside rib', () => insideRib(worked, plan.name)),
  };
}
