import { OptionalNumber } from '@/ui/fields';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onValue: (count: number, key: string) => string | undefined;
  readonly width?: string;
}

/** How many; one where nothing is written. */
export const PiecesField = ({ onValue, width = '110px', ...rest }: Props) => (
  <OptionalNumber {...rest} width={width} min={1} max={5000} whole example="12" onValue={(count, key) => onValue(count ?? 1, key)} />
);
