/** Before the tests of `npm run mutants`: that a property fails is all that is asked there, not by how small an example. */
import fc from 'fast-check';

fc.configureGlobal({ endOnFailure: true });
