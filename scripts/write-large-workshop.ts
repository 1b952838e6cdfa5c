/** The large workshop of `npm run bench`, as a file on the standard output. */
import { largeWorkshop } from './lib/large-workshop';

process.stdout.write(largeWorkshop(2000, 10_000));
