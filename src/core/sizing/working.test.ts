import { type ClayFigures, STAGES, clayFigures, type Stage } from '@/core/clay';
import { FAMILIES, ROUND_FAMILIES, type FamilyName, type SizeName, formOf } from '@/core/form';
import { METRIC, type UnitChoice, handMass, text, writeDensity, writeLength, writeMass, writeVolume } from '@/core/units';
import { describe, expect, it } from 'vitest';
import {
  type KnownSizes,
  type Making,
  NOTHING_LOST,
  type NumberName,
  WAYS,
  type Worked,
  limitWords,
  oddsWords,
  size,
  withoutRim,
  working,
} from '.';

/** Figures with all their digits, so that what is shown can be worked out again. */
const writers = { length: (mm: number) => `${mm} mm`, mass: (g: number) => `${g} g`, volume: (ml: number) => `${ml} ml` };

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, heightShrinkagePercent: 13 });
const EVERYTHING = { ...WAYS.trimmed, wholeWall: 1, carveDepth: 0.7, carveHeight: 30, rimGround: 1, attachedMass: 40 } satisfies Making;

function worked(
  family: FamilyName,
  making: Making,
  known: KnownSizes,
  sizes: Partial<Record<SizeName, number>> = {},
  own: ClayFigures = clay,
): Worked {
  const form = formOf({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });
  // a disc has no rim to cut
  const goes = family === 'disc' ? withoutRim(making) : making;
  return { clay: own, known, making: goes, sized: size(own, form, 'glazed', goes), sure: { odds: 0.9, tool: 'gauge' as const } };
}

/** A sum, product or quotient as it stands in a line, its words left out. */
function sumOf(text: string): number {
  const parts = text.replace(/(\d) (mm|g\/ml|ml|g)\b/g, '$1').match(/[-\d.e]*\d|[+×÷]/g) ?? [];
  let [total, held, by] = [0, 0, '+'];
  for (const part of parts) {
    if (/^[+×÷]$/.test(part)) by = part;
    else if (by === '×') held *= Number(part);
    else if (by === '÷') held /= Number(part);
    else [total, held] = [total + held, Number(part)];
  }
  return total + held;
}

const lines = (about: Worked, name: NumberName) => working(about, name, writers).lines;

describe('the arithmetic of a ball and what it weighs', () => {
  it.each(ROUND_FAMILIES)('of a %s adds up as it is shown', (family) => {
    for (const making of [NOTHING_LOST, WAYS.trimmed, EVERYTHING]) {
      const about = worked(family, making, {});
      const { masses } = about.sized;
      const [parts, thrown, ball] = lines(about, 'ball');
      const [left, right] = thrown!.split(' = ');
      expect(sumOf(parts!) / Number.parseFloat(thrown!)).toBeCloseTo(1, 9);
      // the density is shown to three places
      expect(sumOf(left!) / Number.parseFloat(right!)).toBeCloseTo(1, 3);
      expect(Number.parseFloat(right!)).toBe(masses.thrown);
      expect(Number.parseFloat(ball!.split(/[=:]/)[1]!)).toBe(masses.ball);
      if (making.slurryPercent > 0) expect(masses.thrown / Number.parseFloat(ball!.slice(2)) / masses.ball).toBeCloseTo(1, 3);
      else expect(ball).toContain('no slurry loss');
      for (const none of parts!.split(' + ')) expect(sumOf(none)).toBeGreaterThan(0);
    }
  });

  it('says at each stage what is gone, and no more', () => {
    const about = worked('cylinder', EVERYTHING, {});
    const { masses } = about.sized;
    const all = lines(about, 'mass@glazed');
    expect(all).toHaveLength(4);
    expect(all[0]).toContain('40 g attached');
    expect(lines(worked('cylinder', WAYS.trimmed, {}), 'mass@wet')[0]).not.toContain('attached');
    const said = (stage: Stage) =>
      lines(about, `mass@${stage}`).map((line) => Number(/([\d.]+) g(?: |$)(?!.*[\d.]+ g(?: |$))/.exec(line)?.[1]));
    expect(said('wet')).toEqual([masses.trimmed]);
    expect(said('leather')).toEqual([masses.trimmed, masses.leather]);
    expect(said('dry')).toEqual([masses.trimmed, masses.dry]);
    expect(said('bisque')).toEqual([masses.trimmed, masses.dry, masses.glazed]);
    expect(all.slice(0, 3)).toEqual(lines(about, 'mass@bisque'));
    expect(all[1]).toContain('21% water');
    expect(all[2]).toContain('7% lost');
  });
});

