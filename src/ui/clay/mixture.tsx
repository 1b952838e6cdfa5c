'use client';

import { mixtureRange } from '@/core/clay';
import { writePercent } from '@/core/units';
import { clayNow } from '@/core/part';
import type { Body } from '@/core/records';
import { commands } from '@/store';
import { Act, LabelledChoice } from '@/ui/fields';
import { useGo, useWorkspace } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const PARTS = ['1', '2', '3', '4', '5'] as const;
type Parts = (typeof PARTS)[number];

const weighted = (a: number, b: number, share: number): number => Math.round((a * share + b * (1 - share)) * 10) / 10;

/** Two bodies wedged together by weight: a provisional body with honest doubt, until it has bars of its own. */
export function Mixture() {
  const { workspace } = useWorkspace();
  const go = useGo();
  const { bodies } = workspace;
  const [chosen, choose] = useState<{ first?: string; second?: string; firstParts: Parts; secondParts: Parts }>({
    firstParts: '1',
    secondParts: '1',
  });
  const first = bodies.find(({ id }) => id === chosen.first) ?? bodies[0];
  const second = bodies.find(({ id }) => id === chosen.second) ?? bodies[1];
  if (!first || !second) return null;
  const [a, b] = [clayNow(workspace, first.id).figures, clayNow(workspace, second.id).figures];
  const [pa, pb] = [Number(chosen.firstParts), Number(chosen.secondParts)];
  const range = mixtureRange([
    { parts: pa, belief: a.belief },
    { parts: pb, belief: b.belief },
  ]);
  const share = pa / (pa + pb);
  const make = () => {
    const { act, id } = commands.createBody({
      name: `${first.name} ${pa} : ${pb} ${second.name}`,
      kind: pa >= pb ? first.kind : second.kind,
      shrinkagePercent: range,
      waterPercent: weighted(a.matter.water * 100, b.matter.water * 100, share),
      lossPercent: weighted(a.matter.loss * 100, b.matter.loss * 100, share),
      note: 'A mixture. Its figures are estimated from the two clays until it has bars of its own.',
    });
    go(act, `/clay?body=${id}`);
  };
  const options = bodies.map(({ id, name }: Body) => ({ value: id, words: name }));
  const parts = PARTS.map((value) => ({ value, words: `${value} part${value === '1' ? '' : 's'}` }));
  return (
    <chakra.details marginTop="4">
      <chakra.summary cursor="pointer" minHeight="44px">
        Mix two clays
      </chakra.summary>
      <Grid templateColumns="1fr auto" gap="2">
        <LabelledChoice label="First clay" value={first.id} options={options} onChoose={(id) => choose({ ...chosen, first: id })} />
        <LabelledChoice
          label="Its parts"
          value={chosen.firstParts}
          options={parts}
          onChoose={(firstParts) => choose({ ...chosen, firstParts })}
        />
        <LabelledChoice label="Second clay" value={second.id} options={options} onChoose={(id) => choose({ ...chosen, second: id })} />
        <LabelledChoice
          label="Parts of it"
          value={chosen.secondParts}
          options={parts}
          onChoose={(secondParts) => choose({ ...chosen, secondParts })}
        />
      </Grid>
      <Box fontSize="sm" color="fg.muted" marginBlock="2">
        By weight. Expect {writePercent(range)}. Mixtures are rarely exactly halfway. <chakra.b color="warn">Caution:</chakra.b> clays for
        different temperatures are risky to mix. A low-fire clay in a high-fire one may bloat or melt onto the shelf. Fire a small test on a
        tray first.
      </Box>
      <Act onClick={make} disabled={first.id === second.id}>
        Create the mixture
      </Act>
    </chakra.details>
  );
}
