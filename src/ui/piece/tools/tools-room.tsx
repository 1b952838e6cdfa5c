'use client';

import { lazyPart } from '@/ui/blocks';
import { gaugesOf } from '@/core/bench';
import { madeActs } from '@/store';
import { OwnMeasures, PrintSetting, Printed, RuleCheck, fileName, useBench, usePages, useRule } from '@/ui/bench';
import { Saves } from '@/ui/fields';
import type { Section } from '@/ui/rooms';
import { type Bat, batFor } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import { pdfOf } from '@/workers';
import { Box, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { useFit } from '../fit';
import { cardOf } from './card';
import { fitGauge } from './fit-gauge';
import { type Draw, drawnTools } from './drawn-tools';
import { GaugesTool } from './gauges-tool';

const SendTool = lazyPart(() => import('./send-tool').then((part) => part.SendTool));

interface Props {
  readonly piece: PieceModel;
  readonly tools: readonly Section[];
  readonly tool: string;
  readonly onTool: (tool: string) => void;
}

/** What is set, printed or cut out before starting: a list of what there is, one at a time beside it, all chosen ones in one PDF. */
export function ToolsRoom({ piece, tools, tool, onTool }: Props) {
  const { worked, plan, units, known, part } = piece;
  const { workspace } = useWorkspace();
  const bench = useBench();
  const { check, pages: pagesOf } = usePages();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const bat = batFor(bench.shop.bats ?? [], worked.sized.thrown.base);
  const setting = bat ? { ...bench.wheel, batThickness: bat.thickness } : bench.wheel;
  const { found: fit } = useFit(piece);
  const seat = part.fit && fit.ok ? fit.value : undefined;
  const gauges = () => [
    ...(piece.by === 'wheel' ? gaugesOf(worked, setting, piece.throwing, units.length) : []),
    ...(seat ? [fitGauge(seat)] : []),
  ];
  const batch = workspace.batches.find(({ id }) => id === part.batchId)?.name;
  const body = known.body?.name ?? 'typical stoneware';
  const rule = useRule({ body, batch, cone: known.firing.cone, clay: worked.clay }, part.bodyId);
  const date = madeActs.today();
  const draws: Readonly<Record<string, Draw>> = {
    ...drawnTools(piece, gauges, seat, check),
    rule: () => [{ title: 'Shrink rule', drawing: rule.draw() }],
    card: () => [{ title: 'Shelf card', drawing: cardOf(piece, gauges(), { batch, measures: bench.shop.measures ?? [], date }) }],
  };
  const choose = (value: string, on: boolean) => setChosen((now) => (on ? [...now, value] : now.filter((each) => each !== value)));
  const printed = tools.filter(({ value }) => chosen.includes(value));
  const pdf = async () => {
    const pages = printed.flatMap(({ value }) => draws[value]!().flatMap(({ drawing }) => pagesOf(drawing)));
    const [first, ...rest] = pages;
    if (!first) throw new Error('The tools you ticked do not apply to this piece.');
    return { content: await pdfOf([first, ...rest]), name: `${fileName(`${plan.name} tools`)}.pdf`, type: 'application/pdf' };
  };
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', md: '190px minmax(0, 1fr)' }}
      gap="5"
      paddingTop="2"
      data-room="tools"
      data-section={tool}
    >
      <Box>
        <ul className="tools" aria-label="Tools">
          {tools.map(({ value, words }) => (
            <li key={value}>
              {draws[value] ? (
                <label title="Include when printing">
                  <input
                    type="checkbox"
                    aria-label={`Print: ${words}`}
                    checked={chosen.includes(value)}
                    onChange={(event) => choose(value, event.currentTarget.checked)}
                  />
                </label>
              ) : (
                <span />
              )}
              <button type="button" aria-current={value === tool ? 'true' : undefined} onClick={() => onTool(value)}>
                {words}
              </button>
            </li>
          ))}
        </ul>
        <PrintSetting />
        {printed.length > 0 && (
          <Saves
            files={[{ words: printed.length === 1 ? 'Chosen one as PDF' : `${printed.length} chosen, one PDF`, look: 'solid', make: pdf }]}
          />
        )}
      </Box>
      <Box minWidth="0">
        <Tool piece={piece} tool={tool} draw={draws[tool]} about={tool === 'rule' ? rule.about : undefined} gauges={gauges} bat={bat} />
      </Box>
    </Grid>
  );
}

interface ToolProps {
  readonly piece: PieceModel;
  readonly tool: string;
  readonly draw: Draw | undefined;
  readonly about: React.ReactNode;
  readonly gauges: () => ReturnType<typeof gaugesOf>;
  readonly bat: Bat | undefined;
}

function Tool({ piece, tool, draw, about, gauges, bat }: ToolProps) {
  if (tool === 'gauges') return <GaugesTool piece={piece} gauges={gauges()} bat={bat} />;
  if (tool === 'measures') return <OwnMeasures />;
  if (tool === 'send') return <SendTool piece={piece} />;
  if (tool === 'check') return <RuleCheck clay={piece.worked.clay} finished={piece.form.sizes.rimDiameter} />;
  const drawings = draw?.() ?? [];
  if (drawings.length === 0) return <Box color="fg.muted">{NONE[tool] ?? 'Only a round, hollow piece has this tool.'}</Box>;
  return drawings.map(({ title, drawing, notes }) => (
    <Printed
      key={title}
      title={title}
      drawing={drawing}
      about={
        about ??
        (notes && (
          <Box fontSize="sm" color="fg.muted" maxWidth="80ch">
            {notes}
          </Box>
        ))
      }
    />
  ));
}

const NONE: Readonly<Record<string, string>> = {
  templates: 'No template needed here. Choose a former under Make, or build it from slabs.',
};
