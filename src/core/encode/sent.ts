import { checksum } from '@/core/checksum';
import { type Result, bad } from '@/core/units';
import { allEvidence, asSent } from '@/core/lessons';
import { EMPTY, type Plan, shopOf, shopRows, type Workspace } from '@/core/records';
import { Inflate, deflateSync, strFromU8, strToU8 } from 'fflate';
import { type WorkspaceRead, readWorkspace, workspaceFileOf } from './workspace-file';

/** A plan with its clays, bars and former unpacks to no more than this; what is larger is no plan. Bytes. */
const LARGEST_SENT = 2 * 1024 * 1024;
/** So much is unpacked at a time, that what swells without end is stopped early. Characters of the packed text. */
const PIECE = 16 * 1024;

const HINT = 'Copy the whole link again, or save a workspace file and open that.';

/** A plan alone with what it hangs on: the clays it is made of, their batches and bars, its former, the lots of the kit it is made to. */
export function sentOf(workspace: Workspace, plan: Plan): Workspace {
  const bodies = new Set(plan.parts.flatMap(({ bodyId, attached = [] }) => [bodyId, ...attached.map((each) => each.bodyId)]));
  const lots = new Set(plan.parts.map(({ fit }) => fit?.stockId));
  const stock = shopOf(workspace).stock?.filter(({ id }) => lots.has(id)) ?? [];
  const formers = new Set(plan.parts.map(({ hand }) => hand?.formerId));
  return {
    ...EMPTY,
    bodies: workspace.bodies.filter(({ id }) => bodies.has(id)),
    batches: workspace.batches.filter(({ bodyId }) => bodies.has(bodyId)),
    // what fired pieces say of the clay goes along as bars: their runs stay here
    bars: allEvidence(workspace)
      .filter(({ bodyId }) => bodies.has(bodyId))
      .map(asSent),
    formers: workspace.formers.filter(({ id }) => formers.has(id)),
    plans: [plan],
    ...(stock.length > 0 && { shop: shopRows({ stock }) }),
  };
}

const toUrl = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');

function fromUrl(text: string): Uint8Array | undefined {
  if (!/^[\w-]+$/.test(text)) return undefined;
  try {
    return Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), (char) => char.charCodeAt(0));
  } catch {
    return undefined;
  }
}

/** Between the check sum and what it is of; no letter of either. */
const SUMMED = '.';

/**
 * A plan packed into letters that an address may have: its workspace file (docs/workspace.schema.json), deflated, in base64url, with
 * the check sum of those letters before it.
 */
export function packSent(workspace: Workspace, plan: Plan): string {
  const file = workspaceFileOf(sentOf(workspace, plan), plan.changedAt);
  const packed = toUrl(deflateSync(strToU8(JSON.stringify(file)), { level: 9 }));
  return `${checksum(packed)}${SUMMED}${packed}`;
}

/** Unpacks piece by piece; undefined where it is broken or larger than any plan. */
function inflated(packed: Uint8Array): string | undefined {
  const chunks: Uint8Array[] = [];
  let size = 0;
  let ended = false;
  const unpack = new Inflate((chunk, final) => {
    size += chunk.length;
    if (size <= LARGEST_SENT) chunks.push(chunk);
    ended ||= final;
  });
  try {
    for (let from = 0; from < packed.length && size <= LARGEST_SENT; from += PIECE) {
      unpack.push(packed.subarray(from, from + PIECE), from + PIECE >= packed.length);
    }
  } catch {
    return undefined;
  }
  if (!ended || size > LARGEST_SENT) return undefined;
  const all = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return strFromU8(all);
}

/**
 * Reads what was sent: the packed text, or a link that ends in it. Anything else is refused, with what would do.
 *
 * @param text at most a few thousand letters long where it came as a code; as a link it may be longer
 */
export function readSent(text: string): WorkspaceRead {
  const given = text.trim().replace(/^.*#sent=/s, '');
  // links of older versions carry no check sum
  const [sum, packed] = given.includes(SUMMED) ? (given.split(SUMMED) as [string, string]) : [undefined, given];
  if (sum !== undefined && checksum(packed) !== sum) return bad('', `This link was changed on its way, or part of it is missing. ${HINT}`);
  if (packed.length > LARGEST_SENT) return bad('', `That is larger than a piece can be. ${HINT}`);
  const bytes = fromUrl(packed);
  const json = bytes && inflated(bytes);
  if (json === undefined) return bad('', `This is not a Rimbet piece, or part of the link is missing. ${HINT}`) as Result<never>;
  return readWorkspace(json);
}
