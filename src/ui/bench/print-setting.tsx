'use client';

import { Choice, LabelledChoice, LengthInput, NameInput } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { useUnits } from '@/ui/state';
import { preferPrint, setShop, useBench } from './use-bench';
import { usePages } from './use-pages';

const NEW = '\u0000new';

/** Which paper, which printer, and what the line at the foot of that printer's pages really measured. */
export function PrintSetting() {
  const { shop, paper, printer, measuredMm } = useBench();
  const { check } = usePages();
  const { readLength } = useUnits();
  const printers = shop.printers ?? [];
  const chosen = printers.find(({ name }) => name === printer);
  const choose = (name: string) => {
    if (name !== NEW) return preferPrint({ printer: name || undefined });
    const free = `Printer ${printers.length + 1}`;
    setShop('printers', (now) => [...(now ?? []), { name: free }], 'new printer');
    return preferPrint({ printer: free });
  };
  const edit = (change: { name?: string; measuredMm?: number | undefined }, key: string) => {
    setShop('printers', (now) => now?.map((each) => (each.name === printer ? { ...each, ...change } : each)), 'printer', key);
    if (change.name) preferPrint({ printer: change.name });
    return undefined;
  };
  return (
    <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginBottom="3">
      <Box width="6.875rem">
        <LabelledChoice
          label="Paper"
          value={paper}
          options={[
            { value: 'a4', words: 'A4' },
            { value: 'letter', words: 'Letter' },
          ]}
          onChoose={(value) => preferPrint({ paper: value })}
        />
      </Box>
      <Choice
        label="Printer"
        value={printer ?? ''}
        options={[
          { value: '', words: 'any printer' },
          ...printers.map(({ name }) => ({ value: name, words: name })),
          { value: NEW, words: 'a new printer…' },
        ]}
        onChoose={choose}
      />
      {chosen && (
        <>
          <NameInput
            key={chosen.name}
            label="Name of the printer"
            size="1rem"
            width="8.75rem"
            shown={chosen.name}
            take={(name, key) => {
              if (name.trim() === '') return 'A printer needs a name.';
              if (printers.some((other) => other !== chosen && other.name === name)) return 'Another printer has that name.';
              return edit({ name }, key);
            }}
          />
          <Box fontSize="sm" color="fg.muted">
            its {check.words} line measures{' '}
            <LengthInput
              label={`Its ${check.words} line measures`}
              mm={((measuredMm ?? 100) * check.mm) / 100}
              takeMm={(mm, key) => {
                // kept for a line of 100 mm
                const of100 = (mm * 100) / check.mm;
                if (of100 < 80 || of100 > 125) return `That is far from ${check.words}. Measure the line at the foot of the page again.`;
                return edit({ measuredMm: of100 }, key);
              }}
              known={measuredMm !== undefined}
              unit={readLength.unit}
              style={{ width: '4rem', fontSize: '1rem' }}
            />
          </Box>
        </>
      )}
    </HStack>
  );
}
