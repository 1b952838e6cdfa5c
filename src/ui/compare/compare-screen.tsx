'use client';

import { sizeIn, sizesOf } from '@/core/form';
import { handOf, inBody, type WeighedPart, weighedPart } from '@/core/part';
import { type Body, mainPart, type Plan, saidOf, type Workspace } from '@/core/records';
import { Act, Saves, SearchInput } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { overallText } from '@/ui/words';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { ClaysTable } from './clays-table';

/** So many pieces are worked out in every clay at once; more are found by name. */
const MOST = 60;

/** The pieces found by what is typed, as in the list of pieces; several names with commas between them are several pieces. */
function called({ plans, bodies }: Workspace, typed: string): readonly Plan[] {
  const clays = new Map(bodies.map(({ id, name }) => [id, name]));
  const said = plans.map((plan) => ({ plan, words: saidOf(plan, clays.get(mainPart(plan).bodyId ?? '') ?? '') }));
  const having = (names: readonly string[]) =>
    said.filter(({ words }) => names.some((name) => words.includes(name))).map(({ plan }) => plan);
  const whole = typed.trim().toLowerCase();
  const found = having([whole]);
  if (found.length > 0) return found;
  return having(
    whole
      .split(',')
      .map((name) => name.trim())
      .filter((name) => name !== ''),
  );
}

