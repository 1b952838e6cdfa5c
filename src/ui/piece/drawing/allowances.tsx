import { radiusAt } from '@/core/form';
import type { Making } from '@/core/sizing';
import { readPercent } from '@/core/units';
import { At } from '@/ui/drawing';
import { FigureInput, LengthInput } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Geometry } from './geometry';
import type { PieceModel } from '../model/use-piece';

const FIELD = { width: '52px', fontSize: '16px' };

function Allowance({ piece, name, label }: { piece: PieceModel; name: keyof Making; label: string }) {
  const { making, sized } = piece.worked;
  const mm = name === 'trimWallHeight' ? sized.thrown.trimWallHeight : (making[name] ?? 0);
  const fraction = piece.units.choice.length === 'inch-fraction';
  return (
    <LengthInput
      label={label}
      mm={mm}
      zero
      takeMm={piece.takeAllowance(name)}
      known
      color="warn"
      unit={fraction ? 'in' : piece.units.choice.length}
      style={FIELD}
    />
  );
}

const readSlurry = (typed: string) => readPercent(typed, { min: 0, max: 50 });

function Slurry({ piece }: { piece: PieceModel }) {
  const { slurryPercent } = piece.worked.making;
  return (
    <FigureInput
      label="Lost as slurry, percent of the ball"
      shown={String(Number(slurryPercent.toFixed(2)))}
      take={(typed, key) => {
        const read = readSlurry(typed);
        return read.ok ? piece.takeAllowance('slurryPercent')(read.value, key) : read.problem.message;
      }}
      step={(direction, from) => {
        const typed = from === undefined ? undefined : readSlurry(from);
        return String(Math.max(0, (typed?.ok ? typed.value : slurryPercent) + direction * 0.5));
      }}
      known
      color="warn"
      unit="%"
      style={FIELD}
    />
  );
}

/** What goes between ball and trimmed piece, top to bottom as it lies on the bat. */
function rows(piece: PieceModel): { key: string; words: string; fields: ReactNode }[] {
  return [
    { key: 'needle', words: 'cut off rim', fields: <Allowance piece={piece} name="rimCut" label="Cut off rim" /> },
    {
      key: 'wall',
      words: 'trimmed off wall, up to',
      fields: (
        <>
          <Allowance piece={piece} name="trimWall" label="Trimmed off wall" />
          <Allowance piece={piece} name="trimWallHeight" label="Wall trimmed up to" />
        </>
      ),
    },
    { key: 'floor', words: 'trimmed off base', fields: <Allowance piece={piece} name="trimFloor" label="Trimmed off base" /> },
    { key: 'wire', words: 'left under the wire', fields: <Allowance piece={piece} name="wireLoss" label="Left under the wire" /> },
    { key: 'slurry', words: 'lost as slurry', fields: <Slurry piece={piece} /> },
  ];
}

/** The places on the bat the allowances speak of, wet mm; slurry has none. */
function placesOf({ worked }: PieceModel, { placed }: Geometry): Record<string, readonly [number, number]> {
  const { making, sized } = worked;
  const { thrown, onBat } = sized;
  const rim = onBat.thrown.side.at(-1)!;
  const turned = onBat.foot + thrown.trimWallHeight / 2;
  const outside = radiusAt(onBat.piece.side, turned) + making.trimWall / 2;
  return {
    needle: placed.wet(rim.r - 1, thrown.gauge + making.rimCut / 2),
    wall: placed.wet(outside, turned),
    floor: placed.wet((thrown.base / 2) * 0.93, making.wireLoss + making.trimFloor / 2),
    wire: placed.wet((thrown.base / 2) * 0.86, making.wireLoss / 2),
  };
}

/** The allowances begin so far left of the clay, and their leaders at the end of a row of one field or of two. */
const BESIDE_CLAY = 218;
const ROW = { one: 92, two: 190 };

/** Where each allowance stands on the sheet: beside the clay, so that its leader crosses no line, or along its top over low ware. */
function lines(piece: PieceModel, { arrangement, sheet, x }: Geometry) {
  const all = rows(piece);
  if (arrangement === 'low')
    return all.map((row, i) => ({ ...row, x: i * (sheet.width / all.length) + (i > 2 ? 40 : i > 1 ? 20 : 0), y: 30 }));
  const top = 52;
  const apart = (sheet.height - top - 44) / (all.length - 1);
  return all.map((row, i) => ({ ...row, x: x.wetEdge - BESIDE_CLAY, y: top + i * apart }));
}

/** From each allowance's row to its place on the bat; none for those that are nothing. */
export function allowanceLeaders(piece: PieceModel, geometry: Geometry) {
  const places = placesOf(piece, geometry);
  const { making } = piece.worked;
  const amounts: Record<string, number> = {
    needle: making.rimCut,
    wall: making.trimWall,
    floor: making.trimFloor,
    wire: making.wireLoss,
  };
  const low = geometry.arrangement === 'low';
  return lines(piece, geometry).flatMap(({ key, x, y }) => {
    if (!amounts[key]) return [];
    const from = low ? [x + 26, y + 26] : [x + (key === 'wall' ? ROW.two : ROW.one), y + 10];
    return [[from as [number, number], places[key]!] as const];
  });
}

const Words = ({ children }: { children: ReactNode }) => <div className="drawn-word">{children}</div>;

/** The allowances down the left side of the drawing, or along its top. */
export function AllowanceColumn({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  return lines(piece, geometry).map(({ key, words, fields, x, y }) => (
    <At key={key} x={x} y={y} anchor="start">
      <Words>{words}</Words>
      <div className="drawn-row">{fields}</div>
    </At>
  ));
}

/** The allowances as a list under the drawing, where there is no room beside it. */
export function AllowanceList({ piece }: { piece: PieceModel }) {
  return (
    <Box>
      {rows(piece).map(({ key, words, fields }) => (
        <HStack key={key} justifyContent="space-between" borderTopWidth="1px" borderColor="line" minHeight="48px">
          <Words>{words}</Words>
          <HStack gap="3">{fields}</HStack>
        </HStack>
      ))}
    </Box>
  );
}
