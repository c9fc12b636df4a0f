/** The app behind its gate: one process, started and watched by scripts/start.mjs. */
import { createServer } from 'node:http';
import next from 'next';
import { gateFor, INSTANCE_HEADER } from './lib/gate.mjs';
import { PORT_TAKEN } from './lib/serve.mjs';
import { ROOT } from './lib/run.mjs';

const port = Number(process.env.PORT);
// Loopback and nothing else: a proxy stands before it for more.
const hostname = '127.0.0.1';
const app = next({ dev: false, dir: ROOT, hostname, port });
const gate = gateFor({ port, address: process.env.MINCE_URL });

let handle;
let ending = false;
const server = createServer(
  // A request that trickles in, or never ends, is let go.
  { headersTimeout: 15_000, requestTimeout: 30_000, connectionsCheckingInterval: 5_000, maxHeaderSize: 16 * 1024 },
  (request, response) => {
    response.setHeader(INSTANCE_HEADER, process.env.MINCE_INSTANCE ?? '');
    if (ending) response.setHeader('Connection', 'close');
    if (!gate(request, response)) return;
    handle(request, response).catch((error) => {
      console.error(error);
      response.destroy();
    });
  },
);
// Longer than clients and proxies keep a line, or a request can meet its end.
server.keepAliveTimeout = 75_000;
server.maxConnections = 500;
server.on('error', (error) => {
  console.error(error.message);
  process.exit(error.code === 'EADDRINUSE' ? PORT_TAKEN : 1);
});

for (const signal of ['SIGTERM', 'SIGINT', 'SIGHUP'])
  process.on(signal, () => {
    if (ending) return;
    ending = true;
    // What is under way may end; what only holds the line may not.
    server.close(() => process.exit(0));
    setInterval(() => server.closeIdleConnections(), 100).unref();
    setTimeout(() => process.exit(0), 5000).unref();
  });

await app.prepare();
handle = app.getRequestHandler();
server.listen(port, hostname);
