'use client';

import { Act } from '@/ui/fields';
import { workspaceStore } from '@/ui/state';
import { HStack, chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { leftAlone } from './left-alone';

/** How long nobody types or presses before all the files are fetched, ms: on a slow machine that takes seconds of its two cores. */
const QUIET = 2000;

/** Keeps the application in the browser; says when that is done, and which new version waits to be taken. */
function useOffline() {
  const [ready, setReady] = useState(false);
  const [waiting, setWaiting] = useState<ServiceWorker | undefined>();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    let left = false;
    const look = (registration: ServiceWorkerRegistration) => {
      const next = registration.waiting;
      if (!left && next && navigator.serviceWorker.controller) setWaiting(next);
    };
    const start = async () => {
      await leftAlone(QUIET);
      const registration = await navigator.serviceWorker.register('/sw.js');
      look(registration);
      registration.addEventListener('updatefound', () =>
        registration.installing?.addEventListener('statechange', () => look(registration)),
      );
      await navigator.serviceWorker.ready;
      if (!left) setReady(true);
    };
    // a browser that refuses goes on with the network
    start().catch(() => undefined);
    return () => {
      left = true;
    };
  }, []);
  return { ready, waiting };
}

/** A new version is offered, never forced: what was typed is saved with every keystroke, so taking it loses nothing. */
export function NewVersion() {
  const { ready, waiting } = useOffline();
  const [later, setLater] = useState(false);
  const take = async () => {
    await workspaceStore().settled();
    // another tab may have taken it already: then this one only has to be loaded anew
    if (waiting?.state !== 'installed') return location.reload();
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
    return waiting.postMessage({ type: 'SKIP_WAITING' });
  };
  return (
    <>
      <chakra.span data-offline={ready ? 'ready' : 'no'} hidden />
      {waiting && !later && (
        <HStack
          role="status"
          position="fixed"
          bottom="4"
          left="4"
          zIndex="60"
          gap="3"
          padding="3"
          background="bg.raised"
          borderWidth="1px"
          borderColor="line.strong"
          borderRadius="4px"
        >
          A new version of Rimbet is ready.
          <Act look="solid" onClick={() => void take()}>
            Update now
          </Act>
          <Act onClick={() => setLater(true)}>Later</Act>
        </HStack>
      )}
    </>
  );
}
