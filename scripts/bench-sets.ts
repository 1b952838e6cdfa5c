/** Sorting into sets beside an integer program, a nest, a year of orders, and a model of 200,000 triangles, ms. Prints one line of JSON. */
import { readStl, writeStl } from '@/core/encode';
import { DEMO } from '@/core/example';
import { normalFrom } from '@/core/fit';
import { type Mesh, measureMesh, scaledMesh, turned } from '@/core/mesh';
import { matchSets, nestOf } from '@/core/sets';
import { lineWork, orderWork } from '@/core/orders';
import { sizedPlanPart } from '@/core/part';
import { mainPart, type Order } from '@/core/records';
import { solve } from 'yalps';

function taking<T>(does: () => T): { readonly ms: number; readonly value: T } {
  const start = performance.now();
  const value = does();
  return { ms: Math.round((performance.now() - start) * 10) / 10, value };
}

const SIZE = 6;
const normal = normalFrom(5);
const points = Array.from({ length: 60 }, () => [Math.round(normal() * 10) / 5, Math.round(normal() * 10) / 5]);

/** Every set that holds, and what it spreads. */
function everySet(): { readonly pieces: number[]; readonly spread: number }[] {
  const found: { pieces: number[]; spread: number }[] = [];
  const grow = (set: number[], from: number, least: number[], most: number[]): void => {
    if (set.length === SIZE) {
      found.push({ pieces: [...set], spread: Math.max(...most.map((each, f) => each - least[f]!)) });
      return;
    }
    for (let i = from; i < points.length; i += 1) {
      const low = least.map((each, f) => Math.min(each, points[i]![f]!));
      const high = most.map((each, f) => Math.max(each, points[i]![f]!));
      if (high.every((each, f) => each - low[f]! <= 1 + 1e-9)) grow([...set, i], i + 1, low, high);
    }
  };
  grow([], 0, [Infinity, Infinity], [-Infinity, -Infinity]);
  return found;
}

const sorted = taking(() => matchSets(points, SIZE));
const sumOf = (sets: readonly { readonly spread: number }[]) => sets.reduce((sum, { spread }) => sum + spread, 0);
const program = taking(() => {
  const sets = everySet();
  const worth = points.length;
  const { result } = solve(
    {
      direction: 'maximize',
      objective: 'worth',
      constraints: Object.fromEntries([...points.keys()].map((i) => [`p${i}`, { max: 1 }])),
      variables: Object.fromEntries(
        sets.map(({ pieces, spread }, s) => [`s${s}`, { worth: worth - spread, ...Object.fromEntries(pieces.map((i) => [`p${i}`, 1])) }]),
      ),
      binaries: true,
    },
    { tolerance: 0, timeout: 120_000 },
  );
  const count = Math.ceil(result / worth - 1e-9);
  return { all: sets.length, sets: count, sum: count * worth - result };
});

const plan = DEMO.plans.find(({ id }) => id === 'plan-serving-bowl')!;
const made = sizedPlanPart(DEMO, mainPart(plan), String);
if (!made.ok) throw new Error(made.problem.message);
const bowl = made.value.sized.stages.glazed;
const nest = taking(() =>
  nestOf(bowl, { count: 8, by: 'ratio', widths: { 0: 400, 7: 100 }, heights: { 0: 180, 7: 50 }, rise: 0, thinner: true }),
);

const [winter] = DEMO.orders as [Order];
const year = Array.from({ length: 100 }, (_, i): Order => {
  const due = new Date(Date.UTC(2026, 11, 18 + 3 * i)).toISOString().slice(0, 10);
  return { ...winter, id: `order-${i}`, due };
});
lineWork(DEMO, winter, winter.lines[0]!, '2026-11-26');
const orders = taking(() => year.map((order) => orderWork(DEMO, order, '2026-11-26')));

/** A cup of many flat sides: 200,000 triangles. */
function large(): Mesh {
  const steps = Array.from({ length: 99 }, (_, i) => ({ r: 40 + (i * 20) / 98, z: i }));
  return turned([{ r: 0, z: 0 }, ...steps, { r: 0, z: 98 }], 1010).slice(0, 9 * 200_000);
}
const mesh = large();
const file = writeStl(mesh, 'large');
const read = taking(() => readStl(file));
if (!read.value.ok) throw new Error(read.value.problem.message);
const found = read.value.value;
const measured = taking(() => measureMesh(found, 2));
const written = taking(() => writeStl(scaledMesh(found, 1.17, 1.17), 'larger'));

console.log(
  JSON.stringify({
    sorted: { ms: sorted.ms, sets: sorted.value.sets.length, sum: sumOf(sorted.value.sets), proven: sorted.value.proven },
    program: { ms: program.ms, ...program.value },
    nest: nest.ms,
    orders: orders.ms,
    stl: { triangles: mesh.length / 9, read: read.ms, measured: measured.ms, written: written.ms },
  }),
);
