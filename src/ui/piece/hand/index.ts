/** What only a piece made by hand needs: fetched when one is opened, not before. */
export { weighed } from '@/core/part';
export { handWorking } from '@/core/telling';
