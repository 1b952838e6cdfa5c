'use client';

import { FAMILIES, type FamilyName } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { OptionalLength, OptionalMass, OptionalVolume, WordChoice, optionsOf } from '@/ui/fields';
import { Box, chakra } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { type Typed, type WayIn, typedTogether } from './ways-in';

const STAGES_IN_HAND = ['glazed', 'bisque', 'dry', 'leather'] as const;

const HEIGHTS = { trimmed: 'as trimmed', thrown: 'as thrown, rim above the bat' } as const;

const MEETS = { pot: 'a pot I have', lid: 'a bought lid', cork: 'a cork or stopper' } as const;

const ACROSS = { pot: 'Mouth, inside', lid: 'Lid width where it goes in', cork: 'Width at the top' } as const;

interface FieldsProps {
  readonly way: WayIn;
  readonly typed: Typed;
  readonly family: FamilyName;
  readonly thrown: boolean;
  readonly set: (change: Partial<Typed>) => void;
}

/** The first figures of a way in. Each has fields of its own, so that nothing typed for one is taken for another. */
export function WayFields({ way, typed, family, thrown, set }: FieldsProps) {
  const stage = way === 'finished' ? 'finished' : way === 'wet' ? 'wet' : STAGE_WORDS[typed.stage];
  const { sizes } = FAMILIES[family];
  const together = (mm: readonly number[]): string | undefined => {
    const read = typedTogether(mm, family, way);
    if (!read.ok) return read.problem.message;
    set(read.value);
    return undefined;
  };
  const across = (
    <OptionalLength
      label={`Mouth, ${stage}`}
      width="11.25rem"
      value={typed.across}
      onValue={(mm) => set({ across: mm || undefined })}
      onSizes={together}
    />
  );
  const high = (
    <OptionalLength
      label={`Height, ${stage}`}
      width="6.5rem"
      value={typed.high}
      onValue={(mm) => set({ high: mm || undefined })}
      onSizes={together}
    />
  );
  const short = sizes.includes('rimAcross') && (
    <OptionalLength
      label={`Across, short side, ${stage}`}
      width="9.375rem"
      value={typed.short}
      onValue={(mm) => set({ short: mm || undefined })}
    />
  );
  if (way === 'finished' || way === 'wet') {
    return (
      <div className="way-fields">
        {across}
        {short}
        {high}
        {way === 'wet' && thrown && (
          <WordChoice
            label="Height is"
            value={typed.thrown ? 'thrown' : 'trimmed'}
            options={optionsOf(HEIGHTS)}
            onChoose={(value) => set({ thrown: value === 'thrown' })}
          />
        )}
      </div>
    );
  }
  if (way === 'hand') return <InHandFields typed={typed} family={family} short={short} together={together} set={set} />;
  if (way === 'holds') {
    return (
      <div className="way-fields">
        <OptionalVolume
          label="Holds, to the brim"
          width="8.125rem"
          value={typed.capacityMl}
          onValue={(ml) => set({ capacityMl: ml || undefined })}
        />
        <OptionalLength
          label="No taller than"
          width="6.875rem"
          value={typed.maxHeight}
          onValue={(mm) => set({ maxHeight: mm || undefined })}
        />
      </div>
    );
  }
  if (way === 'ball') {
    return (
      <div className="way-fields">
        <OptionalMass label="Ball" width="5rem" value={typed.ballG} onValue={(g) => set({ ballG: g || undefined })} />
        <OptionalLength
          label="Mouth"
          width="4.5rem"
          value={typed.across}
          onValue={(mm) => set({ across: mm || undefined })}
          onSizes={together}
        />
        <OptionalLength label="Height" width="4.5rem" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
        {typed.across && typed.high && thrown ? (
          <Box fontSize="sm" color="fg.muted" width="100%">
            With both, this is the ball you take for that size. Rimbet remembers it for what you throw this way.
          </Box>
        ) : null}
      </div>
    );
  }
  if (way === 'fit') {
    const { meets } = typed;
    return (
      <div className="way-fields">
        <WordChoice
          label="Must fit"
          value={meets}
          options={optionsOf(MEETS)}
          onChoose={(value) => set({ meets: value, across: undefined, foot: undefined, high: undefined })}
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
          label={ACROSS[meets]}
          width={meets === 'cork' ? '8.75rem' : '11.25rem'}
          value={typed.across}
          onValue={(mm) => set({ across: mm || undefined })}
        />
        {meets === 'cork' && (
          <>
            <OptionalLength
              label="Width at the bottom"
              width="8.75rem"
              value={typed.foot}
              onValue={(mm) => set({ foot: mm || undefined })}
            />
            <OptionalLength label="Length" width="6.5rem" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
          </>
        )}
      </div>
    );
  }
  if (way === 'sent') return <SentField />;
  return null;
}

interface InHandProps extends Pick<FieldsProps, 'typed' | 'family' | 'set'> {
  readonly short: ReactNode;
  readonly together: (mm: readonly number[]) => string | undefined;
}

/** Of a piece that is there: what it measures, whether its wall was measured, and what it weighs once fired. */
function InHandFields({ typed, family, short, together, set }: InHandProps) {
  const { sizes } = FAMILIES[family];
  return (
    <div className="way-fields">
      <WordChoice
        label="Stage now"
        value={typed.stage as (typeof STAGES_IN_HAND)[number]}
        options={STAGES_IN_HAND.map((value) => ({ value, words: `it is ${value === 'glazed' ? 'fired' : STAGE_WORDS[value]}` }))}
        onChoose={(value) => set({ stage: value })}
      />
      <OptionalLength
        label="Mouth"
        width="7.5rem"
        value={typed.across}
        onValue={(mm) => set({ across: mm || undefined })}
        onSizes={together}
      />
      {short}
      <OptionalLength label="Height" width="6.5rem" value={typed.high} onValue={(mm) => set({ high: mm || undefined })} />
      {sizes.includes('baseDiameter') && (
        <OptionalLength label="Its foot, across" width="7.5rem" value={typed.foot} onValue={(mm) => set({ foot: mm || undefined })} />
      )}
      {sizes.includes('wall') && (
        <OptionalLength label="Its wall, if measured" width="8.75rem" value={typed.wall} onValue={(mm) => set({ wall: mm || undefined })} />
      )}
      {typed.stage === 'glazed' && (
        <OptionalMass label="Weighs" width="6.5rem" value={typed.weightG} onValue={(g) => set({ weightG: g || undefined })} />
      )}
    </div>
  );
}

/** A link from another device, pasted; what it holds is shown before it is kept. */
function SentField() {
  const router = useRouter();
  const [refused, setRefused] = useState<string | undefined>();
  const take = (text: string) => {
    const packed = /#sent=([\w.-]+)\s*$/.exec(text)?.[1];
    if (packed) router.push(`/files#sent=${packed}`);
    setRefused(
      packed || text.trim() === ''
        ? undefined
        : 'This is not a link to a piece. Copy the whole link: it contains “#sent=” and a long code.',
    );
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
          minHeight="max(var(--finger), 38px)"
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
