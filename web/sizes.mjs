// What each page loads before it stands, gzip: `npm run sizes` after a build. It prints and asserts nothing.
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const dist = new URL('./dist/', import.meta.url);
const text = (name) => readFileSync(new URL(name, dist), 'utf8');
const scripts = readdirSync(new URL('assets/', dist)).filter((name) => name.endsWith('.js'));
const size = (name) => gzipSync(text(`assets/${name}`)).length;
const needs = (name) =>
  [...text(`assets/${name}`).matchAll(/(?:import|from)\s*["']\.\/([^"']+\.js)["']/g)].map((found) => found[1]);
const entry = text('index.html').match(/assets\/([^"]+\.js)/)[1];

/** Everything that is loaded with these, itself included. */
function loaded(names) {
  const all = new Set();
  for (const open = [...names]; open.length > 0;) {
    const name = open.pop();
    if (!all.has(name)) {
      all.add(name);
      open.push(...needs(name));
    }
  }
  return [...all];
}

const pages = { phone: ['CrewApp'], leader: ['JobScreen', 'LayPanel'], board: ['Board'], 'one tree': ['TreePage'] };
for (const [page, parts] of Object.entries(pages)) {
  const names = parts.map((part) => scripts.find((name) => name.startsWith(`${part}-`)));
  const all = loaded([entry, ...names]).map((name) => [size(name), name.replace(/-[^-]+\.js$/, '')]);
  all.sort((a, b) => b[0] - a[0]);
  const kilobytes = (bytes) => (bytes / 1024).toFixed(1);
  const largest = all.slice(0, 6).map(([bytes, name]) => `${name} ${kilobytes(bytes)}`);
  console.log(`${page}: ${kilobytes(all.reduce((sum, [bytes]) => sum + bytes, 0))} KB (${largest.join(', ')}, ...)`);
}
