'use client';

import {
  type Result,
  bad,
  good,
  readDay,
  readLength,
  readPercent,
  readQuantity,
  readSizes,
  text,
  writeLength,
  writeMass,
  writeVolume,
} from '@/core/units';
import { OptionalInput } from './optional-input';
import { keysOf } from './length-input';
import type { Keys } from './text-input';
import { useUnits } from '@/ui/state';
import { Box } from '@chakra-ui/react';

interface Props<T = number> {
  readonly label: string;
  readonly value: T | undefined;
  readonly onValue: (value: T | undefined, key: string) => string | undefined | void;
  readonly width?: string;
  readonly hint?: string;
  readonly keys?: Keys | undefined;
}

/** A labelled quantity that may be left empty, in the units chosen: mm, g, ml or percent inside. */
function Optional<T = number>({
  width = '7.375rem',
  read,
  write,
  ...rest
}: Props<T> & { read: (text: string) => Result<T>; write: (value: T) => string }) {
  return (
    <Box width={width}>
      <OptionalInput<T> {...rest} read={read} write={write} />
    </Box>
  );
}

interface LengthProps extends Props {
  /** Takes several sizes typed together, "80 x 90": width, then height, the short side between them where there is one. */
  readonly onSizes?: ((mm: readonly number[], key: string) => string | undefined | void) | undefined;
}

export function OptionalLength({ onSizes, onValue, ...props }: LengthProps) {
  const { choice, readLength: options } = useUnits();
  return (
    <Optional<number | readonly number[]>
      {...props}
      keys={keysOf(choice)}
      read={(typed) => (onSizes && readSizes(typed, options)) ?? readLength(typed, { ...options, zero: true })}
      write={(mm) => text(writeLength(mm as number, choice)) || '0'}
      onValue={(mm, key) => (typeof mm === 'object' ? onSizes?.(mm, key) : onValue(mm, key))}
    />
  );
}

export function OptionalMass(props: Props) {
  const { choice, readMass } = useUnits();
  return (
    <Optional
      {...props}
      keys={choice.mass === 'g' ? 'decimal' : 'text'}
      read={(typed) => readQuantity('mass', typed, { ...readMass, zero: true })}
      write={(g) => text(writeMass(g, choice))}
    />
  );
}

export function OptionalVolume(props: Props) {
  const { choice, readVolume } = useUnits();
  return <Optional {...props} read={(typed) => readQuantity('volume', typed, readVolume)} write={(ml) => text(writeVolume(ml, choice))} />;
}

export function OptionalPercent({ most, ...props }: Props & { most: number }) {
  return (
    <Optional
      {...props}
      read={(typed) => readPercent(typed, { min: 0, max: most })}
      write={(percent) => `${Number(percent.toFixed(2))}%`}
    />
  );
}

/** A share of a weight of clay: percent, or grams of it as they were weighed off. */
export function OptionalShare({ most, wholeG, ...props }: Props & { most: number; wholeG: number }) {
  const { readMass } = useUnits();
  return (
    <Optional
      {...props}
      read={(typed) => {
        const percent = readPercent(typed, { min: 0, max: most });
        const weighed = percent.ok || !/[a-z]/i.test(typed) ? undefined : readQuantity('mass', typed, readMass);
        if (!weighed?.ok) return percent;
        const share = (100 * weighed.value) / wholeG;
        if (share <= most) return good(share);
        return bad('', `That is ${Math.round(share)}% of the clay: at most ${most}% can be meant.`);
      }}
      write={(percent) => `${Number(percent.toFixed(2))}%`}
    />
  );
}

interface NumberProps extends Props {
  readonly min: number;
  readonly max: number;
  /** A count; else up to three places. */
  readonly whole?: boolean;
  /** What might be written, for the refusal. */
  readonly example: string;
}

/** A plain number within bounds that may be left empty. */
export function OptionalNumber({ min, max, whole = false, example, ...props }: NumberProps) {
  return (
    <Optional
      {...props}
      read={(typed) => {
        const value = Number(typed.trim().replace(',', '.'));
        if (value >= min && value <= max && (!whole || Number.isInteger(value))) return good(value);
        return bad('', `Enter a ${whole ? 'whole number' : 'number'} from ${min} to ${max}, such as ${example}.`);
      }}
      write={(value) => String(Number(value.toFixed(3)))}
    />
  );
}

/** A day that may be left empty, ISO inside. */
export function OptionalDay({ today, ...props }: Props<string> & { today: string }) {
  return <Optional<string> {...props} keys="text" read={(typed) => readDay(typed, today)} write={(day) => day} />;
}
