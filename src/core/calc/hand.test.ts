import { describe, expect, it } from 'vitest';
import { calculate } from '.';

const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
const k = 0.885;

interface Part {
  readonly name: string;
  readonly count: number;
  readonly width: number;
  readonly height: number;
  readonly areaCm2: number;
  readonly edges: readonly { readonly mark: string; readonly length: number }[];
}

const answered = <T>(verb: Parameters<typeof calculate>[0], input: unknown): T => {
  const answer = calculate(verb, input);
  if (!answer.ok) throw new Error(`${answer.problem.path}: ${answer.problem.message}`);
  return answer.value as T;
};
const refused = (verb: Parameters<typeof calculate>[0], input: unknown) => {
  const answer = calculate(verb, input);
  return answer.ok ? undefined : answer.problem;
};

const wall = { top: 118, bottom: 96, height: 88, thickness: 7 };
const cup = { family: 'cylinder', height: 100, rimDiameter: 90, baseDiameter: 80, wall: 5, floor: 6 };
const box = { family: 'box', height: 100, rimDiameter: 200, rimAcross: 100, baseDiameter: 200, baseAcross: 100, wall: 8, floor: 8 };

describe('template', () => {
  it('gives the reference sector and rectangle', () => {
    const sector = answered<Record<string, number>>('template', { body, wall });
    expect(sector).toMatchObject({ shape: 'sector' });
    expect(sector.outerRadius).toBeCloseTo(505.845, 3);
    expect(sector.innerRadius).toBeCloseTo(405.637, 3);
    expect(sector.angleDegrees).toBeCloseTo(44.6525, 4);
    const straight = answered<Record<string, number>>('template', { body, wall: { ...wall, top: 102, bottom: 102 }, overlap: 9 });
    expect(straight.length).toBeCloseTo(346.233, 3);
    expect(straight.height).toBeCloseTo(99.435, 4);
  });

  it('leaves an overlap out of a sector, takes the width’s factor only, and is the same either way up', () => {
    const sector = answered('template', { body, wall });
    expect(answered('template', { body, wall, overlap: 12 })).toEqual(sector);
    expect(answered('template', { body: { ...body, heightShrinkagePercent: 14 }, wall })).toEqual(sector);
    expect(answered('template', { body, wall: { ...wall, top: 96, bottom: 118 } })).toEqual(sector);
  });

  it('gives every part of a box, wet, with edges that meet in one length', () => {
    const { parts, at } = answered<{ parts: Part[]; at: string }>('template', {
      body,
      form: box,
      slab: { corners: 'butted', base: 'under' },
    });
    expect(at).toBe('wet');
    expect(parts.map(({ name, count }) => `${count} ${name}`)).toEqual(['2 Side, the long way', '2 Side, the short way', '1 Base']);
    expect(parts.map(({ width }) => width)).toEqual([200 / k, 84 / k, 200 / k].map((width) => expect.closeTo(width, 6)));
    const joins = parts.flatMap(({ edges }) => edges.filter(({ mark }) => mark === 'A').map(({ length }) => length));
    for (const length of joins) expect(length).toBeCloseTo(92 / k, 6);
    const [, short] = parts;
    expect(short!.areaCm2).toBeCloseTo((84 * 92) / k ** 2 / 100, 6);
  });

  it('cut at leather hard is smaller than cut wet by what has shrunk', () => {
    const width = (cutAt: string) => answered<{ parts: Part[] }>('template', { body, form: { ...box }, slab: { cutAt } }).parts[0]!.width;
    expect(width('leather') / width('wet')).toBeCloseTo(1 - 0.32 * 0.115, 9);
  });

  it.each([
    [{ body }, ''],
    [{ body, wall, form: cup }, ''],
    [{ body, wall, slab: {} }, ''],
    [{ body, wall: { ...wall, height: 0 } }, 'wall.height'],
    [{ body, wall: { ...wall, top: 96 + 2 * 88 * 1.8 } }, 'wall.top'],
    [{ body, wall: { ...wall, thickness: 60 } }, 'wall.thickness'],
    [{ body, wall, overlap: -1 }, 'overlap'],
    [{ body, form: { ...box, floor: 120 } }, 'form.floor'],
    [{ body, form: box, slab: { corners: 'glued' } }, 'slab.corners'],
  ])('refuses %j at its field', (input, path) => {
    expect(refused('template', input)?.path).toBe(path);
  });

  it('accepts a lean of 60 degrees', () => {
    const lean = 2 * 88 * Math.tan(Math.PI / 3);
    expect(refused('template', { body, wall: { ...wall, bottom: 60, top: 60 + lean } })).toBeUndefined();
  });
});

describe('what is built by hand, headless', () => {
  it('coils are all of the clay of the form', () => {
    const plan = answered<{ totalG: number; courses: { g: number }[]; pinch: { g: number } }>('coils', {
      body,
      form: cup,
      pinchPercent: 30,
    });
    const { massG } = answered<{ massG: { trimmed: number } }>('size', { body, form: cup });
    expect(plan.totalG).toBeCloseTo(massG.trimmed, 6);
    expect(plan.pinch.g).toBeCloseTo(0.3 * massG.trimmed, 6);
    expect(refused('coils', { body, form: box })).toMatchObject({ path: 'form.family' });
  });

  it('a former finishes smaller than it is by what the clay shrinks', () => {
    const former = { measured: 'inside', points: [0, 30, 60, 90].map((height) => ({ height, width: 100 + height })) };
    const made = answered<{ finished: Record<string, number>; slabAcross: number; capacityMl: number }>('former', {
      body,
      former,
      thickness: 6,
      stop: 60,
    });
    expect(made.finished.rimDiameter).toBeCloseTo(160 * k, 6);
    expect(made.finished.height).toBeCloseTo(60 * k, 6);
    expect(made.capacityMl).toBeGreaterThan(300);
    expect(made.slabAcross).toBeGreaterThan(160);
    expect(refused('former', { body, former, thickness: 6, stop: 95 })?.path).toBe('stop');
    expect(refused('former', { body, former, thickness: 6, stop: 10 })?.path).toBe('stop');
    expect(refused('former', { body, former: { ...former, points: former.points.slice(0, 2) }, thickness: 6 })?.path).toBe('former.points');
  });

  it('a handle is refused at its fingers where the wall is too short', () => {
    expect(
      answered<{ hole: { finished: number } }>('handle', { body, form: cup, handle: { fingers: 2, fingerWidth: 20 } }).hole.finished,
    ).toBe(44);
    expect(refused('handle', { body, form: { ...cup, height: 50 }, handle: { fingers: 4 } })?.path).toBe('handle.fingers');
  });

  it('cutters come nearest first, and in pairs for a mouth', () => {
    const cutters = [70, 80, 90, 100].map((width) => ({ id: `c${width}`, shape: 'round', width }));
    const near = answered<{ cutters: { cutter: { width: number }; finished: number }[] }>('cutters', { body, cutters, finished: 71 });
    expect(near.cutters[0]).toMatchObject({ cutter: { width: 80 }, finished: 80 * k });
    const { pairs } = answered<{ pairs: { fits: boolean; insert: { cutter: { width: number } } }[] }>('cutters', {
      body,
      cutters,
      mouth: { inside: 72.4, outside: 80 },
    });
    expect(pairs[0]).toMatchObject({ fits: true, insert: { cutter: { width: 80 } } });
    expect(refused('cutters', { body, cutters })?.path).toBe('');
  });
});
