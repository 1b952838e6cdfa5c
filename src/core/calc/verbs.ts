import type { Result } from '@/core/units';
import type Joi from 'joi';
import { beliefSchema, beliefVerb } from './belief';
import { castSchema, castVerb, plasterSchema, plasterVerb } from './cast';
import {
  coilsSchema,
  coilsVerb,
  cuttersSchema,
  cuttersVerb,
  formerSchema,
  formerVerb,
  handleSchema,
  handleVerb,
  templateSchema,
  templateVerb,
} from './hand';
import { fitSchema, fitVerb, pairSchema, pairVerb, seatSchema, seatVerb } from './fit';
import { learnSchema, learnVerb } from './learn';
import { lidSchema, lidVerb } from './lid';
import { parseSchema, parseVerb } from './parse';
import { rangeSchema, rangeVerb } from './range';
import { reverseSchema, reverseVerb } from './reverse';
import {
  extrasSchema,
  extrasVerb,
  matchSchema,
  matchVerb,
  scheduleSchema,
  scheduleVerb,
  stackSchema,
  stackVerb,
  worthSchema,
  worthVerb,
} from './sets';
import { sizeSchema, sizeVerb } from './size';
import {
  firingSchema,
  firingVerb,
  handLeanSchema,
  handLeanVerb,
  heightSchema,
  heightVerb,
  sagSchema,
  sagVerb,
  survivalSchema,
  survivalVerb,
} from './teaches';
import { solveSchema, solveVerb } from './solve';
import { runSchema, runVerb, slabsSchema, slabsVerb, thicknessSchema, thicknessVerb } from './work';

/** A verb of the headless contract: what it answers, a question that can be asked as it stands, what may be asked, and the answer. */
export interface Verb {
  readonly says: string;
  readonly example: object;
  readonly schema: Joi.ObjectSchema;
  readonly answer: (input: never) => Result<object>;
}

