'use client';

import { Choice, LabelledChoice, LengthInput, NameInput } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { useBench } from './use-bench';

const NEW = '\u0000new';

/** Which paper, which printer, and what that printer's 100 mm line really measured. */
export function PrintSetting() {
  const { settings, paper, measuredMm, set } = useBench();
  const printers = settings.printers ?? [];
  const chosen = printers.find(({ name }) => name === settings.printer);
  const choose = (name: string) => {
    if (name !== NEW) return set({ printer: name || undefined });
    const free = `Printer ${printers.length + 1}`;
    return set({ printers: [...printers, { name: free }], printer: free });
  };
  const edit = (change: { name?: string; measuredMm?: number | undefined }) =>
    set({
      printers: printers.map((printer) => (printer.name === settings.printer ? { ...printer, ...change } : printer)),
      ...(change.name && { printer: change.name }),
    });
  return (
    <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginBottom="3">
      <Box width="110px">
        <LabelledChoice
          label="Paper"
          value={paper}
          options={[
            { value: 'a4', words: 'A4' },
            { value: 'letter', words: 'Letter' },
          ]}
          onChoose={(value) => set({ paper: value })}
        />
      </Box>
      <Choice
        label="Printer"
        value={settings.printer ?? ''}
        options={[
          { value: '', words: 'any printer' },
          ...printers.map(({ name }) => ({ value: name, words: name })),
          { value: NEW, words: 'a new printer …' },
        ]}
        onChoose={choose}
      />
      {chosen && (
        <>
          <NameInput
            key={chosen.name}
            label="Name of the printer"
            size="16px"
            width="140px"
            shown={chosen.name}
            take={(name) => {
              if (name.trim() === '') return 'A printer needs a name.';
              if (printers.some((printer) => printer !== chosen && printer.name === name)) return 'Another printer has that name.';
              edit({ name });
              return undefined;
            }}
          />
          <Box fontSize="sm" color="fg.muted">
            its 100 mm line measures{' '}
            <LengthInput
              label="Its 100 mm line measures"
              mm={measuredMm ?? 100}
              takeMm={(mm) => {
                if (mm < 80 || mm > 125) return 'That is far from 100 mm. Measure the line at the foot of the page again.';
                edit({ measuredMm: mm });
                return undefined;
              }}
              known={measuredMm !== undefined}
              unit="mm"
              style={{ width: '64px', fontSize: '16px' }}
            />
          </Box>
        </>
      )}
    </HStack>
  );
}
