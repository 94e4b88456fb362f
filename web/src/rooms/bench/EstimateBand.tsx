/*
 * How long it usually takes: the 20th to the 80th percentile as a band, the middle as a line, what has been worked as a bar.
 */
import type { PlannedActivity } from '@loyal-mane/core';

const MINUTE_MS = 60_000;

/** Minutes worked against the minutes that are usual. */
export function EstimateBand({
  minutes,
  workedMs,
  started,
}: {
  minutes: PlannedActivity['minutes'];
  workedMs: number;
  started: boolean;
}) {
  const worked = workedMs / MINUTE_MS;
  const most = Math.max(minutes.p80 * 1.3, worked * 1.05, 1);
  const at = (min: number): string => `${String((Math.min(most, min) / most) * 100)}%`;
  const left = Math.round(minutes.middle - worked);
  const words = !started
    ? `about ${String(Math.max(1, Math.round(minutes.middle)))} min`
    : left > 0
      ? `about ${String(left)} min more`
      : worked > minutes.p80
        ? 'longer than usual'
        : 'about there';
  return (
    <div className="band">
      <svg width="100%" height="30" aria-hidden style={{ display: 'block' }}>
        <rect x={0} y={10} width="100%" height={10} fill="var(--line)" />
        <rect x={0} y={10} width={at(worked)} height={10} fill="var(--ink)" />
        <rect
          x={at(minutes.p20)}
          y={2}
          width={`${String(((Math.min(most, minutes.p80) - minutes.p20) / most) * 100)}%`}
          height={26}
          fill="var(--tarn-tint)"
          stroke="var(--tarn)"
          strokeWidth={2}
          fillOpacity={0.9}
        />
        <line x1={at(minutes.middle)} x2={at(minutes.middle)} y1={2} y2={28} stroke="var(--tarn)" strokeWidth={3} />
        {started && <line x1={at(worked)} x2={at(worked)} y1={0} y2={30} stroke="var(--ink)" strokeWidth={4} />}
      </svg>
      <div style={{ display: 'flex', justifyContent: 'space-between' }}>
        <span>{words}</span>
        <span className="soft">
          usual <b style={{ color: 'var(--tarn)' }}>{Math.max(1, Math.round(minutes.p20))}</b> to{' '}
          <b style={{ color: 'var(--tarn)' }}>{Math.max(1, Math.round(minutes.p80))}</b> min
        </span>
      </div>
    </div>
  );
}
