import net from 'node:net';
import { Stop } from './say.mjs';

export function freePort(from, tries = 200) {
  return new Promise((resolve, reject) => {
    const server = net.createServer();
    server.once('error', () =>
      tries > 0 ? resolve(freePort(from + 1, tries - 1)) : reject(new Stop('No free port was found on this machine.')),
    );
    server.listen(from, '127.0.0.1', () => server.close(() => resolve(from)));
  });
}

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
