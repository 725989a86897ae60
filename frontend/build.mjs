// Makes what the browser gets: run by `./ongle assets`, checked for staleness by `./ongle test`.
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import woff2 from 'wawoff2';

const here = dirname(fileURLToPath(import.meta.url));
const modules = join(here, 'node_modules');
const resources = join(here, '..', 'app', 'src', 'main', 'resources');
const out = process.env.ONGLE_ASSETS_OUT ?? join(resources, 'static');
const pdf = process.env.ONGLE_ASSETS_OUT ? join(out, 'pdf') : join(resources, 'pdf');
for (const dir of ['css', 'vendor', 'fonts']) mkdirSync(join(out, dir), { recursive: true });
mkdirSync(pdf, { recursive: true });

execFileSync(process.execPath, [
  join(modules, '@tailwindcss/cli/dist/index.mjs'),
  '-i', join(here, 'src/ongle.css'), '-o', join(out, 'css/ongle.css'), '--minify',
], { stdio: ['ignore', 'ignore', 'inherit'], cwd: here });

const copies = [
  ['htmx.org/dist/htmx.min.js', 'vendor/htmx.min.js'],
  ['htmx.org/LICENSE', 'vendor/htmx.LICENSE.txt'],
  ['idiomorph/dist/idiomorph-ext.min.js', 'vendor/idiomorph.min.js'],
  ['idiomorph/LICENSE', 'vendor/idiomorph.LICENSE.txt'],
  ['@alpinejs/csp/dist/cdn.min.js', 'vendor/alpine-csp.min.js'],
  ['three/build/three.module.min.js', 'vendor/three.module.min.js'],
  ['three/build/three.core.min.js', 'vendor/three.core.min.js'],
  ['three/LICENSE', 'vendor/three.LICENSE.txt'],
  ['@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2', 'fonts/atkinson-hyperlegible-next.woff2'],
  ['@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2', 'fonts/atkinson-hyperlegible-next-ext.woff2'],
  ['@fontsource-variable/atkinson-hyperlegible-next/LICENSE', 'fonts/atkinson-hyperlegible-next.LICENSE.txt'],
  ['@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2', 'fonts/bricolage-grotesque.woff2'],
  ['@fontsource-variable/bricolage-grotesque/LICENSE', 'fonts/bricolage-grotesque.LICENSE.txt'],
];
for (const [from, to] of copies) copyFileSync(join(modules, from), join(out, to));

// The PDF writer reads TrueType only.
for (const weight of [400, 700]) {
  const file = `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff2`;
  writeFileSync(join(pdf, `atkinson-hyperlegible-next-${weight}.ttf`), await woff2.decompress(readFileSync(join(modules, file))));
}

// Paper knows neither CSS variables nor screen pixels: both are resolved here, in the light colours.
const PIXEL_MM = 0.2;
const source = (name) => readFileSync(join(here, 'src', name), 'utf8');
const light = source('tokens.css').split('}')[0];
const tokens = Object.fromEntries([...light.matchAll(/(--[a-z-]+):\s*([^;]+);/g)].map(([, name, value]) => [name, value]));
const resolved = (name) => source(name).replace(/var\((--[a-z-]+)\)/g, (use, token) => {
  if (!tokens[token]) throw new Error(`${name}: no colour ${token}`);
  return tokens[token];
});
const onPaper = {
  fill: (v) => v, stroke: (v) => v, 'fill-opacity': (v) => v, 'stroke-opacity': (v) => v,
  'stroke-width': millimetres, 'stroke-dasharray': millimetres,
};
function millimetres(pixels) {
  return pixels.replaceAll('px', '').split(' ').map((px) => (Number(px) * PIXEL_MM).toFixed(3)).join(' ');
}
const marks = {};
for (const [, name, rule] of resolved('drawing.css').matchAll(/\.scene \.([a-z0-9-]+) \{([^}]*)}/g)) {
  const said = [...rule.matchAll(/([a-z-]+): ([^;]+);/g)].filter(([, property]) => onPaper[property]);
  marks[name] = Object.fromEntries(said.map(([, property, value]) => [property, onPaper[property](value.trim())]));
}
writeFileSync(join(pdf, 'marks.json'), JSON.stringify(marks, null, 1) + '\n');
writeFileSync(join(pdf, 'sheet.css'), resolved('sheet.css'));
