import { createServer } from 'node:http';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { composeServer, newId } from './compose';
import { addDemoClasses } from './demo/saltmarsh';
import { addTaughtClass } from './demo/taught';

/**
 * Starts the server: `--data FOLDER`, `--port N`, `--pages FOLDER`, and `--demo` for Saltmarsh Hall's classes in a fresh database.
 * It binds to 127.0.0.1 alone.
 */
function flags() {
  try {
    return parseArgs({
      options: {
        data: { type: 'string', default: 'data' },
        port: { type: 'string', default: process.env['PORT'] ?? '4310' },
        pages: { type: 'string', default: join(__dirname, '..', 'web') },
        demo: { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    console.error(`${error instanceof Error ? error.message.split('. ')[0] : 'That was not understood'}.`);
    console.error('The server takes --port N, --data FOLDER, --pages FOLDER and --demo.');
    process.exit(2);
  }
}
const asked = flags();

const port = Number(asked.port);
if (!Number.isInteger(port) || port < 1 || port > 65_535) {
  console.error('The port must be a whole number from 1 to 65535, for example --port 4310.');
  process.exit(2);
}
const data = resolve(asked.data);
const server = composeServer({
  file: join(data, 'needlework.sqlite'),
  migrations: join(__dirname, 'migrations'),
  pages: resolve(asked.pages),
  hosts: new Set([`127.0.0.1:${port}`, `localhost:${port}`]),
  report: (error) => console.error(error),
});
if (asked.demo && server.classes.list({ limit: 1 }).classes.length === 0) {
  addDemoClasses(server, newId);
  addTaughtClass(server, newId, Date.now());
}

const http = createServer(server.app);
http.on('error', (error: NodeJS.ErrnoException) => {
  const words =
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop the other program, or start with --port ${port + 1}.`
      : error.message;
  console.error(words);
  process.exit(1);
});
http.listen(port, '127.0.0.1', () => console.log(`Needlework is ready: http://127.0.0.1:${port}`));

function stop(): void {
  http.close(() => {
    server.close();
    process.exit(0);
  });
  http.closeAllConnections();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