describe('the arithmetic of a size', () => {
  const known: KnownSizes = {
    height: [{ mm: 120, at: 'glazed' }],
    rimDiameter: [{ mm: 104, at: 'wet' }],
    baseDiameter: [{ mm: 84, at: 'dry', free: true }],
  };
  const about = worked('cylinder', WAYS.trimmed, known);

  it('from the stage it is known at to any other comes to what the table says', () => {
    for (const name of ['height', 'rimDiameter', 'baseDiameter'] as const)
      for (const stage of STAGES) {
        const there = about.sized.stages[stage].sizes[name]!;
        const shown = lines(about, `${name}@${stage}`);
        if (stage === known[name]![0].at) {
          const typed = `You entered ${there} mm. The other stages follow from it.`;
          expect(shown).toEqual([name === 'baseDiameter' ? `Not entered. ${there} mm follows the other sizes until you enter it.` : typed]);
          continue;
        }
        const [before, after] = shown[3]!.split(' = ');
        expect(Number.parseFloat(after!)).toBe(there);
        expect(sumOf(before!) / there).toBeCloseTo(1, 4);
        expect(shown[0]).toContain(name === 'baseDiameter' ? 'scales with the rest' : 'You entered');
        expect(shown.some((line) => line === 'Wet is the full 100.')).toBe(stage === 'wet' || known[name]![0].at === 'wet');
      }
  });

  it('tells what is left of 100 by the shrinkage of its own direction', () => {
    expect(lines(about, 'height@wet')[1]).toBe('Of 100 wet, 87 is left at finished.');
    expect(lines(about, 'rimDiameter@glazed')[2]).toBe('Of 100 wet, 88.5 is left at finished.');
  });

  it('says whose word the shrinkage is', () => {
    const bars = Array.from({ length: 4 }, () => ({ wet: 100, glazed: 88.5, tool: 'caliper' as const }));
    const sources = [
      [clayFigures({ kind: 'stoneware' }), 'typical figures for this kind of clay'],
      [clay, 'the supplier'],
      [clayFigures({ kind: 'stoneware', bars }), 'measured bars'],
    ] as const;
    for (const [own, words] of sources)
      expect(lines(worked('cylinder', WAYS.trimmed, known, {}, own), 'height@wet').join(' ')).toContain(`Shrinkage from ${words}`);
  });

  it('gives the clay’s doubt and the hand’s apart, each narrower than both', () => {
    const shown = lines(about, 'height@wet');
    const ranges = shown
      .slice(-2)
      .join(' ')
      .matchAll(/([\d.]+) mm to ([\d.]+) mm/g);
    const [both, clays, hands] = [...ranges].map(([, low, high]) => Number(high) - Number(low));
    expect(Math.max(clays!, hands!)).toBeLessThan(both!);
    expect(both!).toBeLessThan(clays! + hands!);
  });

  it('that nobody entered is outside less the wall, or as thick as the wall', () => {
    const [inside] = lines(about, 'mouthInside@glazed');
    const { sizes } = about.sized.stages.glazed;
    expect(inside).toContain(`${sizes.rimDiameter} mm outside`);
    expect(inside).toContain(`: ${sizes.mouthInside} mm.`);
    const [, each] = /both sides, ([\d.]+) mm each/.exec(inside!)!;
    expect(sizes.rimDiameter - 2 * Number(each)).toBeCloseTo(sizes.mouthInside!, 9);
    expect(lines(about, 'wallAtFoot@glazed')).toEqual([`Nothing is entered for it: it is as thick as the wall, ${sizes.wall} mm.`]);
  });

  it('that has limits says them, what is aimed at, and how many end inside', () => {
    const within = (limit: { least?: number; most?: number }) =>
      lines(worked('cylinder', WAYS.trimmed, { height: [{ ...limit, at: 'glazed' }] }, { height: 120 }), 'height@wet');
    const [range, aimed, held] = within({ least: 118, most: 122 });
    expect(range).toBe('Your limit: from 118 mm to 122 mm finished.');
    expect(aimed).toMatch(/^Target, in the middle: /);
    expect(held).toMatch(/wet stays within the limit in \d+ in \d+/);
    expect(within({ most: 130 })[1]).toMatch(/^Target so that 9 in 10 stay within it: /);
    expect(within({ most: 130 })[2]).not.toContain('No other size does better');
    expect(within({ least: 119.99, most: 120.01 })[2]).toContain('No other size does better');
  });
});