/** Every piece in every clay: so that a set made in two clays matches when it is finished. */
export function CompareScreen() {
  const { status, workspace } = useWorkspace();
  const asked = useSearchParams().get('find') ?? '';
  const [left, setLeft] = useState<readonly string[]>([]);
  const [find, setFind] = useState(asked);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [only, setOnly] = useState(false);
  const [open, setOpen] = useState<string | undefined>();
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const { plans } = workspace;
  const bodies = workspace.bodies.filter(({ id }) => !left.includes(id));
  const wanted = only ? plans.filter(({ id }) => ticked.includes(id)) : called(workspace, find);
  const shown = wanted.slice(0, MOST);
  const csv = async () => {
    const { comparisonTable } = await import('@/core/encode');
    return { content: comparisonTable({ ...workspace, bodies, plans: wanted }), name: 'rimbet-clays-compared.csv', type: 'text/csv' };
  };
  return (
    <Box padding={{ base: '3', md: '20px' }}>
      <HStack justifyContent="space-between" flexWrap="wrap" gap="3" marginBottom="3">
        <Box>
          <chakra.h1 fontSize="1.375rem" fontWeight="680">
            Compare clays
          </chakra.h1>
          <Box color="fg.muted">Wet size and clay to weigh out for the same finished size.</Box>
        </Box>
        <Saves files={[{ words: 'Save CSV', make: csv }]} />
      </HStack>
      {workspace.bodies.length > 1 && (
        <HStack as="fieldset" gap="4" flexWrap="wrap" marginBottom="2">
          <chakra.legend srOnly>Clays to compare</chakra.legend>
          {workspace.bodies.map(({ id, name }) => (
            <chakra.label key={id} display="inline-flex" alignItems="center" gap="2" minHeight="44px">
              <input
                type="checkbox"
                checked={!left.includes(id)}
                onChange={(event) => setLeft(event.currentTarget.checked ? left.filter((each) => each !== id) : [...left, id])}
              />
              {name}
            </chakra.label>
          ))}
        </HStack>
      )}
      {bodies.length > 0 && <ClaysTable bodies={bodies} />}
      {plans.length > 0 && (
        <HStack gap="3" marginBottom="2" flexWrap="wrap">
          <SearchInput
            label="Pieces to compare"
            placeholder="pieces by name"
            value={find}
            onFind={(typed) => {
              setFind(typed);
              setOnly(false);
            }}
          />
          {ticked.length > 0 && (
            <Act aria-pressed={only} onClick={() => setOnly(!only)}>
              only the {ticked.length === 1 ? 'one' : ticked.length} ticked
            </Act>
          )}
          {plans.length > shown.length && (
            <Box fontSize="sm" color="fg.muted">
              {shown.length} of {plans.length} pieces
            </Box>
          )}
        </HStack>
      )}
      {plans.length === 0 || bodies.length === 0 ? (
        <Box color="fg.muted">Nothing to compare yet. Add a piece and a clay first.</Box>
      ) : shown.length === 0 ? (
        <Box color="fg.muted">No piece matches “{find}”.</Box>
      ) : (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Clays compared" className="unfolding">
          <chakra.table borderCollapse="collapse" aria-label="Clays compared" className="unfolded-narrow" css={{ '--figure': '150px' }}>
            <thead>
              <tr>
                <chakra.th scope="col" textAlign="left" paddingInline="3" fontWeight="400" color="fg.muted">
                  piece
                </chakra.th>
                {bodies.map((body) => (
                  <chakra.th key={body.id} scope="col" textAlign="right" paddingInline="3">
                    {body.name}
                  </chakra.th>
                ))}
              </tr>
            </thead>
            <tbody>
              {shown.map((plan) => (
                <PieceRows
                  key={plan.id}
                  plan={plan}
                  bodies={bodies}
                  open={plan.id === open}
                  toggle={() => setOpen(plan.id === open ? undefined : plan.id)}
                  ticked={ticked.includes(plan.id)}
                  tick={(is) => {
                    const now = is ? [...ticked, plan.id] : ticked.filter((each) => each !== plan.id);
                    setTicked(now);
                    if (now.length === 0) setOnly(false);
                  }}
                />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </Box>
  );
}

interface PieceProps {
  readonly plan: Plan;
  readonly bodies: readonly Body[];
}

interface RowsProps extends PieceProps {
  readonly open: boolean;
  readonly toggle: () => void;
  readonly ticked: boolean;
  readonly tick: (is: boolean) => void;
}

/** A piece in each clay: what it is on the whole, and behind it every size. */
function PieceRows({ plan, bodies, open, toggle, ticked, tick }: RowsProps) {
  return (
    <>
      <chakra.tr borderTopWidth="1px" borderColor="line">
        <chakra.th scope="row" textAlign="left" padding="3" fontWeight="600">
          <HStack gap="2" css={{ '& a': { textDecoration: 'underline', textUnderlineOffset: '3px' } }}>
            <chakra.label
              display="inline-grid"
              placeItems="center"
              minWidth="max(var(--finger), 24px)"
              minHeight="max(var(--finger), 24px)"
            >
              <input
                type="checkbox"
                aria-label={`Tick ${plan.name}`}
                checked={ticked}
                onChange={(event) => tick(event.currentTarget.checked)}
              />
            </chakra.label>
            <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
          </HStack>
          <Box>
            <Act aria-expanded={open} aria-label={`All sizes of ${plan.name}`} fontSize="sm" fontWeight="400" onClick={toggle}>
              {open ? 'fewer sizes' : 'all sizes'}
            </Act>
          </Box>
        </chakra.th>
        {bodies.map((body) => (
          <Cell key={body.id} plan={plan} body={body} />
        ))}
      </chakra.tr>
      {open && <AllSizes plan={plan} bodies={bodies} />}
    </>
  );
}

/** Every wet size of a piece in each clay, and where its rim stands on a grid behind the wheel. */
function AllSizes({ plan, bodies }: PieceProps) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const part = mainPart(plan);
  const made = bodies.map((body) => weighedPart(workspace, inBody(part, body.id), length));
  const form = made.find((each) => each.ok)?.value.sized.stages.wet;
  if (!form) return null;
  const line = (key: string, words: string, of: (piece: WeighedPart) => string) => (
    <tr key={key} data-size={key}>
      <chakra.th scope="row" textAlign="left" paddingInline="3" paddingBlock="1" fontWeight="400" color="fg.muted">
        {words}
      </chakra.th>
      {made.map((each, i) => (
        <chakra.td key={bodies[i]!.id} {...FIGURE} data-words={bodies[i]!.name} paddingInline="3">
          {each.ok ? of(each.value) : '–'}
        </chakra.td>
      ))}
    </tr>
  );
  return (
    <>
      {sizesOf(form, form.sizes).map((size) =>
        line(size, sizeIn(form.family, size).row, ({ sized }) => {
          const mm = sized.stages.wet.sizes[size];
          return mm === undefined ? '–' : length(mm);
        }),
      )}
      {handOf(part) === 'wheel' &&
        line(
          'grid',
          'Rim position on the grid',
          ({ sized }) => `${length(sized.stages.wet.sizes.rimDiameter / 2)} out, ${length(sized.thrown.gauge)} up`,
        )}
    </>
  );
}

const FIGURE = {
  fontFamily: 'figure',
  fontVariantNumeric: 'tabular-nums',
  color: 'wet',
} as const;

function Cell({ plan, body }: { plan: Plan; body: Body }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const part = mainPart(plan);
  const own = part.bodyId === body.id;
  const made = useMemo(() => weighedPart(workspace, inBody(part, body.id), units.length), [workspace, part, body.id, units.length]);
  return (
    <chakra.td
      {...FIGURE}
      data-words={body.name}
      padding="3"
      background={own ? 'bg.panel' : undefined}
      boxShadow={own ? 'inset 0 -2px 0 var(--chakra-colors-wet)' : undefined}
    >
      {made.ok ? (
        <>
          <Box fontWeight="650" whiteSpace="normal">
            {overallText(made.value.sized.stages.wet.sizes, units.length)}
          </Box>
          <Box fontSize="sm">
            {made.value.weighOut === undefined ? '–' : weighOutText(made.value.weighOut, inBody(part, body.id), units)}
          </Box>
        </>
      ) : (
        '–'
      )}
    </chakra.td>
  );
}
