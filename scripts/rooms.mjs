/** Holds the rooms of the house (docs/architecture.md): dependency-cruiser, and an error if it saw nothing. */
import { cruise } from 'dependency-cruiser';
import extractOptions from 'dependency-cruiser/config-utl/extract-depcruise-options';
import extractTsConfig from 'dependency-cruiser/config-utl/extract-ts-config';
import rules from '../.dependency-cruiser.mjs';

const options = await extractOptions('./.dependency-cruiser.mjs');
const tsConfig = extractTsConfig('tsconfig.json');
const { output } = await cruise(['src'], { ...options, ruleSet: rules, validate: true }, undefined, { tsConfig });
const { totalCruised, violations } = output.summary;
for (const { rule, from, to } of violations) console.error(`${rule.name}: ${from} -> ${to}`);
if (totalCruised === 0) console.error('No modules were read.');
console.log(`${totalCruised} modules, ${violations.length} out of place`);
process.exit(totalCruised === 0 || violations.length > 0 ? 1 : 0);
