'use client';

import { weighedPart } from '@/core/part';
import { mainPart, type PieceSet, type Plan } from '@/core/records';
import { orderActs } from '@/store';
import { Sideways } from '@/ui/blocks';
import { DeleteAct, NameInput, Saves } from '@/ui/fields';
import { useSetSheets } from './set-sheets';
import { run, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { Box, HStack } from '@chakra-ui/react';
import Link from 'next/link';

/** Plans that belong together: one table, from the largest; and which sets are sorted from pieces. */
export function Sets() {
  const { workspace } = useWorkspace();
  if (workspace.sets.length === 0)
    return (
      <Box color="fg.muted" maxWidth="60ch">
        No sets yet. Make a nest from one bowl under Fit, or sort measured pieces into sets under Shelves.
      </Box>
    );
  return workspace.sets.map((set) => <OneSet key={set.id} set={set} />);
}

function OneSet({ set }: { set: PieceSet }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const plans = set.planIds.flatMap((id) => workspace.plans.filter((plan) => plan.id === id));
  return (
    <Box as="section" aria-label={set.name} marginBottom="6">
      <HStack gap="2">
        <NameInput
          label="Name of the set"
          size="1.125rem"
          shown={set.name}
          take={(name, key) =>
            (name.trim() ? run(orderActs.editSet(set.id, { name: name.trim() }, 'name', key)) : 'A set needs a name.') ?? undefined
          }
        />
        <DeleteAct label={`Delete ${set.name}`} onClick={() => workspaceStore().runAndTell(orderActs.deleteSet(set))} />
      </HStack>
      {set.sorting && (
        <Box fontSize="sm">
          sets of {set.sorting.size}, <Link href={`/shelves?view=sets&set=${set.id}`}>sorted from what was measured</Link>
        </Box>
      )}
      <Sideways label={`Sizes of ${set.name}`}>
        <table className="list">
          <thead>
            <tr>
              <th scope="col">from the largest</th>
              <th scope="col">mouth, finished</th>
              <th scope="col">height, finished</th>
              <th scope="col">mouth, wet</th>
              <th scope="col">height, wet</th>
              <th scope="col">base, wet</th>
              <th scope="col">ball</th>
            </tr>
          </thead>
          <tbody>
            {plans.map((plan) => {
              const made = weighedPart(workspace, mainPart(plan), units.length);
              if (!made.ok)
                return (
                  <tr key={plan.id}>
                    <th scope="row">{plan.name}</th>
                    <td colSpan={6}>{made.problem.message}</td>
                  </tr>
                );
              const { wet, glazed } = made.value.sized.stages;
              return (
                <tr key={plan.id}>
                  <th scope="row">
                    <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
                  </th>
                  <td data-stage="glazed">{units.length(glazed.sizes.rimDiameter)}</td>
                  <td data-stage="glazed">{units.length(glazed.sizes.height)}</td>
                  <td data-stage="wet">{units.length(wet.sizes.rimDiameter)}</td>
                  <td data-stage="wet">{units.length(wet.sizes.height)}</td>
                  <td data-stage="wet">{wet.sizes.baseDiameter === undefined ? '' : units.length(wet.sizes.baseDiameter)}</td>
                  <td data-stage="wet">
                    {made.value.weighOut === undefined ? '' : weighOutText(made.value.weighOut, mainPart(plan), units)}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Sideways>
      {plans.length > 0 && <Sheets plans={plans} set={set} />}
    </Box>
  );
}

/** One gauge sheet for all of them, and the wheel that goes from one to the next. */
function Sheets({ plans, set }: { plans: readonly Plan[]; set: PieceSet }) {
  const files = useSetSheets(plans, set.name);
  return (
    <Saves files={files}>
      <Link href={`/wheel?plan=${plans[0]!.id}&set=${set.id}`}>Throw the set at the wheel</Link>
    </Saves>
  );
}
