'use client';

import type { Plan } from '@/core/records';
import { Act } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { PieceModel } from '../model/use-piece';

/** A code of more letters than this is too fine to be read off a screen. */
const MOST_IN_CODE = 2300;

interface Sent {
  readonly link: string;
  /** An outline of the code's dark squares, and how many stand side by side; none where it would be too fine. */
  readonly code: { readonly d: string; readonly size: number } | undefined;
}

/** What is needed to send is fetched when it is asked for. */
async function sent({ packSent }: typeof import('@/core/encode'), plan: Plan, workspace: Parameters<typeof packSent>[0]): Promise<Sent> {
  const link = `${location.origin}/files#sent=${packSent(workspace, plan)}`;
  if (link.length > MOST_IN_CODE) return { link, code: undefined };
  const { encode } = await import('uqr');
  const { data, size } = encode(link, { ecc: 'L', border: 4 });
  const d = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return { link, code: { d, size } };
}

/** The piece with its clay as a link and a code for another device: nothing goes through a server, all of it is in the address. */
export function SendTool({ piece }: { piece: PieceModel }) {
  const { plan } = piece;
  const { workspace } = useWorkspace();
  const [made, setMade] = useState<Sent | undefined>();
  const [copied, setCopied] = useState<string | undefined>();
  useEffect(() => {
    let left = false;
    void import('@/core/encode').then((encode) => sent(encode, plan, workspace)).then((found) => !left && setMade(found));
    return () => {
      left = true;
    };
  }, [plan, workspace]);
  if (!made) return <Box color="fg.muted">Preparing the link…</Box>;
  const alone = /^(localhost|127\.|\[::1\])/.test(location.hostname);
  const copy = () =>
    navigator.clipboard?.writeText(made.link).then(
      () => setCopied('Copied.'),
      () => setCopied('The browser did not allow copying. Select the link and copy it yourself.'),
    ) ?? setCopied('Select the link and copy it by hand: the browser copies only over https.');
  return (
    <Box>
      <Box fontSize="sm" color="fg.muted" maxWidth="72ch" marginBottom="3">
        {plan.name} with its clay and bars. Everything is in the link itself. The other device shows it before adding it.
        {alone && (
          <>
            {' '}
            This address is this machine’s own: start with <code>npm run demo -- --host</code> and open Rimbet by the address that prints,
            so that others in the house reach it.
          </>
        )}
      </Box>
      <Box display="flex" gap="6" flexWrap="wrap" alignItems="flex-start">
        {made.code ? (
          <chakra.svg
            viewBox={`0 0 ${made.code.size} ${made.code.size}`}
            width="min(420px, 100%)"
            background="white"
            role="img"
            aria-label={`Code that holds ${plan.name}`}
            shapeRendering="crispEdges"
          >
            <path d={made.code.d} fill="black" />
          </chakra.svg>
        ) : (
          <Box maxWidth="40ch">There is too much here for a code that a camera can read. Use the link: it holds everything.</Box>
        )}
        <Box flex="1" minWidth="220px">
          <chakra.textarea
            readOnly
            aria-label="Link to the piece"
            value={made.link}
            rows={6}
            width="100%"
            padding="2"
            fontSize={{ base: 'md', md: 'xs' }}
            background="bg.raised"
            borderWidth="1px"
            borderColor="line.strong"
            borderRadius="4px"
            onFocus={(event) => event.currentTarget.select()}
          />
          <Act look="solid" onClick={() => void copy()}>
            Copy the link
          </Act>
          <Box role="status" fontSize="sm" color="fg.muted">
            {copied}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}
