/** `npm run demo`: from a fresh machine to the running application, with the example workshop at the first visit. */
import { HOST, built, freePort, packagesInstalled, serving } from './lib/machine.mjs';

packagesInstalled();
built();
const wanted = Number(process.env.PORT ?? 4310);
const port = await freePort(wanted);
if (port !== wanted) console.log(`Port ${wanted} is busy, so ${port} is used. To choose another: PORT=5000 npm run demo`);
const server = await serving(port);
console.log(`\nRimbet runs at http://${HOST}:${port}/   (Ctrl+C stops it)\n`);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
