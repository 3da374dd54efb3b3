import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';

const THEME = 'src/web/kit/theme';
const TOKENS = readFileSync(join(THEME, 'tokens.css'), 'utf8');

/** The colors of the blocks of the tokens, in their order: light, dark as chosen, dark as the device prefers. */
const themes = [...TOKENS.matchAll(/\{([^{}]*)\}/g)].map(([, block = '']) =>
  Object.fromEntries([...block.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map(([, name, hex]) => [name, hex])),
);

/** Relative luminance of a color (WCAG 2.2). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((one, other) => other - one);
  return (light + 0.05) / (dark + 0.05);
}

/** Every color of text with every ground it may stand on. */
const PAIRS = [
  ...['ink', 'soft', 'brine', 'rust'].flatMap((text) => ['paper', 'wash'].map((ground) => [text, ground])),
  ['on-brine', 'brine'],
  ['paper', 'rust'],
  ['paper', 'ink'],
];

describe.each(
  ['light', 'dark, chosen', 'dark, preferred'].map((name, at) => [name, themes[at] ?? {}] as const),
)('the colors of the theme, %s', (_, colors) => {
  test.each(PAIRS)('%s is read on %s', (text = '', ground = '') => {
    const [front, back] = [colors[text], colors[ground]];
    if (!front || !back) throw new Error(`the theme has no ${text} or ${ground}`);
    expect(contrast(front, back)).toBeGreaterThanOrEqual(4.5);
  });
});

test('no style names a color of its own: what the pairs above say holds on every page', () => {
  const files = readdirSync('src/web', { recursive: true, withFileTypes: true })
    .filter(({ name }) => /\.(vue|css)$/.test(name) && name !== 'tokens.css' && name !== 'print.css')
    .map(({ parentPath, name }) => join(parentPath, name));
  const own = files.flatMap((file) =>
    readFileSync(file, 'utf8')
      .split('\n')
      .filter((text) => /^\s*(color|background|fill|background-color):/.test(text))
      .filter((text) => /#[0-9a-f]{3,8}\b|\b(rgb|hsl|oklch)\(/i.test(text) && !text.includes('/ 65%'))
      .map((text) => `${file}: ${text.trim()}`),
  );
  expect(own).toEqual([]);
});
