// `npm test` on any machine: installs what is missing, then runs every check.
import { spawnSync } from 'node:child_process';
import { ensureChromium, ensurePackages } from './machine.mjs';

ensurePackages();
ensureChromium();
const { status } = spawnSync('npx', ['tsx', 'scripts/check.ts', ...process.argv.slice(2)], { stdio: 'inherit' });
process.exit(status ?? 1);
