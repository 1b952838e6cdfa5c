/**
 * In place of fast-check for `npm run mutants`: a property is tried on a few examples, and a failure is not made small. That it fails is
 * all that is asked there; what a property finds only after many examples counts as not noticed.
 */
import fc from '../../node_modules/fast-check/lib/fast-check.js';

export * from '../../node_modules/fast-check/lib/fast-check.js';

const RUNS = Number(process.env.MUTANT_RUNS ?? 20);
const fewer = (options = {}) => ({ ...options, numRuns: Math.min(options.numRuns ?? 100, RUNS), endOnFailure: true });

export default { ...fc, assert: (property, options) => fc.assert(property, fewer(options)) };