const CLAY = { kind: 'stoneware', shrinkagePercent: 11.5 };
const CUP = { family: 'cylinder', height: 120, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const EGG_CUP = { family: 'cylinder', height: 62, rimDiameter: 48, baseDiameter: 40, wall: 3.5, floor: 5 };

/** Every verb. docs/headless.md lists them from here; each example is asked in the tests, and no number of a question is without bounds. */
export const VERBS = {
  parse: {
    says: 'what a person typed: a length, weight, volume or percentage',
    example: { kind: 'length', text: '3 5/8 in' },
    schema: parseSchema,
    answer: parseVerb,
  },
  belief: {
    says: 'the estimated shrinkage of a clay',
    example: { body: { ...CLAY, bars: [{ wet: 100, glazed: 88.2, tool: 'caliper' }] } },
    schema: beliefSchema,
    answer: beliefVerb,
  },
  hand: {
    says: "how one maker's hand leans and spreads with a tool",
    example: {
      tool: 'gauge',
      readings: [
        { planned: 101.5, thrown: 99.7 },
        { planned: 101.5, thrown: 99.1 },
        { planned: 101.5, thrown: 100.3 },
      ],
    },
    schema: handLeanSchema,
    answer: handLeanVerb,
  },
  height: {
    says: 'the estimated shrinkage of a clay in height',
    example: { body: { ...CLAY, bars: [{ wet: 100, glazed: 87.4, tool: 'caliper', direction: 'height' }] } },
    schema: heightSchema,
    answer: heightVerb,
  },
  firing: {
    says: 'the estimated shrinkage for one firing, kiln and heat',
    example: {
      body: { ...CLAY, bars: [{ wet: 100, glazed: 88.1, tool: 'caliper', firing: 'a', kiln: 'old', temperatureC: 1240 }] },
      temperatureC: 1250,
    },
    schema: firingSchema,
    answer: firingVerb,
  },
  survival: {
    says: 'how many come out good, and how many to make',
    example: { lossPercent: 10, need: 12, odds: 0.9 },
    schema: survivalSchema,
    answer: survivalVerb,
  },
  sag: {
    says: 'how much a form sinks beyond what its clay shrinks',
    example: {
      body: CLAY,
      pieces: [
        { thrown: 60, fired: 51.4 },
        { thrown: 61, fired: 52.2 },
        { thrown: 60, fired: 51.6 },
      ],
    },
    schema: sagSchema,
    answer: sagVerb,
  },
  range: {
    says: 'the window of a length at a stage for a finished one',
    example: { body: CLAY, finished: 100, at: 'wet', odds: 0.9, toolSd: 0.5 },
    schema: rangeSchema,
    answer: rangeVerb,
  },
  size: {
    says: 'every size at every stage, the clay and what the piece holds',
    example: { body: CLAY, form: CUP },
    schema: sizeSchema,
    answer: sizeVerb,
  },
  reverse: {
    says: 'the piece that so much clay makes',
    example: { body: CLAY, form: CUP, ball: 600 },
    schema: reverseSchema,
    answer: reverseVerb,
  },
  solve: {
    says: 'the piece that holds so much',
    example: { body: CLAY, form: CUP, target: { capacityMl: 400, maxHeight: 150 } },
    schema: solveSchema,
    answer: solveVerb,
  },
  thickness: {
    says: 'the wall and floor to suggest for a size',
    example: { kind: 'stoneware', family: 'cylinder', by: 'wheel', width: 80, height: 95 },
    schema: thicknessSchema,
    answer: thicknessVerb,
  },
  slabs: {
    says: 'how parts lie on rolled slabs',
    example: { parts: [{ name: 'tile', width: 113, length: 113, count: 12 }], roller: 400 },
    schema: slabsSchema,
    answer: slabsVerb,
  },
  run: {
    says: 'the clay of a whole run, with what comes back',
    example: {
      pieces: 14,
      parts: [
        { name: 'mug', g: 420 },
        { name: 'handle', g: 60, succeedsPercent: 80 },
      ],
    },
    schema: runSchema,
    answer: runVerb,
  },
  template: {
    says: 'flat parts of a piece built of slabs',
    example: { body: CLAY, form: { ...CUP, family: 'box', rimAcross: 80, baseAcross: 80 }, slab: { darts: 4, overlap: 6 } },
    schema: templateSchema,
    answer: templateVerb,
  },
  coils: {
    says: 'courses of coils',
    example: { body: CLAY, form: CUP, pinchPercent: 20, gain: 1, thickness: 9 },
    schema: coilsSchema,
    answer: coilsVerb,
  },
  former: {
    says: 'what a slab pressed in a former finishes at',
    example: {
      body: CLAY,
      former: {
        measured: 'inside',
        points: [
          { height: 0, width: 90 },
          { height: 20, width: 140 },
          { height: 40, width: 170 },
        ],
      },
      thickness: 6,
    },
    schema: formerSchema,
    answer: formerVerb,
  },
  handle: {
    says: 'a handle for so many fingers',
    example: {
      body: CLAY,
      form: CUP,
      handle: { kind: 'strap', fingerWidth: 20, reach: 30, width: 24, thickness: 8, below: 5, kept: 0.8, pieces: 1, succeeds: 0.8 },
    },
    schema: handleSchema,
    answer: handleVerb,
  },
  cutters: {
    says: 'which cutters give a finished size',
    example: { body: CLAY, cutters: [{ id: 'round 80', shape: 'round', width: 80 }], finished: 70 },
    schema: cuttersSchema,
    answer: cuttersVerb,
  },
  fit: {
    says: 'the odds that a lid fits a pot, and its best width',
    example: {
      body: CLAY,
      pot: { at: 'wet', diameter: 100, toolSd: 0.5, ovalitySd: 0.6, glaze: 0.2 },
      lid: { at: 'wet', diameter: 98 },
      gap: { min: 0.5, max: 3 },
    },
    schema: fitSchema,
    answer: fitVerb,
  },
  seat: {
    says: 'how deep a stopper sits',
    example: { body: CLAY, pot: { at: 'wet', diameter: 94 }, stopper: { bottom: 76, top: 84, length: 30 }, share: { min: 0.1, max: 0.7 } },
    schema: seatSchema,
    answer: seatVerb,
  },
  lid: {
    says: 'the odds of a lid that is not round',
    example: {
      body: CLAY,
      plan: 'box',
      pot: { at: 'leather', length: 180, width: 110, radius: 12 },
      lid: { at: 'leather', length: 177.5, width: 107.5, radius: 11 },
      gap: { min: 0.8, max: 2.5 },
    },
    schema: lidSchema,
    answer: lidVerb,
  },
  pair: {
    says: 'which lid goes on which pot',
    example: { mouths: [71.8, 72.4, 73.1, 70.9], lids: [70.6, 71.5, 72.2, 69.2], gap: { min: 0.4, max: 2 } },
    schema: pairSchema,
    answer: pairVerb,
  },
  learn: {
    says: 'what pieces that were made teach',
    example: { body: CLAY, made: [{ planned: 104, thrown: 104.6, tool: 'ruler', fired: 92.1, firedTool: 'caliper' }] },
    schema: learnSchema,
    answer: learnVerb,
  },
  stack: { says: 'how pieces stand in each other', example: { form: CUP, count: 3 }, schema: stackSchema, answer: stackVerb },
  plaster: {
    says: 'the plaster and water of a mould',
    example: { boxMl: 2000, modelMl: 300, ratioPercent: 70, marginPercent: 5 },
    schema: plasterSchema,
    answer: plasterVerb,
  },
  cast: {
    says: 'the model, mould, plaster and slip of a cast piece',
    example: {
      body: CLAY,
      form: EGG_CUP,
      well: { height: 15, width: 6 },
      mould: { shape: 'round', diameter: 150, height: 120 },
      ratioPercent: 70,
      marginPercent: 5,
    },
    schema: castSchema,
    answer: castVerb,
  },
  match: {
    says: 'pieces sorted into sets',
    example: { pieces: [{ mouth: 82.1 }, { mouth: 83 }, { mouth: 81.7 }, { mouth: 84.9 }], setSize: 2, tolerance: { mouth: 2 } },
    schema: matchSchema,
    answer: matchVerb,
  },
  extras: {
    says: 'how many to make so that enough come out',
    example: { need: 10, odds: 0.9, lossPercent: 10, history: { made: 40, lost: 3 } },
    schema: extrasSchema,
    answer: extrasVerb,
  },
  schedule: {
    says: "the days of an order's steps",
    example: { due: '2026-12-18', steps: [{ name: 'throw', days: 2 }], workdays: [1, 2, 3], off: ['2026-12-07'] },
    schema: scheduleSchema,
    answer: scheduleVerb,
  },
  worth: {
    says: 'what an hour of the work brings',
    example: { price: 40, shopPercent: 40, costs: 3, minutes: 20, lossPercent: 10, wantPerHour: 30 },
    schema: worthSchema,
    answer: worthVerb,
  },
} satisfies Record<string, Verb>;
