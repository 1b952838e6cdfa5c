import { remaining, wetDensity } from '@/core/clay';
import { KIND_SIZES, USUAL_HANDLE, boundsOf } from '@/core/handbuild';
import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { type Part, type Shop, shopOf, shopRows, type Workspace } from '@/core/records';
import { handWorking, obstacleWords } from '@/core/telling';
import { clayOf, handOf, type HandWork, handWork, makingOf, matterIn, sizePart } from '.';

const writers = {
  length: (mm: number) => text(writeLength(mm, METRIC)),
  mass: (g: number) => text(writeMass(g, METRIC)),
  volume: (ml: number) => text(writeVolume(ml, METRIC)),
};

const partOf = (id: string): Part => DEMO.plans.find((plan) => plan.id === id)!.parts[0];

function worked(part: Part, workspace: Workspace = DEMO) {
  const made = sizePart(part, clayOf(workspace, part).figures, String, matterIn(workspace));
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

function work<B extends HandWork['by']>(by: B, part: Part, workspace: Workspace = DEMO): Extract<HandWork, { by: B }> {
  const found = handWork(part, worked(part, workspace), workspace);
  if (found?.by !== by) throw new Error(`not made by ${by}`);
  return found as Extract<HandWork, { by: B }>;
}

const bench = (change: Partial<Shop>): Workspace => ({ ...DEMO, shop: shopRows({ ...shopOf(DEMO), ...change }) });

describe('how a part is made', () => {
  it('is on the wheel unless it says otherwise; what is not round or has no wall never is anything else than slabs', () => {
    const jar = partOf('plan-honey-jar');
    expect(handOf(jar)).toBe('wheel');
    expect(handOf({ ...jar, hand: { by: 'coil' } })).toBe('coil');
    expect(handOf({ ...partOf('plan-planter-box'), hand: { by: 'coil' } })).toBe('slab');
    expect(handOf({ family: 'tile' })).toBe('slab');
    expect(handOf({ family: 'disc', hand: { by: 'former' } })).toBe('slab');
    expect(handOf({ family: 'disc' })).toBe('wheel');
  });

  it('by hand leaves nothing for trimming, wire or slurry, but keeps what is put on and what was set for the wheel', () => {
    const jar = { ...partOf('plan-honey-jar'), making: { ...partOf('plan-honey-jar').making, attachedMass: 40 } };
    const coiled: Part = { ...jar, hand: { by: 'coil' } };
    expect(makingOf(coiled)).toEqual({ trimFloor: 0, trimWall: 0, rimCut: 0, wireLoss: 0, slurryPercent: 0, attachedMass: 40 });
    expect(coiled.making.trimFloor).toBe(4.5);
    const { masses } = worked(coiled).sized;
    expect(masses.ball).toBeCloseTo(masses.trimmed - 40, 6);
    expect(handWork(jar, worked(jar), DEMO)).toBeUndefined();
  });

  it('counts its handle once it fits, and goes without where it does not', () => {
    const mug = partOf('plan-slab-mug');
    const without = worked({ ...mug, handle: undefined }).sized.masses;
    const withIt = worked(mug).sized.masses;
    expect(withIt.trimmed - without.trimmed).toBeGreaterThan(15);
    expect(withIt.ball).toBeCloseTo(without.ball, 9);
    expect(worked({ ...mug, handle: { ...mug.handle!, fingers: 4, fingerWidth: 40 } }).sized.masses.trimmed).toBeCloseTo(
      without.trimmed,
      9,
    );
  });
});

const planter = partOf('plan-planter-box');

describe('the slabs to roll', () => {
  it('are wet, though the parts are cut at leather hard', () => {
    const { slabs } = work('slab', planter, bench({ battens: [] }));
    const { clay } = worked(planter);
    const left = remaining(clay.shrinkage, 'leather', 'width');
    expect(slabs[0]!.roll.thickness).toBeCloseTo(slabs[0]!.thickness / left, 9);
    expect(slabs[0]!.roll.length).toBeCloseTo(slabs[0]!.length / left, 9);
    expect(slabs[0]!.roll.thickness).toBeCloseTo(10 / remaining(clay.shrinkage, 'glazed', 'width'), 9);
  });

  it('are rolled thicker and smaller before a texture, of the same clay', () => {
    const free = bench({ battens: [] });
    const plain = work('slab', planter, free);
    const textured = work('slab', { ...planter, hand: { ...planter.hand, texture: { along: 6, across: 2 } } }, free);
    expect(textured.slabs[0]!.roll.thickness).toBeCloseTo(plain.slabs[0]!.roll.thickness * 1.06 * 1.02, 9);
    expect(textured.totalG).toBeCloseTo(plain.totalG!, 6);
  });

  it('weigh more than the piece by the offcuts, and never leave the roller', () => {
    for (const rollerWidth of [360, 400, 800]) {
      const { slabs, totalG } = work('slab', planter, bench({ rollerWidth }));
      for (const { roll } of slabs) expect(roll.width).toBeLessThanOrEqual(rollerWidth + 1e-6);
      expect(totalG).toBeGreaterThan(worked(planter).sized.masses.ball);
      // the parts are a little more than the piece: what bevels take
      const parts = slabs.reduce((all, { g, used }) => all + g * used, 0);
      expect(parts).toBeLessThan(1.12 * worked(planter).sized.masses.ball);
    }
  });

  it('take copies for so many pieces', () => {
    const tile = partOf('plan-bench-tile');
    const [sheet] = work('slab', tile).slabs;
    expect(sheet!.laid).toHaveLength(6);
    expect(work('slab', { ...tile, hand: { ...tile.hand, pieces: 1 } }).slabs[0]!.laid).toHaveLength(1);
  });

  it('name the guide from the maker’s battens, and what it finishes at', () => {
    const [slab] = work('slab', planter, bench({ battens: [4, 11] })).slabs;
    const { clay } = worked(planter);
    expect(slab!.guide).toEqual({ battens: [11], thickness: 11 });
    expect(slab!.finishes).toBeCloseTo(11 * remaining(clay.shrinkage, 'glazed', 'width'), 9);
    expect(slab!.roll.thickness).toBe(11);
    const free = work('slab', planter, bench({ battens: [] })).slabs[0]!;
    expect(free.guide).toBeUndefined();
    // what is rolled is what is weighed
    expect(slab!.g / free.g).toBeCloseTo(11 / free.roll.thickness, 9);
    // a batten far off is no guide
    expect(work('slab', planter, bench({ battens: [4, 20] })).slabs[0]!.guide).toBeUndefined();
  });
});

describe('what does not fit on a slab', () => {
  it('gets no figure, but what would do', () => {
    const { slabs, totalG, obstacle } = work('slab', planter, bench({ rollerWidth: 200 }));
    expect({ slabs, totalG }).toEqual({ slabs: [], totalG: undefined });
    expect(obstacleWords(obstacle!, (mm) => `${mm} mm`)).toMatch(/does not fit on a slab 200 mm wide.*It needs a roller \d+ mm wide/);
    const needed = Number(/roller (\d+) mm wide/.exec(obstacleWords(obstacle!, (mm) => `${mm} mm`))![1]);
    expect(work('slab', planter, bench({ rollerWidth: needed })).obstacle).toBeUndefined();
  });

  it('is cut from several where one would be too long', () => {
    const [one, two] = [1200, 700].map((slabLength) => work('slab', planter, bench({ slabLength })));
    expect(two!.slabs.length).toBeGreaterThan(1);
    for (const { roll } of two!.slabs) expect(roll.length).toBeLessThanOrEqual(700 + 1e-6);
    expect(two!.parts).toEqual(one!.parts);
  });
});

describe('a strap handle', () => {
  it('is cut beside the wall, as thick as it is', () => {
    const mug = partOf('plan-slab-mug');
    const strapped: Part = { ...mug, handle: { ...USUAL_HANDLE, ...KIND_SIZES.strap, kind: 'strap', fromSlab: true } };
    const { parts, slabs } = work('slab', strapped);
    const strap = parts.find(({ name }) => name === 'Handle strap')!;
    expect(slabs).toHaveLength(1);
    expect(strap.thickness).toBeCloseTo(parts[0]!.thickness, 6);
    expect(boundsOf(strap.outline).height).toBeCloseTo(24 / remaining(worked(mug).clay.shrinkage, 'glazed', 'width'), 6);
  });
});

describe('a piece from a former', () => {
  const dish = partOf('plan-seed-dish');

  it('knows its former until its sizes are changed', () => {
    const made = work('former', dish);
    expect(made).toMatchObject({ parted: false, stop: 58, former: { name: 'Fruit bowl, enamel' } });
    const wider: Part = { ...dish, sizes: { ...dish.sizes, rimDiameter: [{ mm: 240, at: 'wet' }] } };
    expect(work('former', wider).parted).toBe(true);
    expect(work('former', { ...dish, hand: { by: 'former' } })).toMatchObject({
      former: undefined,
      parted: false,
      totalG: undefined,
      obstacle: { kind: 'no former' },
      slabs: [],
    });
  });

  it('takes a disc of slab that reaches from rim to rim', () => {
    const { parts } = work('former', dish);
    const { rimDiameter, height } = worked(dish).sized.stages.wet.sizes;
    const { width } = boundsOf(parts[0]!.outline);
    expect(width).toBeGreaterThan(rimDiameter);
    expect(width).toBeLessThan(rimDiameter + 2 * height + 40);
  });
});

describe('a former lined with pieces', () => {
  it('takes the clay of the wall and what laps', () => {
    const dish = partOf('plan-seed-dish');
    const { lining, totalG, slabs } = work('former', {
      ...dish,
      hand: { ...dish.hand, lining: { overlapPercent: 20, thinnedPercent: 15 } },
    });
    const { clay, sized } = worked(dish);
    const wall = sized.stages.wet.sizes.wall!;
    expect(slabs).toEqual([]);
    expect(lining!.thickness).toBeCloseTo(wall / 0.85, 9);
    expect(totalG).toBeCloseTo((lining!.areaCm2 * lining!.thickness * wetDensity(clay.matter)) / 10, 6);
    // a wall all round its middle, by the sum of its section, and a fifth more
    expect(totalG! / 1.2 / (sized.volumes.piece * wetDensity(clay.matter))).toBeCloseTo(1, 1);
  });
});

describe('a coiled piece', () => {
  const jar = partOf('plan-skep-jar');

  it('uses the maker’s own gain from the first note on, unless the piece has its own', () => {
    expect(work('coil', jar).choices.gain).toBe(1);
    const noted = bench({ coils: [{ coils: 10, thickness: 10, height: 80 }] });
    expect(work('coil', jar, noted)).toMatchObject({ choices: { gain: 0.8 }, own: { gain: 0.8 } });
    const own: Part = { ...jar, hand: { ...jar.hand, coil: { gain: 1.1 } } };
    expect(work('coil', own, noted).choices.gain).toBe(1.1);
  });
});

describe('the arithmetic of what is made by hand', () => {
  it.each(DEMO.plans.filter(({ parts: [part] }) => handOf(part) !== 'wheel').map(({ id, name }) => [name, id]))(
    'of %s ends in what is weighed out',
    (_, id) => {
      const part = partOf(id);
      const found = handWork(part, worked(part), DEMO)!;
      const { lines } = handWorking(found, worked(part), writers);
      expect(lines.join(' ')).toContain(writers.mass(found.by === 'coil' ? found.totalG! : found.slabs[0]!.g));
      for (const line of lines) expect(line).not.toMatch(/NaN|undefined|Infinity/);
    },
  );

  it('of a straight cup goes round the middle of its wall', () => {
    const mug = partOf('plan-slab-mug');
    const straight: Part = { ...mug, sizes: { ...mug.sizes, rimDiameter: mug.sizes.baseDiameter } };
    const { lines } = handWorking(work('slab', straight), worked(straight), writers);
    expect(lines[1]).toMatch(/^Round the middle of the wall: π × \(74 mm − 5 mm\) = 216.8 mm finished ÷ 0.88501 = 244.9 mm wet\.$/);
  });

  it.each(DEMO.plans.filter(({ parts: [part] }) => handOf(part) !== 'wheel').map(({ id, name }) => [name, id]))(
    'of %s adds up as it is shown',
    (_, id) => {
      const exact = { length: (mm: number) => `${mm} mm`, mass: (g: number) => `${g} g`, volume: (ml: number) => `${ml} ml` };
      const part = partOf(id);
      const { lines } = handWorking(handWork(part, worked(part), DEMO)!, worked(part), exact);
      const plain = lines.map((line) =>
        line
          .replaceAll(' finished', '')
          .replaceAll('π', String(Math.PI))
          .replace(/÷ \(4 × ([\d.]+)\)/, '÷ 4 ÷ $1'),
      );
      const added = plain.flatMap((line) => [...line.matchAll(/((?:[\d.]+ (?:mm|cm²|ml)|[\d.]+|[×÷]|g\/ml| )+)= ([\d.]+) (?:mm|ml|g)/g)]);
      expect(added.length).toBeGreaterThan(0);
      for (const [line, left, right] of added) {
        const parts = left!
          .replace(/ (mm|cm²|ml|g\/ml)/g, '')
          .trim()
          .split(/ (?=[×÷])/);
        let value = Number(parts[0]);
        for (const each of parts.slice(1)) value = each.startsWith('×') ? value * Number(each.slice(2)) : value / Number(each.slice(2));
        // mm3 to ml or g, and cm2 by mm to ml
        const per = /cm²/.test(line) ? 10 : / g$/.test(line) && !/ ml/.test(left!) ? 1000 : 1;
        expect(value / per / Number(right), line).toBeCloseTo(1, 2);
      }
    },
  );

  it('tells what was rolled thicker for a texture, and what leather hard comes from wet', () => {
    const mug = partOf('plan-slab-mug');
    const { clay } = worked(mug);
    const at = (hand: Part['hand']) => handWorking(work('slab', { ...mug, hand }), worked({ ...mug, hand }), writers).lines.join(' ');
    const plain = at({ by: 'slab', slab: { cutAt: 'wet' } });
    expect(plain).not.toContain('texture');
    expect(plain).not.toContain('leather hard');
    expect(at({ by: 'slab', texture: { along: 4, across: 0 } })).toContain('stretches it by 4% and 0%');
    expect(at({ by: 'slab', texture: { along: 0, across: 2 } })).toContain('stretches it by 0% and 2%');
    const leather = at({ by: 'slab', slab: { cutAt: 'leather' } });
    const [, there, wet] = /Cut at leather hard: ([\d.]+) mm there is ([\d.]+) mm wet/.exec(leather)!;
    expect(Number(there) / Number(wet)).toBeCloseTo(1 - clay.shrinkage.shares.leather * clay.shrinkage.width, 1);
    expect(Number(there)).toBeLessThan(Number(wet));
  });

  it('of a cup that leans, or is no cup, is by its flat parts; of one upright to a twentieth round its middle', () => {
    const mug = partOf('plan-slab-mug');
    const lines = (change: Partial<Part>) => {
      const part = { ...mug, ...change };
      return handWorking(work('slab', part), worked(part), writers).lines[1]!;
    };
    const [base] = mug.sizes.baseDiameter!;
    const rim = (more: number) =>
      ({ sizes: { ...mug.sizes, rimDiameter: [{ ...base, mm: ('mm' in base ? base.mm : 0) + more }] } }) as Partial<Part>;
    expect(lines(rim(0.04))).toMatch(/^Round the middle/);
    expect(lines(rim(1))).toMatch(/^Each length of a flat part/);
    const box = partOf('plan-planter-box');
    expect(handWorking(work('slab', box), worked(box), writers).lines[1]).toMatch(/^Each length of a flat part/);
  });
});

describe('what stands in the way', () => {
  const length = (mm: number) => `${mm} mm`;
  const large = (width: number, along: number, mayTurn: boolean) =>
    obstacleWords(
      {
        kind: 'too large',
        unfit: [{ part: { name: 'Wall' }, needs: { width, length: along } }] as never,
        largest: { width: 400, length: 600 } as never,
        mayTurn,
      },
      length,
    );

  it('is told with the roller or slab that would do, and turning where the width is short', () => {
    expect(large(450.2, 500, false)).toBe('Wall does not fit on a slab 400 mm wide and 600 mm long. It needs a roller 451 mm wide.');
    expect(large(450, 500, true)).toContain('a roller 450 mm wide, or parts that may be turned.');
    expect(large(300, 700, true)).toBe('Wall does not fit on a slab 400 mm wide and 600 mm long. It needs a slab 700 mm long.');
    expect(large(450, 700, false)).toContain('a roller 450 mm wide and a slab 700 mm long.');
    expect(obstacleWords({ kind: 'no former' }, length)).toBe('Choose a former first.');
    expect(obstacleWords({ kind: 'no coils', why: 'Too flat.' }, length)).toBe('Too flat.');
  });

  it('of several parts is the largest need of any', () => {
    const unfit = [
      { part: { name: 'Wall' }, needs: { width: 410, length: 900 } },
      { part: { name: 'Base' }, needs: { width: 500, length: 610 } },
    ];
    const words = obstacleWords(
      { kind: 'too large', unfit: unfit as never, largest: { width: 400, length: 600 } as never, mayTurn: false },
      length,
    );
    expect(words).toContain('a roller 500 mm wide and a slab 900 mm long');
  });
});

describe('a slab as large as the bench takes', () => {
  it('is as large as roller and table before the texture: what is cut is larger, or smaller at leather hard', () => {
    const tile = partOf('plan-bench-tile');
    const one = { ...tile, hand: { ...tile.hand, pieces: 1 } };
    const { slabs } = work('slab', one, bench({ battens: [] }));
    const { length, width } = slabs[0]!.roll;
    const fits = (rollerWidth: number, slabLength: number, texture?: { along: number; across: number }) =>
      work('slab', { ...one, hand: { ...one.hand, texture } }, bench({ battens: [], rollerWidth, slabLength })).obstacle === undefined;
    expect([fits(width, length), fits(width - 0.01, length), fits(width, length - 0.01)]).toEqual([true, false, false]);
    // stretched by a tenth it may be rolled so much smaller
    const grown = { along: 10, across: 25 };
    expect([fits(width / 1.25 + 0.01, length / 1.1 + 0.01, grown), fits(width / 1.25 - 0.01, length / 1.1 + 0.01, grown)]).toEqual([
      true,
      false,
    ]);
    expect(fits(width / 1.25 + 0.01, length / 1.1 - 0.01, grown)).toBe(false);
    const { obstacle } = work(
      'slab',
      { ...one, hand: { ...one.hand, texture: grown } },
      bench({ battens: [], rollerWidth: 50, slabLength: 50 }),
    );
    expect(obstacle).toMatchObject({ kind: 'too large', largest: { width: 50, length: 50 }, mayTurn: true });
    const [unfit] = obstacle!.kind === 'too large' ? obstacle!.unfit : [];
    expect([unfit!.needs.width, unfit!.needs.length]).toEqual([expect.closeTo(width / 1.25, 6), expect.closeTo(length / 1.1, 6)]);
    const words = obstacleWords(obstacle!, (mm) => `${mm} mm`);
    expect(words).toContain(`a roller ${Math.ceil(width / 1.25)} mm wide and a slab ${Math.ceil(length / 1.1)} mm long`);
    expect(words).toMatch(/, or parts that may be turned\.$/);
    const turned = work('slab', { ...one, hand: { ...one.hand, turn: true } }, bench({ rollerWidth: 50, slabLength: 50 })).obstacle!;
    expect(turned).toMatchObject({ mayTurn: false });
    expect(obstacleWords(turned, String)).not.toContain('turned');
  });
});

describe('a piece and its former', () => {
  it('part where a height or a mouth differs by more than 0.6 mm', () => {
    const dish = partOf('plan-seed-dish');
    const { height, rimDiameter } = worked(dish).sized.stages.wet.sizes;
    const parted = (size: 'height' | 'rimDiameter', mm: number) =>
      work('former', { ...dish, sizes: { ...dish.sizes, [size]: [{ mm, at: 'wet' }] } }).parted;
    for (const [size, mm] of [
      ['height', height],
      ['rimDiameter', rimDiameter],
    ] as const)
      expect([parted(size, mm + 0.5), parted(size, mm + 0.7), parted(size, mm - 0.7)]).toEqual([false, true, true]);
  });
});
