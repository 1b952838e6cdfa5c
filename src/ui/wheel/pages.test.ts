import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import { DEMO } from '@/core/example';
import { clayOf, handOf, handWork, matterIn, sizePart } from '@/core/part';
import type { Units } from '@/ui/state';
import { describe, expect, it } from 'vitest';
import { handPages, spoken, wheelPages } from './pages';

const units: Units = {
  choice: METRIC,
  readLength: { unit: 'mm', fractionsNeedUnit: true },
  readMass: { unit: 'g' },
  readVolume: { unit: 'ml' },
  length: (mm) => text(writeLength(mm, METRIC)),
  plain: (mm) => text(writeLength(mm, METRIC)),
  mass: (g) => text(writeMass(g, METRIC)),
  volume: (ml) => text(writeVolume(ml, METRIC)),
  apart: (mm) => text(writeLength(mm, METRIC)),
};

const pagesOf = (id: string) => {
  const [part] = DEMO.plans.find((plan) => plan.id === id)!.parts;
  const worked = sizePart(part, clayOf(DEMO, part).figures, String, matterIn(DEMO));
  if (!worked.ok) throw new Error(worked.problem.message);
  const hand = handWork(part, worked.value, DEMO);
  return hand ? handPages(part, worked.value, hand, clayOf(DEMO, part).body, units) : wheelPages(part, worked.value, units).pages;
};

describe('the pages at the wheel', () => {
  const thrown = DEMO.plans.filter(({ parts: [part] }) => handOf(part) === 'wheel');
  const built = DEMO.plans.filter(({ parts: [part] }) => handOf(part) !== 'wheel');

  it.each(built.map(({ id, name }) => [name, id]))('of %s begin with all figures and end with drying, firing and looking', (_, id) => {
    const pages = pagesOf(id);
    expect(pages[0]).toMatchObject({ key: 'all' });
    expect(pages[0]!.figures[0]).toMatchObject({ words: 'weigh out' });
    expect(pages.slice(-4).map(({ key }) => key)).toEqual(['dry', 'fire', 'look', 'run']);
    expect(new Set(pages.map(({ key }) => key)).size).toBe(pages.length);
    for (const { key, figures, words = [] } of pages) if (key !== 'run') expect(figures.length + words.length, key).toBeGreaterThan(0);
  });

  it('of a coiled jar give every course its length, and stop where the plan stops', () => {
    const courses = pagesOf('plan-skep-jar').filter(({ key }) => key.startsWith('course-'));
    expect(courses.length).toBeGreaterThan(10);
    expect(courses.every(({ figures }) => figures.length === 3)).toBe(true);
    expect(courses.some(({ cautions }) => cautions.length > 0)).toBe(true);
  });

  it.each(thrown.map(({ id, name }) => [name, id]))('of %s begin with all figures and end with the tester', (_, id) => {
    const pages = pagesOf(id);
    expect(pages[0]).toMatchObject({ key: 'all' });
    expect(pages[0]!.figures).toHaveLength(4);
    expect(pages.slice(-2).map(({ key }) => key)).toEqual(['tester', 'run']);
    expect(pages.map(({ key }) => key).slice(1, 3)).toEqual(['ball', 'puck']);
    for (const { key, figures } of pages) if (key !== 'tester' && key !== 'run') expect(figures.length, key).toBeGreaterThan(0);
  });

  it('lead with the figures of the answer, rounded to what a hand can do', () => {
    expect(pagesOf('plan-honey-jar')[0]!.figures.map(({ figure }) => figure)).toEqual(['645 g', '141 mm', '94 mm', '12.5 mm']);
  });

  it('carry the cautions of their step', () => {
    const trim = pagesOf('plan-platter').find(({ key }) => key === 'trim')!;
    expect(trim.cautions.join(' ')).toMatch(/flip.*do not sweep/);
  });

  it('are read aloud in words', () => {
    const [all, ball] = pagesOf('plan-honey-jar');
    expect(spoken(all!)).toBe(
      'All figures. ball: 645 grams. rim above the bat: 141 millimetres. mouth, inside: 94 millimetres. Floor thickness: 12.5 millimetres',
    );
    expect(spoken(ball!)).toMatch(/^Ball\. 645 grams\. across \d+ millimetres/);
  });
});
