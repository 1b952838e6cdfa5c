'use client';

import { chanceWords } from '@/core/fit';
import { makeFromBeta, thumbRules } from '@/core/sets';
import { learnedLoss, recordFor } from '@/core/lessons';
import { madeActs } from '@/store';
import { Act, LabelledChoice, OptionalNumber } from '@/ui/fields';
import { run, useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';

const ODDS = [0.8, 0.9, 0.95, 0.99];

/** How many to make so that enough come out: by the maker's own losses, beside the rules of thumb. */
export function HowMany({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const [need, setNeed] = useState<number | undefined>();
  const [odds, setOdds] = useState('0.9');
  const loss = learnedLoss(recordFor(workspace, piece.plan), piece.part.family);
  const found = need === undefined ? undefined : makeFromBeta(need, Number(odds), loss.good, loss.bad);
  const rules = need === undefined ? undefined : thumbRules(need);
  const from =
    loss.made > 0
      ? `${loss.lost} of your ${loss.made} lost${loss.seconds > 0 ? ` and ${loss.seconds} ${loss.seconds === 1 ? 'is a second' : 'are seconds'}` : ''}`
      : '1 in 10 lost (typical)';
  return (
    <Box as="section" aria-label="How many to make" marginBottom="3" paddingBottom="2" borderBottomWidth="1px" borderColor="line">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end">
        <OptionalNumber
          label="Good ones needed"
          min={1}
          max={5000}
          example="12"
          width="7.5rem"
          value={need}
          onValue={(many) => setNeed(many === undefined ? undefined : Math.round(many))}
        />
        <LabelledChoice
          label="Chance of enough"
          value={odds}
          options={ODDS.map((each) => ({ value: String(each), words: chanceWords(each) }))}
          onChoose={setOdds}
        />
        {found && (
          <Box>
            make{' '}
            <b data-make style={{ fontSize: 26 }}>
              {found.make}
            </b>{' '}
            <Act marginInlineStart="2" onClick={() => run(madeActs.setRunWanted(piece.plan, piece.ref, () => found.make))}>
              Set the run to {found.make}
            </Act>
          </Box>
        )}
      </HStack>
      {rules && (
        <Box fontSize="sm" color="fg.muted">
          Based on: {from}. Rules of thumb: {rules.tenth} (a tenth more), {rules.thirdOfOrder} (a third more) or {rules.thirdOfBatch} (a
          third lost).
        </Box>
      )}
    </Box>
  );
}
