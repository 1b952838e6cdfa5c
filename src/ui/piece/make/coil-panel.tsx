'use client';

import { type CoilChoices, type CoilNote, type CoilPlan, STANDS_THICKNESSES, USUAL_COIL } from '@/core/handbuild';
import { handLength, text, writeLength } from '@/core/units';
import { wetDensity } from '@/core/clay';
import { setShop, useBench } from '@/ui/bench';
import { Act, DeleteAct, OptionalLength, OptionalNumber, OptionalShare } from '@/ui/fields';
import { useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Fragment, useState } from 'react';
import { Block, Sideways } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { CoilPicture } from './coil-picture';
import { Obstructed } from './obstructed';
import { PiecesField } from './pieces-field';

/** The pinched base, the coils course by course, and where to pause. */
export function CoilPanel({ piece }: { piece: PieceModel }) {
  const { hand, part } = piece;
  if (hand?.by !== 'coil') return null;
  const { plan, choices, own } = hand;
  const { clay, sized } = piece.worked;
  const wetG = sized.volumes.piece * wetDensity(clay.matter);
  const set = (change: Partial<CoilChoices>, label: string, key: string) => piece.takeHand({ coil: change }, label, key);
  const { length, mass, choice } = piece.units;
  return (
    <Box>
      {plan && <CoilPicture piece={piece} plan={plan} />}
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="3">
        <OptionalShare
          label="Pinched from the clay"
          width="9.375rem"
          most={95}
          wholeG={wetG}
          value={choices.pinchShare * 100}
          onValue={(percent, key) => set({ pinchShare: (percent ?? 100 * USUAL_COIL.pinchShare) / 100 }, 'share pinched', key)}
        />
        <OptionalLength
          label="Coil thickness"
          width="7.5rem"
          hint={choices.thickness === undefined ? 'from the wall' : 'entered, clear it to follow the wall'}
          value={choices.thickness ?? (plan && Math.round(plan.thickness * 10) / 10)}
          onValue={(mm, key) => {
            if (mm !== undefined && mm < 1) return 'A coil is at least 1 mm thick.';
            return set({ thickness: mm }, 'thickness of coils', key);
          }}
        />
        <OptionalNumber
          label="Height gain ÷ coil thickness"
          width="16.25rem"
          hint={own && part.hand?.coil?.gain === undefined ? 'as you measured' : ''}
          value={choices.gain}
          min={0.2}
          max={3}
          example="0.9"
          onValue={(gain, key) => set({ gain }, 'height a coil adds', key)}
        />
      </HStack>
      {hand.obstacle && <Obstructed obstacle={hand.obstacle} />}
      {plan && <Courses plan={plan} length={length} long={(mm) => text(writeLength(handLength(mm, choice), choice))} mass={mass} />}
      <Learn />
    </Box>
  );
}

interface CoursesProps {
  readonly plan: CoilPlan;
  readonly length: (mm: number) => string;
  /** Rounded to what a hand can do. */
  readonly long: (mm: number) => string;
  readonly mass: (g: number) => string;
}

