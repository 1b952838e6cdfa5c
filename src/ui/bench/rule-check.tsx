'use client';

import { checkRule, copierPercent, enlargement, rulesOfThumb } from '@/core/bench';
import type { ClayFigures } from '@/core/clay';
import { readLength, text, unbroken, writeLength, writePercent } from '@/core/units';
import { LengthInput } from '@/ui/fields';
import { useUnits } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';

const FIELD = { width: '4.75rem', fontSize: '1rem' };

/** One mark of an old rule measured: which shrinkage it suits; how to copy a rule larger; what rules of thumb would cost. */
export function RuleCheck({ clay, finished }: { clay: ClayFigures; finished: number }) {
  const { length, plain, choice, readLength: units } = useUnits();
  const inches = choice.length === 'in' || choice.length === 'inch-fraction';
  const [first, setReads] = useState<number | undefined>();
  const [second, setStands] = useState<number | undefined>();
  const reads = first ?? (inches ? 4 * 25.4 : 100);
  // judged as it is shown
  const asShown = (mm: number) => {
    const read = readLength(plain(mm), units);
    return read.ok ? read.value : mm;
  };
  const stands = second ?? asShown(reads * enlargement(clay, 'wet'));
  // a difference is finer than a fraction tells
  const exactly = (mm: number) => unbroken(text(writeLength(mm, inches ? { ...choice, length: 'in' } : choice)));
  const { suits, off } = checkRule(clay, reads, stands);
  const take = (set: (mm: number) => void) => (mm: number) => {
    set(mm);
    return undefined;
  };
  const sized = (mm: number) => (Math.abs(mm) < 0.05 ? 'exactly that' : `${exactly(Math.abs(mm))} ${mm > 0 ? 'larger' : 'smaller'}`);
  return (
    <Box
      as="section"
      aria-label="Check a shrink rule"
      borderTopWidth="1px"
      borderColor="line"
      paddingBlock="3"
      fontSize="sm"
      lineHeight="1.6"
    >
      <chakra.h3 fontWeight="650" fontSize="md">
        Check or copy a shrink rule
      </chakra.h3>
      <Box>
        The mark labelled <LengthInput label="The mark reads" mm={reads} takeMm={take(setReads)} known color="glazed" style={FIELD} /> is{' '}
        <LengthInput label="Measured from zero" mm={stands} takeMm={take(setStands)} known color="wet" style={FIELD} /> from zero.
      </Box>
      <Box role="status">
        {suits > 0 ? `This rule suits a clay that shrinks ${writePercent(suits * 100)}.` : 'This is a plain rule, not a shrink rule.'} In
        this clay such a mark finishes at {length(reads + off)}: {sized(off)}.
      </Box>
      <Box>
        A plain rule copied at <b>{copierPercent(clay).toFixed(2)}%</b> becomes a shrink rule for this clay. To scratch one by hand, each
        mark is measured from zero, never from the mark before:
        <chakra.span display="flex" flexWrap="wrap" columnGap="4" fontFamily="figure" fontVariantNumeric="tabular-nums" data-marks>
          {Array.from({ length: inches ? 8 : 20 }, (_, i) => (inches ? i + 1 : (i + 1) * 10)).map((mark) => (
            <chakra.span key={mark} whiteSpace="nowrap">
              {mark} at <b>{(mark * enlargement(clay, 'wet')).toFixed(inches ? 3 : 2)}</b>
            </chakra.span>
          ))}
          <span>{inches ? 'in' : 'mm'}</span>
        </chakra.span>
      </Box>
      <chakra.h3 fontWeight="650" fontSize="md" marginTop="3">
        Rules of thumb, for {length(finished)} finished
      </chakra.h3>
      {rulesOfThumb(clay, finished).map(({ rule, wet, finishes }) => (
        <Box key={rule}>
          {rule === 'adding' ? `Adding ${writePercent(clay.shrinkage.width * 100)}` : 'An inch per foot'} gives {exactly(wet)} wet, which
          finishes at {exactly(finishes)}: <b>{sized(finishes - finished)}</b>.
        </Box>
      ))}
    </Box>
  );
}
