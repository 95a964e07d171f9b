// What one writes on and ticks stands out from what it lies on: 3 : 1 at least (WCAG 2.2, 1.4.11), in both themes.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const css = readFileSync(join(__dirname, 'theme.css'), 'utf8');

/** Colours of a theme by name: daisyUI's block, and ours for it. */
function coloursOf(theme: 'soot' | 'ash'): ReadonlyMap<string, string> {
  const daisy = new RegExp(`name: '${theme}';([^}]*)}`).exec(css)?.[1] ?? '';
  const root = /:root \{([^}]*)\}/.exec(css)?.[1] ?? '';
  const own = /\[data-theme='ash'\] \{([^}]*)\}/.exec(css)?.[1] ?? '';
  const all = theme === 'soot' ? daisy + root : daisy + root + own;
  return new Map(
    [...all.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map((m) => [m[1] ?? '', m[2] ?? '']),
  );
}

/** Relative luminance (WCAG 2.2). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => {
    const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string): number => {
  const [x, y] = [luminance(a), luminance(b)];
  return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
};

it('black on white is 21 : 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
});

it.each(
  (['soot', 'ash'] as const).flatMap((theme) =>
    (['field-line', 'color-primary', 'color-error'] as const).flatMap((line) =>
      (['color-base-100', 'color-base-200'] as const).map(
        (ground) => [theme, line, ground] as const,
      ),
    ),
  ),
)('%s: %s on %s', (theme, line, ground) => {
  const colours = coloursOf(theme);
  expect(contrast(colours.get(line) ?? '', colours.get(ground) ?? '')).toBeGreaterThanOrEqual(3);
});
