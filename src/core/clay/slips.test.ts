import { describe, expect, it } from 'vitest';
import { type Sample, slipsOf } from '.';

const asked = (lengths: Sample['lengths'], more: Partial<Pick<Sample, 'tool' | 'sure'>> = {}) =>
  slipsOf({ lengths, tool: 'caliper', ...more });

describe('a slip of the pen', () => {
  it('names the stage it disagrees with: the one measured last before it', () => {
    expect(asked({ wet: [100], glazed: [101] })[0]).toMatchObject({ stage: 'glazed', against: 'wet' });
    expect(asked({ wet: [100], dry: [94], glazed: [95] })[0]).toMatchObject({ stage: 'glazed', against: 'dry' });
    // a wrong one is what the next is held against, so one slip is asked about from both sides
    expect(asked({ wet: [100], dry: [9.4], glazed: [88] }).map(({ stage, kind }) => [stage, kind])).toEqual([
      ['dry', 'tenfold'],
      ['glazed', 'tenfold'],
    ]);
  });

  it('lets a quarter go and no more', () => {
    expect(asked({ wet: [100], glazed: [75] })).toEqual([]);
    expect(asked({ wet: [100], glazed: [74.9] })[0]).toMatchObject({ kind: 'shrank too much', against: 'wet' });
  });

  it('leaves a caliper its tenth and a ruler its half millimetre', () => {
    expect(asked({ wet: [100], leather: [100.1] })).toEqual([]);
    expect(asked({ wet: [100], leather: [100.2] })[0]).toMatchObject({ kind: 'grew' });
    expect(asked({ wet: [100], leather: [100.5] }, { tool: 'ruler' })).toEqual([]);
    expect(asked({ wet: [100], leather: [100.6] }, { tool: 'ruler' })[0]).toMatchObject({ kind: 'grew' });
  });

  it('guesses centimetres, a point too far and inches, where the guess is likely', () => {
    const meant = (glazed: number) => asked({ wet: [100], glazed: [glazed] })[0]?.meant;
    expect(meant(8.8)).toBeCloseTo(88, 9);
    expect(meant(880)).toBeCloseTo(88, 9);
    expect(meant(3.46)).toBeCloseTo(87.884, 9);
    // a tenth of what it was, or no likely length in any unit: asked about without a guess
    expect(meant(7)).toBeUndefined();
    expect(asked({ wet: [100], glazed: [7] })[0]).toMatchObject({ kind: 'shrank too much' });
    expect(meant(1100)).toBeUndefined();
    // within two in the hundred it is another reading of the same length, no other unit
    expect(asked({ wet: [100], glazed: [10.2] })[0]).toMatchObject({ kind: 'tenfold', meant: 102 });
    expect(asked({ wet: [100], glazed: [10.21] })[0]).toMatchObject({ kind: 'shrank too much' });
  });

  it('is asked once: what is said to be right is asked no more, the others are', () => {
    const lengths = { wet: [100], dry: [120], glazed: [50] } as const;
    expect(asked(lengths).map(({ stage }) => stage)).toEqual(['dry', 'glazed']);
    expect(asked(lengths, { sure: ['dry'] }).map(({ stage }) => stage)).toEqual(['glazed']);
    expect(asked(lengths, { sure: ['dry', 'glazed'] })).toEqual([]);
  });
});
