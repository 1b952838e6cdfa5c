/** `npm run demo`: from a fresh machine to the running application, with the example workshop at the first visit; `-- --host` serves the house. */
import { networkInterfaces } from 'node:os';
import { HOST, built, freePort, packagesInstalled, serving } from './lib/machine.mjs';

const forHouse = process.argv.includes('--host');
const host = forHouse ? '0.0.0.0' : HOST;

packagesInstalled();
built();
const wanted = Number(process.env.PORT ?? 4310);
const port = await freePort(wanted, host);
if (port !== wanted) console.log(`Port ${wanted} is busy, so ${port} is used. To choose another: PORT=5000 npm run demo`);
const server = await serving(port, host);
console.log(`\nRimbet runs at http://${HOST}:${port}/   (Ctrl+C stops it)`);
if (forHouse) {
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal }) => family === 'IPv4' && !internal);
  for (const { address } of addresses) console.log(`In the house: http://${address}:${port}/`);
  if (addresses.length === 0) console.log('This machine is in no network: nobody else reaches it.');
  console.log(
    'Everyone in this network can open it; what they keep stays in their own browser. Over plain http a browser does not keep the\n' +
      'application for offline use, keep the screen awake or copy to the clipboard: those need https, by a proxy of yours with a certificate.',
  );
}
console.log('');
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
