'use client';

import { WORK, type Work } from '@/core/records';
import { OptionalNumber } from '@/ui/fields';
import { HStack, chakra } from '@chakra-ui/react';

interface Props {
  readonly title: string;
  readonly example: string;
  readonly of: (work: Work) => number | undefined;
  readonly onMinutes: (work: Work, minutes: number | undefined, key: string) => void;
}

/** Minutes by kind of work, behind a line. */
export function Minutes({ title, example, of, onMinutes }: Props) {
  return (
    <chakra.details fontSize="sm">
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)" color="fg.muted">
        {title}
      </chakra.summary>
      <HStack gap="3" flexWrap="wrap">
        {WORK.map((work) => (
          <OptionalNumber
            key={work}
            label={work}
            min={0}
            max={6000}
            example={example}
            width="4.75rem"
            value={of(work)}
            onValue={(minutes, key) => onMinutes(work, minutes, key)}
          />
        ))}
      </HStack>
    </chakra.details>
  );
}
