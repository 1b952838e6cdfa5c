'use client';

import { type HTMLChakraProps, Box, chakra } from '@chakra-ui/react';
import { useId } from 'react';
import { Reason } from './reason';
import { useReportRefusal } from './refusals';
import { type DraftOptions, useDraft } from './use-draft';

export interface FigureInputProps extends DraftOptions {
  /** What the figure is, for those who cannot see where it stands. */
  readonly label: string;
  /** Typed by somebody rather than worked out: underlined. */
  readonly known?: boolean;
  readonly color?: string;
  readonly align?: 'left' | 'right' | 'center';
  readonly unit?: string;
  /** A sign before the figure, such as that of a diameter. */
  readonly before?: string;
  /** Opens the arithmetic of the figure. */
  readonly onVisit?: () => void;
  /** The column of a table it stands in, for going down it. */
  readonly column?: string;
  readonly style?: HTMLChakraProps<'input'>;
}

/** As wide as given, and wider where what is in it asks for it. */
const growing = (width: string) => ({ '@supports (field-sizing: content)': { width: 'auto', minWidth: width, fieldSizing: 'content' } });

/**
 * A figure that is read like text and typed like a field. A refusal is said beside it and keeps what was typed.
 * Arrow keys step to the next whole unit.
 */
export function FigureInput({
  label,
  known,
  color = 'fg',
  align = 'left',
  unit,
  before,
  onVisit,
  column,
  style,
  ...draft
}: FigureInputProps) {
  const { problem, input } = useDraft(draft);
  const id = useId();
  useReportRefusal(problem !== undefined);
  return (
    <Box position="relative" display="inline-flex" alignItems="baseline" gap="1" color={problem ? 'bad' : color}>
      {before && (
        <Box as="span" fontSize="sm" aria-hidden>
          {before}
        </Box>
      )}
      <chakra.input
        {...input}
        onFocus={(event) => {
          input.onFocus(event);
          onVisit?.();
        }}
        type="text"
        inputMode="text"
        autoComplete="off"
        spellCheck={false}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? id : undefined}
        data-column={column}
        data-known={known ? '' : undefined}
        background="transparent"
        color="inherit"
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontWeight={known ? '700' : '450'}
        textAlign={align}
        borderBottomWidth="2px"
        borderBottomStyle={known ? 'solid' : 'dotted'}
        borderColor={problem ? 'bad' : known ? 'currentColor' : 'line.strong'}
        borderRadius="2px"
        minHeight={{ base: '44px', md: '28px' }}
        paddingTop={{ base: '14px', md: '0' }}
        minWidth="0"
        paddingInline="1"
        cursor="text"
        transition="background 120ms"
        _hover={{ background: 'act.wash' }}
        _focusVisible={{ background: 'bg.raised' }}
        {...style}
        css={typeof style?.width === 'string' && style.width.endsWith('px') ? growing(style.width) : undefined}
      />
      {unit && (
        <Box as="span" fontSize="sm" color="fg.muted" aria-hidden>
          {unit}
        </Box>
      )}
      {problem && <Reason id={id} words={problem} />}
    </Box>
  );
}
