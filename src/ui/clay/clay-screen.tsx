'use client';

import { remaining } from '@/core/clay';
import { clayNow } from '@/core/part';
import { type Body, mainPart } from '@/core/records';
import { writePercent } from '@/core/units';
import { commands } from '@/store';
import { Act, Choice } from '@/ui/fields';
import { AnswerSheet, Place, type RailMark, onRail } from '@/ui/frame';
import { useGo, useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { BeliefAnswer } from './belief-answer';
import { ClayEditor } from './clay-editor';
import { ClayTitle } from './clay-title';
import { useClayView } from './use-clay-view';

/** So many clays find room on the rail; more are chosen from a list too. */
const ON_RAIL = 12;

/** The maker's clays: what each is said to do, and the pieces that hang on it. */
export function ClayScreen() {
  const { status, workspace } = useWorkspace();
  const [fresh, setFresh] = useState<string | undefined>();
  const go = useGo();
  const asked = useSearchParams().get('body');
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const { bodies, plans, settings } = workspace;
  const openPlan = plans.find(({ id }) => id === settings.openPlanId);
  const open = openPlan && mainPart(openPlan).bodyId;
  const body = bodies.find(({ id }) => id === asked) ?? bodies.find(({ id }) => id === open) ?? bodies[0];
  const make = () => {
    const { act, id } = commands.createBody();
    setFresh(id);
    go(act, `/clay?body=${id}`);
  };
  return body ? <OneClay key={body.id} body={body} fresh={body.id === fresh} make={make} /> : <NoClay make={make} />;
}

const Heading = () => <h1 className="unseen">Clay</h1>;

function NoClay({ make }: { make: () => void }) {
  return (
    <Place
      label="Clays"
      marks={[]}
      current=""
      go={() => undefined}
      title={<Heading />}
      answer={<AnswerSheet name="shrinkage" asks="typical stoneware shrinks" big={{ whole: '12', unit: '%' }} />}
    >
      <Box maxWidth="480px" color="fg.muted" paddingBlock="4">
        No clay yet. Add the one you use. Its name and the supplier’s shrinkage are enough to start. Until then Rimbet assumes typical
        stoneware, 12%.
        <Box marginTop="4">
          <Act look="solid" onClick={make}>
            New clay
          </Act>
        </Box>
      </Box>
    </Place>
  );
}

function OneClay({ body, fresh, make }: { body: Body; fresh: boolean; make: () => void }) {
  const { workspace } = useWorkspace();
  const router = useRouter();
  const view = useClayView(body);
  const { bodies } = workspace;
  const marks = onRail(bodies, body, ON_RAIL).map(({ id, name }): RailMark => ({
    value: id,
    words: name,
    figure: writePercent(clayNow(workspace, id).figures.shrinkage.width * 100),
  }));
  const go = (id: string) => router.push(`/clay?body=${id}`);
  return (
    <Place
      label="Clays"
      marks={marks}
      current={body.id}
      go={go}
      left={remaining(view.known.figures.shrinkage, 'glazed', 'width')}
      title={
        <>
          <Heading />
          <ClayTitle view={view} fresh={fresh}>
            {bodies.length > ON_RAIL && (
              <Choice
                label="All clays"
                value={body.id}
                options={bodies.map(({ id, name }) => ({ value: id, words: name }))}
                onChoose={go}
              />
            )}
            <chakra.span className="place-link">
              <Link href="/compare">Compare clays</Link>
            </chakra.span>
            <Act onClick={make}>New clay</Act>
          </ClayTitle>
        </>
      }
      answer={<BeliefAnswer view={view} />}
    >
      <ClayEditor view={view} />
    </Place>
  );
}
