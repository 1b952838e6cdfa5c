import { DEMO } from '@/core/example';
import type { Page } from '@playwright/test';
import { chooseUnits, expect, followed, fromHere, resize, room, sectionNames, test, visit } from './app';

const WIDTHS = [1280, 1024, 390];

/** What is wrong with the drawing as it stands: leaders that cross words, figures, lines or each other, and words over words or off the sheet. */
const faults = (page: Page): Promise<string[]> =>
  page.getByTestId('drawing').evaluate((drawing) => {
    type At = readonly [number, number];
    type Line = readonly [At, At];
    const svg = drawing.querySelector('svg.drawn-sheet')!;
    const sheet = svg.getBoundingClientRect();

    const linesOf = (path: Element): Line[] => {
      const lines: Line[] = [];
      let [x, y] = [0, 0];
      for (const [, command, rest] of path.getAttribute('d')!.matchAll(/([MLHV])([^MLHVZ]*)/g)) {
        const from: At = [x, y];
        const [first = 0, second = 0] = rest!
          .trim()
          .split(/[\s,]+/)
          .map(Number);
        if (command === 'V') y = first;
        else x = first;
        if (command === 'M' || command === 'L') y = second;
        if (command !== 'M') lines.push([from, [x, y]]);
      }
      return lines;
    };
    const side = ([a, b]: Line, p: At) => Math.sign((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]));
    const cross = (a: Line, b: Line) => side(a, b[0]) * side(a, b[1]) < 0 && side(b, a[0]) * side(b, a[1]) < 0;

    const told: { what: string; box: DOMRect }[] = [];
    const walker = document.createTreeWalker(drawing, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const range = document.createRange();
      range.selectNodeContents(walker.currentNode);
      const box = range.getBoundingClientRect();
      if (box.width > 0) told.push({ what: walker.currentNode.textContent!, box });
    }
    const pen = drawing.appendChild(document.createElement('span'));
    pen.style.cssText = 'position: absolute; white-space: pre';
    for (const input of drawing.querySelectorAll('input')) {
      const style = getComputedStyle(input);
      const { left, right, top, height } = input.getBoundingClientRect();
      for (const each of ['fontWeight', 'fontSize', 'fontFamily', 'fontStretch', 'fontVariantNumeric', 'letterSpacing'] as const)
        pen.style[each] = style[each];
      pen.textContent = input.value;
      const { width } = pen.getBoundingClientRect();
      const spare = right - left - width;
      const x = left + (style.textAlign === 'center' ? spare / 2 : style.textAlign === 'right' ? spare : 0);
      const tall = Math.min(height, parseFloat(style.fontSize));
      told.push({ what: `${input.ariaLabel} ${input.value}`, box: new DOMRect(x, top + (height - tall) / 2, width, tall) });
    }
    pen.remove();
    const found: string[] = [];
    told.forEach(({ what, box }, i) => {
      if (box.left < sheet.left - 1 || box.right > sheet.right + 1 || box.top < sheet.top - 3 || box.bottom > sheet.bottom + 1)
        found.push(`${what} is off the sheet`);
      for (const other of told.slice(i + 1)) {
        const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
        const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
        if (wide > 1 && high > 2) found.push(`${what} over ${other.what}`);
      }
    });
    const leaders = [...svg.querySelectorAll('[data-leader] path')].flatMap(linesOf);
    const drawn = [...svg.querySelectorAll('path')].filter((path) => !path.closest('[data-leader], [data-clay], defs')).flatMap(linesOf);
    leaders.forEach((leader, i) => {
      const places = leader.flat().map(Math.round).join(' ');
      if (drawn.some((line) => cross(leader, line))) found.push(`leader ${places} through a line`);
      if (leaders.slice(i + 1).some((other) => cross(leader, other))) found.push(`leader ${places} through a leader`);
      for (const { what, box } of told) {
        const [left, right, top, bottom] = [box.left - sheet.left, box.right - sheet.left, box.top - sheet.top, box.bottom - sheet.top];
        const diagonals: Line[] = [
          [
            [left, top],
            [right, bottom],
          ],
          [
            [left, bottom],
            [right, top],
          ],
        ];
        if (diagonals.some((line) => cross(leader, line))) found.push(`leader ${places} through ${what}`);
      }
    });
    return found;
  });

const SYSTEMS = {
  millimetres: { lengths: 'mm', weights: 'g', volumes: 'ml' },
  'inches in fractions': { lengths: 'inch-fraction', weights: 'lb-oz', volumes: 'us' },
};

for (const [name, system] of Object.entries(SYSTEMS)) {
  test(`in ${name} the drawing of every form and piece can be read: no word over another, no leader through words or lines`, async ({
    page,
  }) => {
    await visit(page);
    await chooseUnits(page, system);
    const found: string[] = [];
    const look = async (what: string, inRoom: string, section: string) => {
      await room(page, inRoom);
      const own = sectionNames(page, inRoom).getByRole('button', { name: section, exact: true });
      // a piece built by hand has no ball: its sizes alone are drawn
      if ((await own.count()) === 0) return look(what, 'Sizes', 'Every stage');
      await own.click();
      await followed(page);
      // what it meets is drawn the same way at any width: where there is most and least room is enough
      for (const width of fromHere(page, inRoom === 'Fit' ? [WIDTHS[0]!, WIDTHS.at(-1)!] : WIDTHS)) {
        await resize(page, { width, height: 800 });
        found.push(...(await faults(page)).map((fault) => `${what}, ${inRoom}, ${width}: ${fault}`));
      }
    };
    const forms = await page.getByLabel('Form', { exact: true }).locator('option').allTextContents();
    for (const form of forms) {
      await page.getByLabel('Form', { exact: true }).selectOption(form);
      // where it is made, what is cut and trimmed away is marked as well; where it must fit, what it meets is drawn
      await look(form, 'Make', 'Ball');
      await look(form, 'Fit', 'Lid or stopper');
    }
    for (const { id, name: called } of DEMO.plans) {
      await page.evaluate((plan) => history.pushState(null, '', `/?plan=${plan}`), id);
      await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue(called);
      await look(called, 'Make', 'Ball');
      await look(called, 'Fit', 'Lid or stopper');
    }
    expect(found).toEqual([]);
  });
}

test('a screen that is turned shows the drawing at its width at once: not one frame is painted with the page wider', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await visit(page);
  await expect(page.getByTestId('drawing').locator('svg').first()).toBeVisible();
  // a message sent before a frame is painted arrives when it is
  const turned = await page.evaluateHandle(() => ({
    over: new Promise<number>((tell) => {
      addEventListener('resize', () =>
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => tell(document.documentElement.scrollWidth - document.documentElement.clientWidth);
          port2.postMessage('painted');
        }),
      );
    }),
  }));
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await turned.evaluate(({ over }) => over)).toBe(0);
});
