export { type CastWork, type SlipWork, castOf, mouldsToPour, USUAL_CAST } from './cast-work';
