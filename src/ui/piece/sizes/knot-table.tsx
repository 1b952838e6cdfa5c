'use client';

import { MOST_KNOTS, between } from '@/core/form';
import { Act, DeleteAct, LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { knotsInMm, movedKnot, profileOf } from '../drawing/handles';
import type { PieceModel } from '../model/use-piece';

const CELL = { width: '5.25rem', fontSize: '1rem' };

/** The points of an own profile, finished: typed, made smooth or sharp, added and taken away. */
export function KnotTable({ piece }: { piece: PieceModel }) {
  const points = knotsInMm(piece.form);
  const last = points.length - 1;
  const name = (i: number) => (i === 0 ? 'foot' : i === last ? 'rim' : `${i + 1}`);
  const [refused, setRefused] = useState<string | undefined>();
  const take = (knots: typeof piece.part.knots, label: string) => setRefused(piece.takePart({ knots }, label));
  const addAfter = (i: number) => {
    const middle = between(points[i]!, points[i + 1]!, 0.5);
    const { knots } = profileOf([...points.slice(0, i + 1), middle, ...points.slice(i + 1)]);
    take(knots, 'a point of the profile added');
  };
  const remove = (i: number) => {
    const { knots } = profileOf(points.filter((_, j) => j !== i));
    take(knots, 'a point of the profile deleted');
  };
  return (
    <chakra.table aria-label="Points of the profile" marginTop="4" borderCollapse="collapse">
      <thead>
        <tr>
          {['point', 'width', 'height', 'corner', ''].map((head, i) => (
            <chakra.th key={head} scope="col" textAlign="left" fontWeight="400" fontSize="sm" color="fg.muted" paddingInlineEnd="4">
              {i === 0 ? <StageName stage="glazed" /> : head}
            </chakra.th>
          ))}
        </tr>
      </thead>
      {refused && (
        <chakra.caption role="alert" captionSide="bottom" textAlign="left" color="bad">
          {refused}
        </chakra.caption>
      )}
      <tbody>
        {points.map((point, i) => (
          <tr key={i}>
            <chakra.th scope="row" textAlign="left" fontWeight="450" paddingInlineEnd="4">
              {name(i)}
            </chakra.th>
            <td>
              <LengthInput
                label={`Point ${name(i)}, width across`}
                mm={2 * point.r}
                takeMm={(mm, key) => piece.takeDragged(movedKnot(piece.form, i, { r: mm / 2 }), 'glazed', 'a point of the profile', key)}
                known
                color="glazed"
                style={CELL}
              />
            </td>
            <td>
              {i === 0 ? (
                <Box color="fg.muted" paddingInline="1">
                  0
                </Box>
              ) : (
                <LengthInput
                  label={`Point ${name(i)}, height`}
                  mm={point.z}
                  takeMm={(mm, key) => piece.takeDragged(movedKnot(piece.form, i, { z: mm }), 'glazed', 'a point of the profile', key)}
                  known
                  color="glazed"
                  style={CELL}
                />
              )}
            </td>
            <td>
              {i > 0 && i < last && (
                <chakra.input
                  type="checkbox"
                  aria-label={`Point ${name(i)} is a corner`}
                  checked={point.corner === true}
                  onChange={(event) => {
                    const { knots } = movedKnot(piece.form, i, { corner: event.currentTarget.checked || undefined });
                    take(knots, 'a corner of the profile');
                  }}
                  width="1.5rem"
                  height="24px"
                />
              )}
            </td>
            <td>
              <HStack gap="2">
                {i < last && points.length < MOST_KNOTS && (
                  <Act aria-label={`Add a point above ${name(i)}`} onClick={() => addAfter(i)}>
                    Add above
                  </Act>
                )}
                {i > 0 && i < last && <DeleteAct label={`Delete point ${name(i)}`} onClick={() => remove(i)} />}
              </HStack>
            </td>
          </tr>
        ))}
      </tbody>
    </chakra.table>
  );
}