function Courses({ plan, length, long, mass }: CoursesProps) {
  return (
    <Sideways label="Courses, sideways">
      <chakra.table aria-label="Courses of coil" fontSize="0.9375rem" borderCollapse="collapse">
        <thead>
          <tr>
            {['course', 'coil length', 'thick', 'height so far', 'weighs so far'].map((head) => (
              <chakra.th key={head} scope="col" textAlign="right" fontWeight="400" fontSize="sm" color="fg.muted" paddingInlineEnd="6">
                {head}
              </chakra.th>
            ))}
          </tr>
        </thead>
        <chakra.tbody color="wet" fontFamily="figure" fontVariantNumeric="tabular-nums">
          <tr>
            <chakra.th scope="row" textAlign="right" fontWeight="500" paddingInlineEnd="6" color="fg">
              base
            </chakra.th>
            <td />
            <td />
            <chakra.td textAlign="right" paddingInlineEnd="6" fontWeight="650">
              {length(plan.pinch.height)}
            </chakra.td>
            <chakra.td textAlign="right" paddingInlineEnd="6">
              {mass(plan.pinch.g)}
            </chakra.td>
          </tr>
          {plan.courses.map((course, i) => (
            <Fragment key={i}>
              {course.pause && (
                <tr>
                  <chakra.td colSpan={5} fontSize="sm" color="warn" fontFamily="body" paddingBlock="1">
                    Stop here. Cover the rim and let the wall firm up.
                  </chakra.td>
                </tr>
              )}
              <chakra.tr borderTopWidth="1px" borderColor="line">
                <chakra.th scope="row" textAlign="right" fontWeight="500" paddingInlineEnd="6" color="fg">
                  {i + 1}
                </chakra.th>
                <chakra.td textAlign="right" paddingInlineEnd="6">
                  {long(course.length)}
                </chakra.td>
                <chakra.td textAlign="right" paddingInlineEnd="6">
                  {length(course.thickness)}
                </chakra.td>
                <chakra.td textAlign="right" paddingInlineEnd="6" fontWeight="650">
                  {long(course.to)}
                </chakra.td>
                <chakra.td textAlign="right" paddingInlineEnd="6">
                  {mass(course.soFar)}
                </chakra.td>
              </chakra.tr>
              {course.squeezed && (
                <tr>
                  <chakra.td colSpan={5} fontSize="sm" color="fg.muted" fontFamily="body" paddingBlock="1">
                    Less than a quarter of a coil remains. Squeeze this one up to full height.
                  </chakra.td>
                </tr>
              )}
            </Fragment>
          ))}
        </chakra.tbody>
      </chakra.table>
      <Box fontSize="sm" color="fg.muted" marginTop="1">
        A wall is let to firm after every {STANDS_THICKNESSES} times its thickness; clay, weather and hand may want it sooner.
      </Box>
    </Sideways>
  );
}

const EMPTY: Partial<CoilNote> = {};

/** What the maker's own coils came to: the middle of it is used from the first note on. */
function Learn() {
  const { shop } = useBench();
  const { length } = useUnits();
  const notes = shop.coils ?? [];
  const [now, setNow] = useState(EMPTY);
  const { coils = 1, thickness, height } = now;
  const whole = thickness && height ? { coils, thickness, height } : undefined;
  const gain = whole && whole.height / whole.coils / whole.thickness;
  return (
    <Block title="Your own coils">
      <Box fontSize="sm" color="fg.muted" maxWidth="70ch" marginTop="3">
        Joining flattens a coil, squeezing lifts it. Measure how high a few courses came: the median of your notes is used for every coiled
        piece.
      </Box>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <PiecesField label="Courses laid" value={coils} onValue={(count) => void setNow({ ...now, coils: count })} />
        <OptionalLength label="Coil, thick" value={thickness} onValue={(mm) => setNow({ ...now, thickness: mm || undefined })} />
        <OptionalLength label="total rise" value={height} onValue={(mm) => setNow({ ...now, height: mm || undefined })} />
        <Box alignSelf="center">
          <Act
            disabled={!whole || !gain || gain < 0.2 || gain > 3}
            onClick={() => {
              if (!whole) return;
              setShop('coils', (kept) => [...(kept ?? []), whole], 'note of your own coils');
              setNow(EMPTY);
            }}
          >
            Keep this note
          </Act>
        </Box>
      </HStack>
      {gain !== undefined && (gain < 0.2 || gain > 3) && (
        <Box role="alert" fontSize="sm" color="bad">
          That is {gain.toFixed(2)} of its thickness per course. Expected 0.2 to 3: check the figures.
        </Box>
      )}
      {notes.map((note, i) => (
        <HStack key={i} gap="3" fontSize="sm">
          <span>
            {note.coils} of {length(note.thickness)} rose {length(note.height)}: {(note.height / note.coils / note.thickness).toFixed(2)}
          </span>
          <DeleteAct
            label={`Delete note ${i + 1}`}
            onClick={() => setShop('coils', (kept) => kept?.filter((_, j) => j !== i), 'note of your own coils deleted')}
          />
        </HStack>
      ))}
    </Block>
  );
}
