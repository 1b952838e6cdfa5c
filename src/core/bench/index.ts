export type { Gauge, Reading } from './gauge';
export { type CardWords, shelfCard } from './card';
export { type PlanRow, planTable } from './plan-table';
export { type GoMarks, USUAL_SETTING, type WheelSetting, gaugesOf, insideRib, profileRib, silhouette, strips } from './gauges';
export {
  type Mark,
  type RuleCheck,
  type RuleInput,
  type RuleUnit,
  type RuledClay,
  type Thumb,
  checkRule,
  copierPercent,
  enlargement,
  ruleMarks,
  rulesOfThumb,
  shrinkRule,
} from './rule';
export { type TemplateWords, template } from './templates';
export { boardsFor, mouldSheet } from './mould-sheet';
export { trimReadings } from './trim';
