export { Act } from './button';
export { Choice } from './choice';
export { FigureInput, type FigureInputProps } from './figure-input';
export { LengthInput, stepOf } from './length-input';
export { NameInput } from './name-input';
export { RefusalScope, useAnyRefused } from './refusals';
export { TextInput } from './text-input';
export { LabelledChoice } from './labelled-choice';
export { OptionalInput } from './optional-input';
