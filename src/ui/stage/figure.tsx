import type { Written } from '@/core/units';
import { chakra } from '@chakra-ui/react';

/** A fraction set one figure over the other, so that sixteenths stay legible in any font. */
function Stacked({ fraction: [top, bottom] }: { fraction: readonly [number, number] }) {
  return (
    <chakra.span
      display="inline-flex"
      flexDirection="column"
      alignItems="center"
      fontSize="0.46em"
      lineHeight="1"
      verticalAlign="0.04em"
      marginInlineStart="0.15em"
      aria-hidden
    >
      <span>{top}</span>
      <chakra.span borderTop="2px solid currentColor" paddingTop="1px">
        {bottom}
      </chakra.span>
    </chakra.span>
  );
}

/** A figure set large with its unit small behind it. Read aloud as one plain text. */
export function Figure({ written, size, unitSize = '0.42em' }: { written: Written; size: string; unitSize?: string }) {
  const spoken = written.fraction ? `${written.whole} ${written.fraction[0]}/${written.fraction[1]}`.trim() : undefined;
  return (
    <chakra.span
      fontFamily="figure"
      fontWeight="680"
      fontStretch="88%"
      fontVariantNumeric="tabular-nums"
      letterSpacing="-0.01em"
      lineHeight="1"
      fontSize={size}
      whiteSpace="nowrap"
    >
      {written.lead && (
        <>
          {written.lead.whole}
          <Unit size={unitSize}> {written.lead.unit} </Unit>
        </>
      )}
      {spoken ? (
        <>
          <chakra.span aria-hidden>{written.whole}</chakra.span>
          <Stacked fraction={written.fraction!} />
          <chakra.span srOnly>{spoken}</chakra.span>
        </>
      ) : (
        written.whole
      )}
      <Unit size={unitSize}> {written.unit}</Unit>
    </chakra.span>
  );
}

function Unit({ children, size }: { children: React.ReactNode; size: string }) {
  return (
    <chakra.span fontSize={size} fontWeight="500" letterSpacing="0">
      {children}
    </chakra.span>
  );
}
