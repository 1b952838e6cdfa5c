import { modelOf } from '@/core/cast';
import { DEMO } from '@/core/example';
import { frustumMl, revolvedMl, sectionOf } from '@/core/form';
import { FINENESS, MOST_TRIANGLES, type Mesh, coreSection, lostByFlats, measureMesh, pieceMesh, scaledMesh, turned } from '@/core/mesh';
import { sizedPlanPart } from '@/core/part';
import { mainPart } from '@/core/records';
import { describe, expect, it } from 'vitest';
import { readStl, writeStl } from './stl';

/** Another reader, as plain as can be: corners by their written figures, edges in a map. */
function plainly(bytes: ArrayBuffer): { triangles: number; closed: boolean; ml: number; box: number[]; outward: boolean } {
  const view = new DataView(bytes);
  const count = view.getUint32(80, true);
  const edges = new Map<string, number>();
  const box = [Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity];
  let [six, agree] = [0, 0];
  for (let t = 0; t < count; t += 1) {
    const figure = (i: number) => view.getFloat32(84 + 50 * t + 4 * i, true);
    const [normal, a, b, c] = [0, 3, 6, 9].map((i) => [figure(i), figure(i + 1), figure(i + 2)]) as [
      number[],
      number[],
      number[],
      number[],
    ];
    const key = (p: number[]) => p.map((each) => (each === 0 ? 0 : each)).join();
    for (const [p, q] of [
      [a, b],
      [b, c],
      [c, a],
    ] as const) {
      edges.set(`${key(p)}>${key(q)}`, (edges.get(`${key(p)}>${key(q)}`) ?? 0) + 1);
      for (let k = 0; k < 3; k += 1) {
        box[k] = Math.min(box[k]!, p[k]!);
        box[k + 3] = Math.max(box[k + 3]!, p[k]!);
      }
    }
    six += a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) + a[1]! * (b[2]! * c[0]! - b[0]! * c[2]!) + a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
    const [u, v] = [b.map((each, k) => each - a[k]!), c.map((each, k) => each - a[k]!)];
    const across = [u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!];
    if (across.reduce((sum, each, k) => sum + each * normal[k]!, 0) > 0) agree += 1;
  }
  const closed = [...edges].every(([edge, times]) => times === 1 && edges.get(edge.split('>').reverse().join('>')) === 1);
  return { triangles: count, closed, ml: six / 6000, box, outward: agree === count };
}

const parts = DEMO.plans.flatMap((plan) => {
  const made = sizedPlanPart(DEMO, mainPart(plan), String);
  return made.ok ? [[plan.name, made.value.sized] as const] : [];
});

describe('STL out', () => {
  it.each(parts.map(([name]) => name))('%s: closed, outward, the volume of its section within 0.3%%, as high and as wide', (name) => {
    const [, sized] = parts.find((each) => each[0] === name)!;
    const { wet, fired, measures } = sized;
    const read = plainly(writeStl(pieceMesh(fired, 'coarse'), 'piece'));
    const ml = fired.plan ? measures.clayMl : revolvedMl(sectionOf(fired));
    expect([read.closed, read.outward]).toEqual([true, true]);
    expect(Math.abs(read.ml / ml - 1)).toBeLessThan(0.003);
    expect(measureMesh(pieceMesh(wet, 'coarse'), 2)).toMatchObject({ closed: true, insideOut: false });
    const { box } = read;
    expect(box[5]! - box[2]!).toBeCloseTo(sized.stages.glazed.sizes.height, 1);
    // corners of flat sides stand further out than the sides themselves
    const wide = Math.max(box[3]! - box[0]!, box[4]! - box[1]!);
    if (sized.fired.plan) expect(wide).toBeGreaterThan(sized.measures.widest - 0.1);
    else expect(wide).toBeCloseTo(sized.measures.widest, 0);
  });

  it('a cone, a box of faces and a model with its well against closed forms', () => {
    const sides = FINENESS.finest;
    const cone = [
      { r: 0, z: 0 },
      { r: 40, z: 0 },
      { r: 20, z: 90 },
      { r: 0, z: 90 },
    ];
    expect(plainly(writeStl(turned(cone, sides), 'cone')).ml).toBeCloseTo(frustumMl(40, 20, 90) * (1 - lostByFlats(sides)), 2);
    const [, sized] = parts.find(([name]) => name === 'Egg cup')!;
    const model = modelOf(sized.wet, { height: 15, width: 6 });
    const read = plainly(writeStl(turned(model.whole, sides), 'model'));
    expect(read.closed).toBe(true);
    expect(Math.abs(read.ml / model.volumeMl - 1)).toBeLessThan(0.003);
    const core = plainly(writeStl(turned(coreSection(sized.wet), sides), 'core'));
    expect(core.closed).toBe(true);
    expect(core.ml).toBeGreaterThan(0);
  });
});

const sample = (): Mesh => turned(modelOf(parts.find(([name]) => name === 'Egg cup')![1].wet, undefined).whole, 48);

