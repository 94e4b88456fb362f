import type { Model } from '@loyal-mane/engine';
export function lpOf(model: Model): string;
