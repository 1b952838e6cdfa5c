'use client';

import { Act } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { type Instrument, SimulatedInstrument, hasSerial, serialScale, typeInto } from './instrument';

/** The field the cursor stood in last, outside the tray. */
function useLastField() {
  const last = useRef<HTMLInputElement | undefined>(undefined);
  useEffect(() => {
    const onFocus = ({ target }: FocusEvent) => {
      if (target instanceof HTMLInputElement && !target.closest('[data-tray]')) last.current = target;
    };
    document.addEventListener('focusin', onFocus);
    return () => document.removeEventListener('focusin', onFocus);
  }, []);
  return last;
}

/** Scales and calipers: a connected one, and stand-ins to try with. A reading goes where the cursor stood. */
export function InstrumentTray({ onClose }: { onClose: () => void }) {
  const field = useLastField();
  const [said, setSaid] = useState('Click a field first. Readings go into it.');
  const [stop, setStop] = useState<(() => void) | undefined>();
  const take = (text: string) => {
    if (!field.current?.isConnected) return setSaid(`${text}: put the cursor into a field first.`);
    typeInto(field.current, text);
    return setSaid(`${text} put into ${field.current.getAttribute('aria-label') ?? 'the field'}.`);
  };
  const connect = async (instrument: Instrument) => {
    try {
      const end = await instrument.start(take);
      setStop(() => end);
      setSaid(`The ${instrument.name} is connected.`);
    } catch (error) {
      setSaid(error instanceof Error ? error.message : 'Could not connect. Check the cable and try again.');
    }
  };
  return (
    <Box
      as="section"
      aria-label="Instruments"
      data-tray
      position="fixed"
      bottom="4"
      right="4"
      zIndex="50"
      width="min(360px, calc(100vw - 16px))"
      padding="3"
      background="bg.raised"
      borderWidth="1px"
      borderColor="line.strong"
      borderRadius="4px"
    >
      <HStack justifyContent="space-between">
        <chakra.h2 fontWeight="650">Scale and caliper</chakra.h2>
        <Act onClick={onClose}>Close</Act>
      </HStack>
      <Box role="status" fontSize="sm" color="fg.muted" marginBlock="1">
        {said}
      </Box>
      <Box fontSize="sm">A caliper or scale that types like a keyboard needs no setup. It works in any field.</Box>
      <HStack marginBlock="2" gap="2">
        {stop ? (
          <Act
            onClick={() => {
              stop();
              setStop(undefined);
              setSaid('Disconnected.');
            }}
          >
            Disconnect
          </Act>
        ) : (
          <Act disabled={!hasSerial()} onClick={() => void connect(serialScale)}>
            Connect a serial scale
          </Act>
        )}
      </HStack>
      <Simulated name="Simulated scale" first="431.5 g" onReading={take} />
      <Simulated name="Simulated caliper" first="104.35 mm" onReading={take} />
    </Box>
  );
}

/** A stand-in, clearly marked: what it shall say, and its button. */
function Simulated({ name, first, onReading }: { name: string; first: string; onReading: (text: string) => void }) {
  const [shows, setShows] = useState(first);
  const [instrument] = useState(() => new SimulatedInstrument(name));
  const press = async () => {
    const stop = await instrument.start(onReading);
    instrument.send(`ST,GS,+ ${shows}`);
    stop();
  };
  return (
    <HStack gap="2" borderTopWidth="1px" borderColor="line" paddingBlock="2">
      <Box flex="1" fontSize="sm">
        {name}{' '}
        <chakra.b color="warn" fontSize="xs">
          SIMULATED
        </chakra.b>
      </Box>
      <chakra.input
        aria-label={`${name} shows`}
        value={shows}
        onChange={(event) => setShows(event.currentTarget.value)}
        width="6.5rem"
        minHeight="max(var(--finger), 36px)"
        paddingInline="2"
        borderWidth="1px"
        borderColor="line.strong"
        borderRadius="4px"
        background="bg"
      />
      <Act aria-label={`${name}: send`} onClick={() => void press()}>
        Send
      </Act>
    </HStack>
  );
}
