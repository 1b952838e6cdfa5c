export { OwnMeasures } from './own-measures';
export { PrintSetting } from './print-setting';
export { Printed, fileName } from './printed';
export { RuleCheck } from './rule-check';
export { RuleMaker, useRule } from './rule-maker';
export { setShop, useBench } from './use-bench';
export { usePages } from './use-pages';
