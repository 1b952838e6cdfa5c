import { type HTMLChakraProps, chakra } from '@chakra-ui/react';

/** A button on the dark head. */
export function BarButton(props: HTMLChakraProps<'button'>) {
  return (
    <chakra.button
      type="button"
      display="inline-flex"
      alignItems="center"
      justifyContent="center"
      gap="1.5"
      minWidth="44px"
      minHeight="44px"
      paddingInline={{ base: '1', md: '2' }}
      color="bar.fg"
      borderRadius="4px"
      cursor="pointer"
      whiteSpace="nowrap"
      _hover={{ background: 'rgba(255,255,255,0.1)' }}
      _focusVisible={{ outlineColor: '#8fd0b6' }}
      _disabled={{ opacity: 0.35, cursor: 'default' }}
      {...props}
    />
  );
}