describe('the arithmetic of what is thrown', () => {
  it('adds what goes to what stays, for every round form and way', () => {
    for (const family of ROUND_FAMILIES)
      for (const making of [NOTHING_LOST, WAYS.trimmed, EVERYTHING] as readonly Making[]) {
        const about = worked(family, making, {});
        const { thrown } = about.sized;
        const shown = (name: NumberName) => {
          const all = lines(about, name);
          const sum = sumOf(all[0]!.replace('twice ', '2 × '));
          const told = Number.parseFloat(all[1]!.slice(2));
          expect(sum, `${name} of ${family}: ${all.join(' ')}`).toBeCloseTo(told, 9);
          return told;
        };
        expect(shown('gauge')).toBe(thrown.gauge);
        expect(shown('pulled')).toBe(thrown.pulled);
        expect(shown('thrownFloor')).toBe(thrown.floor);
        expect(lines(about, 'gauge')[0]!.includes('ground')).toBe((about.making.rimGround ?? 0) > 0);
        expect(Number.parseFloat(lines(about, 'thrownBase')[1]!.slice(2))).toBe(thrown.base);
        if (about.sized.volumes.hollow > 0) expect(lines(about, 'thrownFloor')[0]).toContain('over the foot ring');
        else expect(lines(about, 'thrownFloor')[0]).not.toContain('ring');
      }
  });

  it('shows twice what is trimmed beside a foot', () => {
    const about = worked('cylinder', WAYS.trimmed, {});
    const [, foot, beside] = /^([\d.]+) mm trimmed wet base \+ twice ([\d.]+) mm/.exec(lines(about, 'thrownBase')[0]!)!;
    expect(Number(foot) + 2 * Number(beside)).toBeCloseTo(about.sized.thrown.base, 9);
    expect(Number(foot)).toBeCloseTo(about.sized.stages.wet.sizes.baseDiameter!, 9);
  });

  it('of what it holds is one figure', () => {
    const about = worked('cylinder', WAYS.trimmed, {});
    expect(lines(about, 'capacity')[0]).toContain(`${about.sized.capacityMl} ml`);
  });
});

describe('the arithmetic of a ball in any units', () => {
  const systems: readonly UnitChoice[] = (['g', 'lb-oz'] as const).flatMap((mass) =>
    (['ml', 'fl-oz'] as const).flatMap((volume) => (['us', 'imperial'] as const).map((flOz) => ({ ...METRIC, mass, volume, flOz }))),
  );
  const shown = (choice: UnitChoice) => ({
    length: (mm: number) => text(writeLength(mm, choice)),
    mass: (g: number) => text(writeMass(g, choice)),
    volume: (ml: number) => text(writeVolume(ml, choice)),
    density: (gPerMl: number) => writeDensity(gPerMl, choice),
    weighed: (g: number) => text(writeMass(handMass(g, choice), choice)),
  });
  /** Grams or ounces as they are told, pounds among them. */
  const weight = (told: string): number => {
    const [, pounds = '0', rest] = /^(?:([\d.]+) lb )?([\d.]+) (?:g|oz)/.exec(told)!;
    return Number(pounds) * 16 + Number(rest);
  };

  it.each(systems)('multiplies out and adds up as it is written: %j', (choice) => {
    for (const family of ROUND_FAMILIES) {
      const about = worked(family, family === 'disc' ? WAYS.thickness : EVERYTHING, {});
      const [parts, thrown, ball] = working(about, 'ball', shown(choice)).lines as [string, string, string];
      const figures = [...parts.matchAll(/([\d.]+) (?:ml|fl oz)/g)].map(([, each]) => Number(each));
      const [, volume, density, told] = /^([\d.]+) (?:ml|fl oz) × ([\d.]+) [a-z/ ]+ = (.*) on the bat$/.exec(thrown)!;
      expect(figures.reduce((all, each) => all + each, 0)).toBeCloseTo(Number(volume), 6);
      const step = choice.volume === 'ml' ? 1 : 0.1;
      // to half a step of what is written
      expect(Math.abs(Number(volume) * Number(density) - weight(told!))).toBeLessThan((step / 2) * Number(density) + 0.6);
      const said = /= ([^,]*)(?:, rounded to (.*))?$/.exec(ball)!;
      expect(said[2] ?? said[1]).toBe(shown(choice).weighed(about.sized.masses.ball));
    }
  });
});

describe('words', () => {
  it('of limits and odds are as people say them', () => {
    const length = (mm: number) => `${mm}`;
    expect([
      limitWords({ least: 4, most: 8, at: 'wet' }, length),
      limitWords({ most: 8, at: 'wet' }, length),
      limitWords({ least: 4, at: 'wet' }, length),
    ]).toEqual(['from 4 to 8', 'at most 8', 'at least 4']);
    expect([0, 0.09, 0.1, 0.3, 0.55, 0.9, 0.925, 0.93, 0.95, 0.985, 0.986, 0.99, 1].map(oddsWords)).toEqual([
      'fewer than 1 in 10',
      'fewer than 1 in 10',
      '1 in 10',
      '3 in 10',
      '5 in 10',
      '9 in 10',
      '9 in 10',
      '9 in 10',
      '95 in 100',
      '98 in 100',
      '98 in 100',
      '99 in 100',
      '100 in 100',
    ]);
  });
});
