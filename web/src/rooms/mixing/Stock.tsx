/*
 * The stock, when it runs out by the baths that are planned, and what to order.
 */
import DownloadOutlined from '@ant-design/icons/DownloadOutlined';
import { Button } from 'antd';
import { PRODUCT_IDS, isExpired, orderList, runOuts } from '@loyal-mane/core';
import type { DayNeed, KennelBottle, LocalDay, RunOut } from '@loyal-mane/core';
import { csvOf } from '@loyal-mane/library/csv';
import { PRODUCT_NAMES, monthDay } from '@loyal-mane/library/words';
import { download } from '../../parts/download';
import type { FieldSpec } from '../../parts/rows/fieldSpec';
import type { Opened } from '../../parts/rows/RowDrawer';
import { RowTable } from '../../parts/rows/RowTable';
import type { Measure } from '../../parts/volumes';
import { volumeWords } from '../../parts/volumes';

/** Fields of a bottle. */
export const bottleFields = (): readonly FieldSpec[] => [
  {
    name: 'product',
    required: true,
    label: 'Class of product',
    kind: 'one',
    choices: PRODUCT_IDS.map((value) => ({ value, label: PRODUCT_NAMES[value] })),
  },
  { name: 'name', required: true, label: 'Name on the label', kind: 'text' },
  { name: 'sizeMl', required: true, label: 'Holds when full', kind: 'number', unit: 'ml', step: 50 },
  { name: 'leftMl', required: true, label: 'Left in it', kind: 'number', unit: 'ml', step: 50 },
  { name: 'openedOn', label: 'Opened on', kind: 'day' },
  { name: 'expiresOn', label: 'Use until', kind: 'day', hint: 'a bottle that is over its day is not mixed from' },
];

interface Props {
  readonly bottles: readonly KennelBottle[];
  readonly needs: readonly DayNeed[];
  readonly today: LocalDay;
  readonly measure: Measure;
  /** Null for those who may not change the stock. */
  readonly open: ((opened: Opened) => void) | null;
}

/** "runs out Thu 25 Jun (23 to 29 Jun)". */
export function runOutWords({ leftMl, day, earliest, latest, neededMl }: RunOut): string {
  if (neededMl === 0) return 'no bath that is planned takes it';
  if (earliest === null) return 'lasts for all baths that are planned';
  if (leftMl === 0) return `none left: needed ${monthDay(earliest)}`;
  const range = `${monthDay(earliest)} at the earliest`;
  if (day === null) return `may run out, ${range}`;
  return `runs out ${monthDay(day)}; ${range}, ${latest === null ? 'or not at all' : `${monthDay(latest)} at the latest`}`;
}

/** Bottles, run-outs, the order. */
export function Stock({ bottles, needs, today, measure, open }: Props) {
  const outs = runOuts(bottles, needs, today);
  const order = orderList(bottles, outs);
  const edit = (row: KennelBottle | null): void =>
    open?.({
      list: 'bottles',
      row,
      title: row?.name ?? 'New bottle',
      specs: bottleFields(),
      blank: { sizeMl: 1000, leftMl: 1000 },
    });
  const writeOrder = (): void =>
    download(
      'order.csv',
      csvOf(
        ['product', 'bottles', 'ml each', 'needed by'],
        order.map((o) => [PRODUCT_NAMES[o.product], String(o.bottles), String(o.sizeMl), o.by]),
      ),
    );
  return (
    <>
      <ul className="run-outs" aria-label="When it runs out">
        {outs.map((o) => (
          <li key={o.product} className={o.earliest === null ? undefined : 'soon'}>
            <b>{PRODUCT_NAMES[o.product]}</b>
            <span>{volumeWords(o.leftMl, measure)} left</span>
            <span className="soft">{runOutWords(o)}</span>
          </li>
        ))}
      </ul>
      {order.length > 0 && (
        <p>
          <b>Order:</b>{' '}
          {order.map((o) => `${String(o.bottles)} x ${PRODUCT_NAMES[o.product].toLowerCase()}`).join(', ')}.{' '}
          <Button type="text" icon={<DownloadOutlined />} onClick={writeOrder}>
            Order as CSV
          </Button>
        </p>
      )}
      <RowTable
        name="Bottles"
        rows={bottles}
        idOf={(b) => b.id}
        {...(open === null ? {} : { onOpen: edit })}
        empty="No bottle yet. What is in stock is entered once; each mix is then taken from it."
        tools={open === null ? null : <Button onClick={() => edit(null)}>Add bottle</Button>}
        columns={[
          { name: 'Product', text: (b) => PRODUCT_NAMES[b.product], filter: true },
          { name: 'Label', text: (b) => b.name, show: (b) => <b>{b.name}</b> },
          { name: 'Left', text: (b) => volumeWords(b.leftMl, measure), by: (b) => b.leftMl, width: 100 },
          { name: 'Holds', text: (b) => volumeWords(b.sizeMl, measure), by: (b) => b.sizeMl, width: 100 },
          { name: 'Opened', text: (b) => (b.openedOn === undefined ? '' : monthDay(b.openedOn)), width: 110 },
          {
            name: 'Use until',
            text: (b) =>
              b.expiresOn === undefined
                ? ''
                : `${monthDay(b.expiresOn)} ${b.expiresOn.slice(0, 4)}${isExpired(b, today) ? ', over' : ''}`,
            width: 130,
          },
        ]}
      />
    </>
  );
}