function textOf(mesh: Mesh): string {
  const rows: string[] = [];
  for (let i = 0; i < mesh.length; i += 9) {
    const corner = (at: number) => `vertex ${mesh[at]} ${mesh[at + 1]} ${mesh[at + 2]}`;
    rows.push(`facet normal 0 0 0\n outer loop\n  ${corner(i)}\n  ${corner(i + 3)}\n  ${corner(i + 6)}\n endloop\nendfacet`);
  }
  return `solid egg cup\n${rows.join('\n')}\nendsolid egg cup\n`;
}

describe('STL in', () => {
  it('binary and text give the same, measured the same; scaled and written again it is larger by as much', () => {
    const mesh = sample();
    const [binary, text] = [readStl(writeStl(mesh, 'x')), readStl(new TextEncoder().encode(textOf(mesh)).buffer as ArrayBuffer)];
    if (!binary.ok || !text.ok) throw new Error('not read');
    expect(text.value).toEqual(binary.value);
    const measures = measureMesh(binary.value, 2);
    expect(measures).toMatchObject({ closed: true, openEdges: 0, insideOut: false });
    const larger = measureMesh(scaledMesh(binary.value, 1.2, 1.25), 2);
    expect(larger.volumeMl / measures.volumeMl).toBeCloseTo(1.2 * 1.2 * 1.25, 4);
    expect(larger.size.height / measures.size.height).toBeCloseTo(1.25, 5);
  });

  it('tells a hole, and which sides hold in the mould', () => {
    const mesh = sample();
    expect(measureMesh(mesh.slice(9), 2)).toMatchObject({ closed: false, openEdges: 6 });
    const straight = turned(
      [
        { r: 0, z: 0 },
        { r: 30, z: 0 },
        { r: 40, z: 50 },
        { r: 30, z: 100 },
        { r: 0, z: 100 },
      ],
      48,
    );
    const { draft } = measureMesh(straight, 2);
    expect(draft.undercut).toBeCloseTo(draft.enough, 0);
    expect(draft.least).toBeCloseTo(-11.3, 0);
    const mirrored = mesh.map((each, i) => (i % 3 === 0 ? -each : each));
    expect(measureMesh(mirrored, 2).insideOut).toBe(true);
  });

  it('2,000 damaged files are opened right or refused with a word of why, none takes long', () => {
    const whole = new Uint8Array(writeStl(sample(), 'x'));
    const text = new TextEncoder().encode(textOf(sample().slice(0, 180)));
    let seed = 7;
    const next = (most: number) => {
      seed = (seed * 16807) % 2147483647;
      return seed % most;
    };
    let opened = 0;
    for (let i = 0; i < 2000; i += 1) {
      const bytes = (i % 2 === 0 ? whole : text).slice(0, i % 5 === 0 ? next(600) : undefined);
      for (let k = 0; k < 1 + next(4); k += 1) if (bytes.length > 0) bytes[next(Math.min(bytes.length, 900))] = next(256);
      const found = readStl(bytes.buffer as ArrayBuffer);
      if (found.ok) {
        opened += 1;
        expect(found.value.every((each) => Number.isFinite(each))).toBe(true);
        expect(found.value.length % 9).toBe(0);
      } else expect(found.problem.message.length).toBeGreaterThan(20);
    }
    expect(opened).toBeGreaterThan(100);
  }, 20_000);

  it.each([
    ['nothing', new ArrayBuffer(0), 'not an STL file'],
    ['no triangles', new ArrayBuffer(84), 'no triangles'],
    ['a text of nothing', new TextEncoder().encode('solid x\nendsolid x').buffer as ArrayBuffer, 'no triangles'],
    [
      'a corner that is none',
      new TextEncoder().encode('solid\nfacet normal 0 0 0 outer loop vertex nan 0 0').buffer as ArrayBuffer,
      'no place',
    ],
    ['a cut text', new TextEncoder().encode('solid\nfacet normal 0 0').buffer as ArrayBuffer, 'ends in the middle'],
  ])('refuses %s', (_, bytes, words) => {
    expect(readStl(bytes)).toMatchObject({ ok: false, problem: { message: expect.stringContaining(words) as string } });
  });

  /** A binary file of one triangle, its corner figures as given. */
  const one = (figures: readonly number[]): ArrayBuffer => {
    const bytes = new ArrayBuffer(84 + 50);
    const view = new DataView(bytes);
    view.setUint32(80, 1, true);
    figures.forEach((each, i) => view.setFloat32(96 + 4 * i, each, true));
    return bytes;
  };
  const corners = [0, 0, 0, 10, 0, 0, 0, 10, 0];
  const message = (bytes: ArrayBuffer): string => {
    const read = readStl(bytes);
    return read.ok ? '' : read.problem.message;
  };
  const textual = (text: string) => new TextEncoder().encode(text).buffer as ArrayBuffer;
  const facet = (corner = '0 0 0') => `facet normal 0 0 1 outer loop vertex ${corner} vertex 10 0 0 vertex 0 10 0 endloop endfacet`;

  it('takes corners up to a kilometre away, and no zero below zero', () => {
    expect(readStl(one(corners.with(3, 1e6))).ok).toBe(true);
    for (const figure of [NaN, Infinity, -Infinity, 1.1e6, -1.1e6]) {
      expect(message(one(corners.with(4, figure)))).toContain('Triangle 1 has a corner that is no place');
      expect(message(textual(`solid\n${facet()} ${facet(`0 ${figure} 0`)} endsolid`))).toContain(
        'Triangle 2 has a corner that is no place',
      );
    }
    const read = readStl(one(corners.with(0, -0)));
    expect(read.ok && Object.is(read.value[0], 0)).toBe(true);
    const text = readStl(textual(`solid\n${facet('-0 0 0')}\nendsolid`));
    expect(text.ok && Object.is(text.value[0], 0)).toBe(true);
  });

  it('reads text in any letters and lines, its normals whatever they are, up to where it ends', () => {
    const read = readStl(
      textual(
        `  SOLID Egg vertex cup\r\n${facet().toUpperCase().replace('0 0 1', 'NAN . x')}\tfacet`.replace(
          /\tfacet$/,
          ' ENDSOLID Egg vertex cup',
        ),
      ),
    );
    expect(read.ok && [...read.value]).toEqual(corners);
    expect(readStl(textual(`solid\n${facet()}`)).ok).toBe(true);
    expect(message(textual('solid of one line'))).toContain('no triangles');
    expect(message(textual(`solid x ${facet()} endsolid`))).toContain('no triangles');
    for (const [figure, good] of [
      ['1e3', true],
      ['-.5', true],
      ['+2.', true],
      ['1E-2', true],
      ['0x10', false],
      ['1,5', false],
      ['', false],
    ] as const)
      expect(readStl(textual(`solid\n${facet(`${figure} 0 0`)}\nendsolid`)).ok, figure).toBe(good);
  });

  it('says which triangle of a text is damaged, and what stands where', () => {
    const at = (text: string) => {
      const read = readStl(textual(`solid\n${facet()}\n${text}`));
      return read.ok ? undefined : read.problem;
    };
    expect(at(facet().replace('endloop', 'endlooooooooooooooooooop'))).toEqual({
      path: 'triangle 2',
      message: 'In triangle 2 “endloooooooooooooooo” is in place of “endloop”. The file is damaged.',
    });
    expect(at('facet normal')).toEqual({ path: 'triangle 2', message: 'The file ends in the middle of triangle 2. Save the model again.' });
    expect(at(facet('x 0 0'))?.path).toBe('triangle 2');
  });

  it('refuses more triangles than can be opened, and a file whose count is not what it has, with both', () => {
    const count = (said: number, has: number) => {
      const bytes = new ArrayBuffer(84 + 50 * has);
      new DataView(bytes).setUint32(80, said, true);
      return bytes;
    };
    expect(message(count(3, 2))).toMatch(/says 3 triangles and has room for 2/);
    expect(message(count(1234, 0))).toMatch(/says 1,234 triangles and has room for 0/);
    expect(message(new ArrayBuffer(83))).toMatch(/not an STL file/);
    expect(message(count(MOST_TRIANGLES + 1, MOST_TRIANGLES + 1))).toBe(
      `${(MOST_TRIANGLES + 1).toLocaleString('en-GB')} triangles are more than ${MOST_TRIANGLES.toLocaleString('en-GB')}. Save the model coarser, then open it.`,
    );
    expect(message(new ArrayBuffer(120 * 1024 * 1024 + 1))).toMatch(/larger than any model/);
    // what says “solid” and is binary after all
    const solid = new Uint8Array(one(corners));
    solid.set(new TextEncoder().encode('solid'));
    expect(readStl(solid.buffer).ok).toBe(true);
    const cut = solid.slice(0, 120);
    expect(message(cut.buffer)).toMatch(/says 1 triangles and has room for 0/);
  });

  it('tells how far it has come, from none to all', () => {
    const many = new Float32Array(9 * 40_001);
    const heard: [number, number][] = [];
    expect(readStl(writeStl(many, 'x'), (done, of) => heard.push([done, of])).ok).toBe(true);
    expect(heard).toEqual([0, 20_000, 40_000].map((done) => [done, 40_001]));
    const said: [number, number][] = [];
    const text = `solid\n${`${facet()}\n`.repeat(20_001)}`;
    expect(readStl(textual(text), (done, of) => said.push([done, of])).ok).toBe(true);
    expect(said.map(([, of]) => of)).toEqual([text.length, text.length]);
    expect(said[1]![0]).toBeCloseTo(text.length, -3);
  });

  it('written, a side of no size has no normal, and words no longer than there is room', () => {
    const bytes = writeStl(new Float32Array(9), 'x'.repeat(200));
    expect([0, 4, 8].map((at) => new DataView(bytes).getFloat32(84 + at, true))).toEqual([0, 0, 0]);
    expect(new DataView(bytes).getUint32(80, true)).toBe(1);
    const big = writeStl(Float32Array.from([0, 0, 0, 30, 0, 0, 0, 40, 0]), 'x');
    expect([0, 4, 8].map((at) => new DataView(big).getFloat32(84 + at, true))).toEqual([0, 0, 1]);
  });
});
