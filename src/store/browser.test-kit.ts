import { beforeEach } from 'vitest';
import { WorkspaceStore } from '.';
import { RimbetDatabase } from './db';

let browsers = 0;

/** A browser of its own for each test, with nothing in it. */
export function ownBrowser() {
  const browser = {
    database: '',
    /** A tab of it that is not open yet. */
    alone: () => new WorkspaceStore(new RimbetDatabase(browser.database), undefined),
    /** A tab of it, open. */
    opened: async () => {
      const store = browser.alone();
      await store.open();
      return store;
    },
  };
  beforeEach(() => {
    browsers += 1;
    browser.database = `browser-${browsers}`;
  });
  return browser;
}
