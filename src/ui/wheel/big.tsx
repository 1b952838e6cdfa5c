'use client';

import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { usePress } from './use-press';

interface BigProps {
  readonly children: ReactNode;
  readonly onClick?: () => void;
  readonly disabled?: boolean;
  readonly look?: 'solid' | 'plain';
  readonly as?: 'span';
  readonly 'aria-pressed'?: boolean;
  readonly 'aria-label'?: string;
}

/** For wet hands: at least 64 px. */
export function Big({ look = 'plain', onClick, ...rest }: BigProps) {
  const press = usePress(onClick);
  return (
    <chakra.button
      type="button"
      data-act
      display="inline-flex"
      alignItems="center"
      justifyContent="center"
      minHeight="64px"
      minWidth="64px"
      paddingInline="5"
      fontSize="22px"
      fontWeight="650"
      borderRadius="6px"
      borderWidth="2px"
      borderColor={look === 'solid' ? 'act' : 'line.strong'}
      background={look === 'solid' ? 'act' : 'transparent'}
      color={look === 'solid' ? 'act.fg' : 'fg'}
      cursor="pointer"
      _disabled={{ opacity: 0.35, cursor: 'default' }}
      {...rest}
      {...(onClick && press)}
    />
  );
}
