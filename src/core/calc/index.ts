export { VERB_NAMES, type VerbName, calculate, isVerb, readJson } from './run';
export { refusal } from './refusal';
export { bodySchema, formSchema, joi, makingSchema } from './schema';
