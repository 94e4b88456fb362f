/*
 * Writes the sprite of dogs' badges from the body template, after core and library are built.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { silhouetteSprite } from '../library/dist/outline/silhouettes.js';

writeFileSync(fileURLToPath(new URL('../web/public/sprites/dogs.svg', import.meta.url)), silhouetteSprite());
