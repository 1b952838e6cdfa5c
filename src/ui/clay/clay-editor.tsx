'use client';

import { type ClayKind, KINDS, readCone } from '@/core/clay';
import { type PercentRange, type Result, good, readPercent, readShrinkage, writePercent } from '@/core/units';
import type { Body } from '@/core/records';
import { commands } from '@/store';
import { PrintSetting, RuleCheck, RuleMaker } from '@/ui/bench';
import { Act, Choice, TextInput } from '@/ui/fields';
import { run, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { Batches } from './batches';
import { PiecesOfClay } from './pieces-of-clay';
import { Bars } from './bars';
import { Charts } from './charts';
import { Matter } from './matter';
import { Mixture } from './mixture';
import { StairPicture } from './stair-picture';
import type { ClayView } from './use-clay-view';

type Facts = 'shrinkagePercent' | 'heightShrinkagePercent' | 'waterPercent' | 'lossPercent';

const LIMITS = {
  shrinkagePercent: { min: 0.1, max: 30 },
  heightShrinkagePercent: { min: 0.1, max: 30 },
  waterPercent: { min: 0, max: 60 },
  lossPercent: { min: 0, max: 40 },
};

const shown = (value: PercentRange | undefined): string => (value === undefined ? '' : writePercent(value, 2).replace(' %', ''));

function readFact(fact: Facts, text: string): Result<PercentRange | undefined> {
  if (text.trim() === '') return good(undefined);
  if (fact === 'shrinkagePercent') return readShrinkage(text, LIMITS[fact]);
  if (fact !== 'heightShrinkagePercent') return readPercent(text, LIMITS[fact]);
  const read = readShrinkage(text, LIMITS[fact]);
  return read.ok && typeof read.value !== 'number' ? readPercent(text, LIMITS[fact]) : read;
}

function Fact({ body, fact, label, hint }: { body: Body; fact: Facts; label: string; hint: string }) {
  return (
    <TextInput
      label={label}
      hint={hint}
      // a range is written with a dash
      keys={fact === 'shrinkagePercent' ? 'text' : 'decimal'}
      shown={shown(body[fact])}
      take={(text, key) => {
        const read = readFact(fact, text);
        if (!read.ok) return read.problem.message;
        run(commands.editBody(body.id, { [fact]: read.value }, `${label} of ${body.name}`, key));
        return undefined;
      }}
    />
  );
}

/** Everything said of one clay; each change moves the pieces made of it, shown below as it happens. */
export function ClayEditor({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const { body } = view;
  const edit = (change: Partial<Body>, label: string, key?: string) => {
    run(commands.editBody(body.id, change, `${label} of ${body.name}`, key));
    return undefined;
  };
  const used = workspace.plans.filter((plan) => plan.parts.some(({ bodyId }) => bodyId === body.id));
  return (
    <Box maxWidth="980px">
      <StairPicture view={view} />
      <Bars view={view} />
      <PiecesOfClay plans={used} />
      <Charts view={view} />
      <chakra.h2 fontSize="1.125rem" fontWeight="650" marginTop="6">
        Clay data
      </chakra.h2>
      <Matter view={view} />
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }} gap="4" marginTop="4">
        <Box>
          <chakra.span display="block" fontSize="sm" color="fg.muted" aria-hidden>
            Kind
          </chakra.span>
          <Choice
            label="Kind"
            value={body.kind}
            options={KINDS.map((kind) => ({ value: kind, words: kind }))}
            onChoose={(kind: ClayKind) => edit({ kind }, 'kind')}
            width="100%"
          />
        </Box>
        <Fact
          body={body}
          fact="shrinkagePercent"
          label="Supplier’s shrinkage, %"
          hint="of the wet size, wet to finished, such as 11.5 or 10-12"
        />
        <TextInput
          label="Cone"
          keys="decimal"
          hint="as fired: 6, 04"
          shown={body.cone ?? ''}
          take={(text, key) => {
            const cone = text.trim() === '' ? undefined : readCone(text);
            if (cone && !cone.ok) return cone.problem.message;
            return edit({ cone: cone?.value }, 'cone', key);
          }}
        />
        <Fact body={body} fact="heightShrinkagePercent" label="Shrinkage in height, %" hint="only if measured separately" />
        <Fact body={body} fact="waterPercent" label="Water, %" hint="of the wet weight; typical 21" />
        <Fact body={body} fact="lossPercent" label="Loss on firing, %" hint="of the dry weight; typical 7" />
      </Grid>
      <Box marginTop="4">
        <TextInput
          label="Note"
          shown={body.note}
          take={(note, key) => (note.length > 10000 ? 'At most 10,000 characters.' : edit({ note }, 'note', key))}
        />
      </Box>
      <Batches body={body} />
      <chakra.details marginTop="6">
        <chakra.summary cursor="pointer" minHeight="max(var(--finger), 32px)" fontSize="1.125rem" fontWeight="650">
          Shrink rule for this clay
        </chakra.summary>
        <PrintSetting />
        <RuleMaker
          clay={{
            body: body.name,
            batch: view.batches.find(({ id }) => id === view.batchId)?.name,
            cone: view.known.firing.cone,
            clay: view.known.figures,
          }}
          bodyId={body.id}
        />
        <RuleCheck clay={view.known.figures} finished={100} />
      </chakra.details>
      <Mixture />
      <Act look="danger" marginTop="6" onClick={() => workspaceStore().runAndTell(commands.deleteBody(body))}>
        Delete clay
      </Act>
    </Box>
  );
}
