import config from './playwright.config';
export default { ...config, expect: { timeout: 6_000 }, timeout: 60_000, use: { ...config.use, actionTimeout: 8_000 } };
