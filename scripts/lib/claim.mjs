/** Who runs the records of a folder: a name that the system lends to one process at a time and takes back when it is gone, however it went. */
import net from 'node:net';

const nameOf = (folder) => ({ path: `\0mince:${folder}` });

/**
 * Takes the folder for this process, or learns who has it.
 * @param {() => object} about what others are told
 * @returns {Promise<{mine: true, release: () => void} | {mine: false}>}
 */
export function claim(folder, about = () => ({})) {
  return new Promise((resolve, reject) => {
    const server = net.createServer((socket) => {
      socket.on('error', () => {});
      socket.end(JSON.stringify({ pid: process.pid, ...about() }));
    });
    server.once('error', (error) => (error.code === 'EADDRINUSE' ? resolve({ mine: false }) : reject(error)));
    server.listen(nameOf(folder), () => resolve({ mine: true, release: () => server.close() }));
    server.unref();
  });
}

/** What the process that has the folder says of itself; undefined when there is none. */
export function whoRuns(folder) {
  return new Promise((resolve) => {
    const socket = net.connect({ ...nameOf(folder), timeout: 2000 });
    let text = '';
    const end = (value) => {
      socket.destroy();
      resolve(value);
    };
    socket
      .on('data', (chunk) => (text += chunk))
      .once('end', () => {
        try {
          end(JSON.parse(text));
        } catch {
          end({});
        }
      })
      .once('timeout', () => end({}))
      .once('error', () => end(undefined));
  });
}
