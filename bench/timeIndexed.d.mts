import type { FitModel } from '@loyal-mane/core';
export function lpOf(model: FitModel): string;
