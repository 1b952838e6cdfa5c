import config from '../playwright.config';
import { PLACES, expect, muddled, saved, test, visit } from './app';

const launch = config.use!.launchOptions as { readonly executablePath: string; readonly args: string[] };

// as somebody has it who reads large type, in the settings of the browser
test.use({ launchOptions: { ...launch, args: [...launch.args, '--blink-settings=defaultFontSize=32'] } });

for (const [device, viewport] of Object.entries({ 'a desk': { width: 1280, height: 800 }, 'a phone': { width: 390, height: 844 } })) {
  test.describe(`text twice as large, on ${device}`, () => {
    test.use({ viewport });

    test('no words run over others, in any place', async ({ page }) => {
      for (const place of ['/', ...PLACES]) {
        await visit(page, place);
        await saved(page);
        await expect.poll(() => muddled(page, 'header, main'), { message: place }).toEqual([]);
      }
      expect(await page.evaluate(() => getComputedStyle(document.documentElement).fontSize)).toBe('32px');
    });
  });
}
