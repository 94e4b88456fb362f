/*
 * How the work is spread over the days: attended minutes of each person beside their shift, and minutes of each station, as
 * charts and as the tables they are drawn from.
 */
import { Table } from 'antd';
import { useMemo } from 'react';
import { loadsOf } from '@loyal-mane/core';
import type { LoadRow, Loads, LocalDay, Plan } from '@loyal-mane/core';
import { shortWeekday } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import type { Kennel } from '../../api/queries';
import { BarsByDay } from '../../parts/BarsByDay';

/** As many as a plan holds whole. */
const DAYS = 7;

interface Props {
  readonly kennel: Kennel;
  readonly plan: Plan | null;
  readonly names: Names;
  readonly from: LocalDay;
  readonly width: number;
}

/** Load of people and stations from a day on. */
export function LoadView({ kennel, plan, names, from, width }: Props) {
  const loads = useMemo(() => loadsOf(kennel, plan, from, DAYS), [kennel, plan, from]);
  return (
    <section className="loads" aria-label="Load by day">
      <LoadPart
        title="People, hours by day"
        loads={loads}
        rows={loads.people}
        nameOf={(id) => names.person(id)}
        width={width}
      />
      <LoadPart
        title="Stations, hours by day"
        loads={loads}
        rows={loads.stations}
        nameOf={(id) => names.station(id)}
        width={width}
      />
    </section>
  );
}

interface PartProps {
  readonly title: string;
  readonly loads: Loads;
  readonly rows: readonly LoadRow[];
  readonly nameOf: (id: string) => string;
  readonly width: number;
}

function LoadPart({ title, loads, rows, nameOf, width }: PartProps) {
  const label = (day: LocalDay): string => `${shortWeekday(day)} ${String(Number(day.slice(8)))}`;
  const hours = (minutes: readonly number[]): number[] => minutes.map((m) => Math.round(m / 6) / 10);
  const shifts = loads.days.map((_, k) => rows.reduce((sum, r) => sum + (r.shift[k] ?? 0), 0));
  return (
    <section aria-label={title}>
      <h2 className="serif">{title}</h2>
      <BarsByDay
        days={loads.days.map(label)}
        series={rows.map((r) => ({ name: nameOf(r.id), values: hours(r.minutes) }))}
        {...(shifts.some((m) => m > 0) ? { line: { name: 'Shifts', values: hours(shifts) } } : {})}
        width={width}
      />
      <Table
        size="small"
        pagination={false}
        rowKey="id"
        dataSource={[...rows]}
        scroll={{ x: true }}
        columns={[
          { title: 'Name', key: 'name', render: (_, r) => nameOf(r.id) },
          ...loads.days.map((day, k) => ({
            title: label(day),
            key: day,
            align: 'right' as const,
            render: (_: unknown, r: LoadRow) => cellOf(r, k),
          })),
        ]}
      />
    </section>
  );
}

/** "3.3 of 7.5 h", or nothing where there is neither work nor a shift. */
function cellOf(r: LoadRow, k: number): string {
  const minutes = r.minutes[k] ?? 0;
  const shift = r.shift[k] ?? 0;
  if (minutes === 0 && shift === 0) return '';
  const hours = (m: number): string => (m / 60).toFixed(1);
  return shift === 0 ? `${hours(minutes)} h` : `${hours(minutes)} of ${hours(shift)} h`;
}
