export { OwnMeasures } from './own-measures';
export { PrintSetting } from './print-setting';
export { Printed } from './printed';
export { RuleCheck } from './rule-check';
export { RuleMaker } from './rule-maker';
export { setShop, useBench } from './use-bench';
