import { chakra } from '@chakra-ui/react';

interface Props {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onFind: (text: string) => void;
}

/** Finds in a list by typing; nothing of it is kept. */
export const SearchInput = ({ label, placeholder, value, onFind }: Props) => (
  <chakra.input
    type="search"
    aria-label={label}
    placeholder={placeholder}
    value={value}
    onChange={(event) => onFind(event.currentTarget.value)}
    minHeight="max(var(--finger), 38px)"
    maxWidth="100%"
    paddingInline="2"
    borderWidth="1px"
    borderColor="line.strong"
    borderRadius="4px"
    background="bg.raised"
  />
);
