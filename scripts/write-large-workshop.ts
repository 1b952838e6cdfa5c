/** A large workshop of `npm run bench`, as a file on the standard output: so many plans, bars and pieces made. */
import { largeWorkshop } from './lib/large-workshop';

const [plans = 2000, bars = 10_000, pieces] = process.argv.slice(2).map(Number);
process.stdout.write(largeWorkshop(plans, bars, pieces));
