import type { Page } from '@playwright/test';
import { chooseUnits, eachSection, expect, fromHere, resize, room, test, visit } from './app';

// what is told longest is looked at between the two as well
const WIDTHS = [390, 1024, 1280];
const NARROW = [390, 1280];
const WITH_UPRIGHT_TABLET = [390, 820, 1280];

const SYSTEMS = {
  'millimetres and grams': {
    widths: WIDTHS,
    lengths: 'mm',
    weights: 'g',
    volumes: 'ml',
    foreign: /\d[ \u00a0]?(cm(?!²)|in(?! (\d|this))|oz|lb)\b/,
  },
  'centimetres and grams': {
    widths: NARROW,
    lengths: 'cm',
    weights: 'g',
    volumes: 'ml',
    foreign: /\d[ \u00a0]?(mm|in(?! (\d|this))|oz|lb)\b/,
  },
  'inches in fractions': {
    widths: WIDTHS,
    lengths: 'inch-fraction',
    weights: 'lb-oz',
    volumes: 'us',
    // nor in finer fractions than the sixteenths chosen from 3/16 on, but where what fits lies between two of them
    foreign: /\d[ \u00a0]?(mm|cm|g|kg|ml)\b(?!\/)|\d[ \u00a0]\d+\/(32|64)\b|\b([7-9]|[1-3]\d)\/32\b|\b(1[3-9]|[2-6]\d)\/64\b/,
    finer: 'Lid or stopper',
  },
  'inches in decimals': { widths: NARROW, lengths: 'in', weights: 'lb-oz', volumes: 'us', foreign: /\d[ \u00a0]?(mm|cm|g|kg|ml)\b(?!\/)/ },
} as const;

const CLOSEST = new Set(['Every stage', 'Ball', 'Gauges', 'Lid or stopper', 'Test piece']);

const PLANS = { 'plan-yard-urn': 'Yard urn, own profile', 'plan-planter-box': 'Planter box', 'plan-skep-jar': 'Skep jar, coiled' };

/** Figures that do not fit where they stand: typed ones wider than their field, told ones wider than their box, broken ones. */
const clipped = (page: Page): Promise<string[]> =>
  page.locator('main').evaluate((main) => {
    const found: string[] = [];
    const { scrollWidth, clientWidth } = document.documentElement;
    if (scrollWidth > clientWidth + 1) found.push(`the page is ${scrollWidth} wide`);
    for (const input of main.querySelectorAll('input')) {
      // a figure, not a note or a name
      if (!/^(scant |full )?[\d.,/ ≤≥-]/.test(input.value)) continue;
      if (input.getBoundingClientRect().width > 0 && input.scrollWidth > input.clientWidth + 1)
        found.push(`${input.getAttribute('aria-label') ?? input.id}: ${input.value}`);
    }
    const walker = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode() as Text | null; node; node = walker.nextNode() as Text | null) {
      const holder = node.parentElement!;
      if (!/\d/.test(node.data) || holder.closest('svg, [tabindex="0"]') || holder.getBoundingClientRect().width === 0) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const { right, width } = range.getBoundingClientRect();
      if (width > 0 && right > document.documentElement.clientWidth + 1) found.push(`beyond the screen: ${node.data}`);
      const panel = holder.closest('section, aside, td, [data-answer]');
      if (panel && width > 0 && right > panel.getBoundingClientRect().right + 2) found.push(`beyond its place: ${node.data}`);
      // a figure with its fraction stays on one line
      for (const { 0: figure, index } of node.data.matchAll(/\d[\d.]*(?:[ \u00a0]\d+\/\d+)/g)) {
        range.setStart(node, index);
        range.setEnd(node, index + figure.length);
        if (range.getClientRects().length > 1) found.push(`broken: ${figure}`);
      }
    }
    return found;
  });

