import { type HTMLChakraProps, chakra } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';

export interface ActProps extends HTMLChakraProps<'button'> {
  readonly look?: 'solid' | 'plain' | 'danger';
}

const LOOKS = {
  solid: { background: 'act', color: 'act.fg', borderColor: 'act' },
  plain: { background: 'transparent', color: 'fg', borderColor: 'line.strong', _hover: { background: 'act.wash' } },
  danger: { background: 'transparent', color: 'bad', borderColor: 'bad', _hover: { background: 'bad.wash' } },
};

/** Something to do. At least 44 px by touch. */
export function Act({ look = 'plain', ...rest }: ActProps) {
  return (
    <chakra.button
      type="button"
      data-act
      display="inline-flex"
      alignItems="center"
      justifyContent="center"
      gap="2"
      minHeight="max(var(--finger), 38px)"
      minWidth="max(var(--finger), 38px)"
      paddingInline="3"
      borderWidth="1px"
      borderRadius="4px"
      fontWeight="600"
      cursor="pointer"
      _disabled={{ opacity: 0.4, cursor: 'default' }}
      {...LOOKS[look]}
      {...rest}
    />
  );
}

/** Deletes one of several: the same sign everywhere, its name for those who do not see it. */
export function DeleteAct({ label, ...rest }: Omit<ActProps, 'look' | 'children' | 'aria-label'> & { readonly label: string }) {
  return (
    <Act {...rest} aria-label={label} title={label} borderColor="transparent" color="fg.muted" paddingInline="1">
      <Trash2 size={18} aria-hidden />
    </Act>
  );
}
