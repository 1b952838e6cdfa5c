/** What the commands of this project need of the machine: packages as locked, a build that is current, a free port, Chromium. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

process.env.NEXT_TELEMETRY_DISABLED = '1';

const STAMPS = 'node_modules/.cache/rimbet';
export const HOST = '127.0.0.1';

/** Runs a command with its output shown; true when it succeeded. */
export function succeeds(command, args, env = {}) {
  const run = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  if (run.error) console.error(`${command} could not be started: ${run.error.message}`);
  return run.status === 0;
}

/** Runs a command beside others; resolves with whether it succeeded and all it said. */
export function heard(command, args) {
  return new Promise((resolve) => {
    const run = spawn(command, args);
    let said = '';
    for (const stream of [run.stdout, run.stderr]) stream.on('data', (data) => (said += data));
    run.on('error', (error) => resolve({ ok: false, said: `${command} could not be started: ${error.message}` }));
    run.on('close', (status) => resolve({ ok: status === 0, said }));
  });
}

/** Runs a command that has to succeed, with its output kept back unless it fails. */
export function quietly(command, args, env = {}) {
  const run = spawnSync(command, args, { encoding: 'utf8', env: { ...process.env, ...env } });
  if (run.status === 0) return;
  console.error(`${run.stdout}${run.stderr}\nStopped: ${command} ${args.join(' ')} failed.`);
  process.exit(1);
}

export function must(command, args, env) {
  if (succeeds(command, args, env)) return;
  console.error(`\nStopped: ${command} ${args.join(' ')} failed.`);
  process.exit(1);
}

/** The path of a package's command. */
export const tool = (name) => join('node_modules', '.bin', name);

function filesOf(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
}

function fingerprint(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap(filesOf)) hash.update(file).update('\0').update(readFileSync(file));
  return hash.digest('hex');
}

/** Does the work unless it was done for just these files before. */
function onceFor(name, paths, alsoNeeded, work) {
  const stamp = join(STAMPS, name);
  const now = fingerprint(paths);
  if (existsSync(alsoNeeded) && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  work();
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(stamp, now);
}

/** Exactly the locked packages, installed when they are not. */
export function packagesInstalled() {
  onceFor('packages', ['package-lock.json'], 'node_modules/next/package.json', () => {
    console.log('Installing the locked packages…');
    must('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error']);
  });
}

const BUILT_FROM = [
  'src',
  'public',
  'next.config.ts',
  'tsconfig.json',
  'package-lock.json',
  'scripts/csp.mjs',
  'scripts/theme.ts',
  'scripts/offline.mjs',
  'scripts/build.mjs',
];

/** A production build of the sources as they are. */
export function built() {
  onceFor('build', BUILT_FROM, '.next/sw.js', () => {
    console.log('Building…');
    must(process.execPath, ['scripts/build.mjs']);
  });
}

/** Debian's Chromium, installed when absent. Returns its path. */
export function chromium() {
  const path = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell';
  if (!existsSync(path)) {
    console.log('Installing Chromium from Debian…');
    const quiet = { DEBIAN_FRONTEND: 'noninteractive' };
    must('apt-get', ['update', '-qq'], quiet);
    must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium-headless-shell'], quiet);
  }
  return path;
}

/** Serves the build on a port; resolves with the process once it answers. */
export async function serving(port, host = HOST) {
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production', HOST: host, PORT: String(port) },
  });
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (data) => String(data).includes('Ready') && resolve());
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
  });
  return server;
}

const isFree = (port, host) =>
  new Promise((resolve) => {
    const server = createServer()
      .once('error', () => resolve(false))
      .once('listening', () => server.close(() => resolve(true)))
      .listen(port, host);
  });

/** The port asked for, or the next free one after it. */
export async function freePort(wanted, host = HOST) {
  for (let port = wanted; port < wanted + 50; port += 1) if (await isFree(port, host)) return port;
  throw new Error(`No free port from ${wanted} to ${wanted + 49}. Set PORT to one that is free.`);
}