/** What is told in other units than those chosen. Notes are the maker's own words; bars are measured in mm, as it says there. */
async function mixed(page: Page, foreign: RegExp): Promise<string[]> {
  const lines = await page.locator('main').evaluate((main) => {
    const copy = main.cloneNode(true) as HTMLElement;
    for (const own of copy.querySelectorAll('textarea, details, option, [data-own-unit]')) own.remove();
    document.body.append(copy);
    const text = copy.innerText;
    copy.remove();
    return text.split('\n');
  });
  // the note is the maker's own
  return lines.filter((line) => foreign.test(line) && !line.includes('beech stopper'));
}

/** Where the application goes without loading a page: each by a link of its own. */
const PLACES = ['Pieces', 'Clay', 'Compare clays', 'Kit', 'Shelves'];

for (const [name, system] of Object.entries(SYSTEMS)) {
  test(`in ${name} no figure is cut off or told in another unit, at any width`, async ({ page }) => {
    await visit(page);
    await chooseUnits(page, system);
    const faults: string[] = [];
    const look = async (where: string, widths: readonly number[] = NARROW) => {
      for (const width of fromHere(page, widths)) {
        await resize(page, { width, height: 900 });
        faults.push(...(await clipped(page)).map((each) => `${where}, ${width}: ${each}`));
      }
      if ('finer' in system && where.endsWith(system.finer)) return;
      faults.push(...(await mixed(page, system.foreign)).map((each) => `${where}: ${each}`));
    };
    const seen = new Set<string>();
    // a decimal is as long in any unit: where figures stand closest is enough
    const closest = system.widths === NARROW ? CLOSEST : undefined;
    // what is told longest, fractions, is looked at for every way of making
    const plans = Object.entries(PLANS).slice(0, name === 'inches in fractions' ? undefined : 1);
    for (const [plan, called] of plans) {
      await page.evaluate((id) => history.pushState(null, '', `/?plan=${id}`), plan);
      await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue(called);
      await eachSection(
        page,
        async (words) => {
          if (seen.has(words) && words !== 'Every stage') return;
          seen.add(words);
          await look(`${plan}, ${words}`, CLOSEST.has(words) ? system.widths : NARROW);
        },
        closest,
      );
    }
    for (const place of PLACES) {
      await page.getByRole('link', { name: place, exact: true }).click();
      await expect(page.getByRole('heading', { level: 1, name: place })).toBeVisible();
      await look(place, WITH_UPRIGHT_TABLET);
    }
    await visit(page, '/wheel?plan=plan-yard-urn');
    await look('wheel');
    expect(faults).toEqual([]);
  });
}

test('a fraction is told as large as a figure in millimetres', async ({ page }) => {
  await visit(page);
  const size = () => page.locator('[data-answer="gauge"] > span').evaluate((figure) => parseFloat(getComputedStyle(figure).fontSize));
  const metric = await size();
  await chooseUnits(page, SYSTEMS['inches in fractions']);
  await expect(page.locator('[data-answer="gauge"]')).toHaveText('5 9/16 in');
  expect(await size()).toBeGreaterThan(metric * 0.9);
});

test('an example of what to type is in the units that are read', async ({ page }) => {
  await visit(page);
  await chooseUnits(page, SYSTEMS['inches in fractions']);
  await visit(page, '/shelves?view=measure');
  await expect(page.getByText('For an oval mouth')).toContainText('In inches. For an oval mouth enter both widths: 3.701; 3.669.');
});

test('a rule that reads inches takes 9 as inches', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools', 'Shrink rule');
  await page.getByLabel('Reads', { exact: true }).selectOption('inches');
  await page.getByLabel('Rule reads up to', { exact: true }).fill('9');
  // nine inches are 228.6, longer by the clay's shrinkage 258, and its ends
  const rule = page.getByRole('region', { name: 'Shrink rule' });
  await expect(rule.getByRole('heading')).toContainText(/^Shrink\srule\s2[67]\d\smm\s×/);
});
