'use client';

import { STAGE_WORDS } from '@/core/sizing';
import { OptionalLength, OptionalMass, OptionalVolume, WordChoice, optionsOf } from '@/ui/fields';
import { Box, chakra } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Typed, WayIn } from './ways-in';

const STAGES_IN_HAND = ['glazed', 'bisque', 'dry', 'leather'] as const;

const KEEPS = { proportions: 'its proportions kept', across: 'a mouth kept', high: 'a height kept' } as const;

const MEETS = { pot: 'a pot in my hand', lid: 'a bought lid' } as const;

interface FieldsProps {
  readonly way: WayIn;
  readonly typed: Typed;
  readonly set: (change: Partial<Typed>) => void;
}

/** The first figures of a way in. Each has fields of its own, so that nothing typed for one is taken for another. */
export function WayFields({ way, typed, set }: FieldsProps) {
  const stage = way === 'finished' ? 'finished' : way === 'wet' ? 'wet' : STAGE_WORDS[typed.stage];
  const across = (
    <OptionalLength
      label={`Across the mouth, ${stage}`}
      width="180px"
      value={typed.across}
      onValue={(mm) => set({ across: mm || undefined })}
    />
  );
  const high = (
    <OptionalLength label={`High, ${stage}`} width="104px" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
  );
  if (way === 'finished' || way === 'wet') {
    return (
      <div className="way-fields">
        {across}
        {high}
      </div>
    );
  }
  if (way === 'hand') {
    return (
      <div className="way-fields">
        <WordChoice
          label="It is now"
          value={typed.stage as (typeof STAGES_IN_HAND)[number]}
          options={STAGES_IN_HAND.map((value) => ({ value, words: `it is ${value === 'glazed' ? 'fired' : STAGE_WORDS[value]}` }))}
          onChoose={(value) => set({ stage: value })}
        />
        <OptionalLength label="Its mouth, across" width="130px" value={typed.across} onValue={(mm) => set({ across: mm || undefined })} />
        <OptionalLength label="Its height" width="104px" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
      </div>
    );
  }
  if (way === 'holds') {
    return (
      <div className="way-fields">
        <OptionalVolume
          label="Holds, to the brim"
          width="130px"
          value={typed.capacityMl}
          onValue={(ml) => set({ capacityMl: ml || undefined })}
        />
        <OptionalLength
          label="No taller than"
          width="110px"
          value={typed.maxHeight}
          onValue={(mm) => set({ maxHeight: mm || undefined })}
        />
      </div>
    );
  }
  if (way === 'ball') {
    const { keep } = typed;
    return (
      <div className="way-fields">
        <OptionalMass label="I have" width="104px" value={typed.ballG} onValue={(g) => set({ ballG: g || undefined })} />
        <WordChoice
          label="Keeping"
          value={keep}
          options={optionsOf(KEEPS)}
          onChoose={(value) => set({ keep: value, across: undefined, high: undefined })}
        />
        {keep === 'across' && (
          <OptionalLength label="Mouth kept" width="104px" value={typed.across} onValue={(mm) => set({ across: mm || undefined })} />
        )}
        {keep === 'high' && (
          <OptionalLength label="Height kept" width="104px" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
        )}
      </div>
    );
  }
  if (way === 'fit') {
    const { meets } = typed;
    return (
      <div className="way-fields">
        <WordChoice
          label="It must fit"
          value={meets}
          options={optionsOf(MEETS)}
          onChoose={(value) => set({ meets: value, across: undefined })}
        />
        {meets === 'pot' && (
          <WordChoice
            label="The pot is now"
            value={typed.stage as (typeof STAGES_IN_HAND)[number]}
            options={STAGES_IN_HAND.map((value) => ({ value, words: `it is ${value === 'glazed' ? 'fired' : STAGE_WORDS[value]}` }))}
            onChoose={(value) => set({ stage: value })}
          />
        )}
        <OptionalLength
          label={meets === 'pot' ? 'Its mouth, inside' : 'The lid, where it goes in'}
          width="180px"
          value={typed.across}
          onValue={(mm) => set({ across: mm || undefined })}
        />
      </div>
    );
  }
  if (way === 'sent') return <SentField />;
  return null;
}

/** A link from another device, pasted; what it holds is shown before it is kept. */
function SentField() {
  const router = useRouter();
  const [refused, setRefused] = useState<string | undefined>();
  const take = (text: string) => {
    const packed = /#sent=([\w.-]+)\s*$/.exec(text)?.[1];
    if (packed) router.push(`/files#sent=${packed}`);
    setRefused(packed || text.trim() === '' ? undefined : 'That is no link to a piece: it ends in #sent= and many letters.');
  };
  return (
    <div className="way-fields">
      <Box width="100%">
        <chakra.label htmlFor="sent-link" display="block" fontSize="sm" color="fg.muted">
          Paste the link
        </chakra.label>
        <chakra.input
          id="sent-link"
          onChange={(event) => take(event.currentTarget.value)}
          aria-invalid={refused ? true : undefined}
          aria-describedby="sent-refused"
          autoComplete="off"
          minHeight={{ base: '44px', md: '38px' }}
          width="100%"
          paddingInline="2"
          background="bg.raised"
          borderWidth="1px"
          borderColor={refused ? 'bad' : 'line.strong'}
          borderRadius="4px"
        />
        <Box id="sent-refused" role={refused ? 'alert' : undefined} color="bad" fontSize="sm">
          {refused}
        </Box>
      </Box>
    </div>
  );
}
