/*
 * A step's sign, or a dog's silhouette: symbols of our own sprites, named for those who cannot see them.
 */
import type { StepId } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';

/** A sign of the house by its id; `size` in px. */
export function Sign({ id, size, tone, title }: { id: string; size: number; tone?: string; title?: string }) {
  return (
    <svg
      className={`glyph${tone === undefined ? '' : ` tone-${tone}`}`}
      width={size}
      height={size}
      role={title === undefined ? undefined : 'img'}
      aria-label={title}
      aria-hidden={title === undefined}
    >
      <use href={`/sprites/glyphs.svg#g-${id}`} />
    </svg>
  );
}

/** The sign of a step in its tone; `size` in px. */
export function StepGlyph({ step, size, title, tone }: { step: StepId; size: number; title?: string; tone?: string }) {
  const words = METHODS[step];
  return <Sign id={words.glyph} size={size} tone={tone ?? words.tone} {...(title === undefined ? {} : { title })} />;
}

/** The silhouette of a breed; `width` in px. */
export function DogBadge({ badge, width, tone }: { badge: string; width: number; tone?: string }) {
  return (
    <svg
      className={`glyph${tone === undefined ? '' : ` tone-${tone}`}`}
      width={width}
      height={(width * 2) / 3}
      aria-hidden
    >
      <use href={`/sprites/dogs.svg#dog-${badge}`} />
    </svg>
  );
}
