/*
 * Lines ticked on a task's page, and which line of a guided sequence comes next.
 */
import type { PageLine } from '@loyal-mane/core';
import type { StepPage } from '@loyal-mane/library/pages';
import type { Ticking } from '../../parts/PageLines';
import type { BenchTask } from './myTasks';
import { isOver } from './myTasks';

/** Ticking on a task; null while nobody works on it. */
export function tickingOf(
  task: BenchTask | null,
  tick: (task: BenchTask, line: string, isTicked: boolean) => void,
): Ticking | null {
  if (task?.work == null || isOver(task)) return null;
  return { ticked: new Set(task.work.ticked), onTick: (line, isTicked) => tick(task, line, isTicked) };
}

/** The first line of a guided sequence that is not ticked; null where there is none. */
export function nextLine(page: StepPage, ticking: Ticking | null): PageLine | null {
  return page.lines.find((l) => l.sequence !== undefined && ticking?.ticked.has(l.id) !== true) ?? null;
}
