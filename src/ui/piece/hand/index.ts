/** What only a piece made by hand needs: fetched when one is opened, not before. */
export { handWorking, weighed } from '@/core/workspace';
