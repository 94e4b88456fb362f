/*
 * The sprite of the dogs' badges, drawn from the body template: one symbol a shape, `dog-<shape>`.
 */
import { dogOutline, silhouettePaths } from '@loyal-mane/core';
import { BODY_SHAPES } from './bodyShapes.js';

const WIDTH = 60;
const HEIGHT = 40;

/** SVG text of the whole sprite. */
export function silhouetteSprite(): string {
  const symbols = Object.entries(BODY_SHAPES).map(([id, row]) => {
    const { far, near } = silhouettePaths(dogOutline(row), WIDTH, HEIGHT);
    return [
      `<symbol id="dog-${id}" viewBox="0 0 ${String(WIDTH)} ${String(HEIGHT)}"><title>${id.replaceAll('-', ' ')}</title>`,
      `<path d="${far}" fill="currentColor" opacity=".55"/>`,
      `<path d="${near}" fill="currentColor" fill-rule="nonzero"/></symbol>`,
    ].join('');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg">\n${symbols.join('\n')}\n</svg>\n`;
}
