import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type NextRequest, NextResponse } from 'next/server';

const NOTHING_INLINE = "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

let policies: Record<string, string> | undefined;

/** The policies that the build collected (scripts/csp.mjs); none while developing, where the tools need looser rules. */
function policyFor(path: string): string | undefined {
  if (process.env.NODE_ENV !== 'production') return undefined;
  if (!policies) {
    const file = join(process.cwd(), '.next', 'csp.json');
    policies = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>) : {};
  }
  return policies[path] ?? policies['/_not-found'] ?? NOTHING_INLINE;
}

/** Sends each page with a content security policy of its own: only what it says inline, only from here. */
export function proxy(request: NextRequest): NextResponse {
  const response = NextResponse.next();
  const policy = policyFor(request.nextUrl.pathname);
  if (policy) response.headers.set('Content-Security-Policy', policy);
  return response;
}

export const config = { matcher: '/((?!_next/).*)' };
