/*
 * Labels for the bottles of a day, one a batch, printed or saved as PDF by the browser.
 */
import { useMutation, useQuery } from '@tanstack/react-query';
import { App as AntApp, Button } from 'antd';
import type { Batch, LocalDay } from '@loyal-mane/core';
import { PRODUCT_NAMES, monthDay } from '@loyal-mane/library/words';
import type { Names } from '@loyal-mane/library/words';
import { printLabels } from '../../api/commands';
import { labelPrinterQuery } from '../../api/queries';
import { countWords } from '../../parts/countWords';
import { problemWords } from '../../parts/ProblemNote';
import { dilutionWords } from './Batches';
import type { Measure } from '../../parts/volumes';
import { volumeWords } from '../../parts/volumes';

interface Props {
  readonly batches: readonly Batch[];
  readonly names: Names;
  readonly day: LocalDay;
  readonly measure: Measure;
}

/** Lines of a bottle's label. */
export function labelLines({
  batch,
  names,
  day,
  measure,
}: Omit<Props, 'batches'> & { readonly batch: Batch }): string[] {
  const volume = (ml: number): string => volumeWords(ml, measure);
  return [
    PRODUCT_NAMES[batch.product],
    dilutionWords(batch.parts),
    `${volume(batch.neatMl)} and ${volume(batch.waterMl)} water`,
    `Mixed ${monthDay(day)} for ${batch.dogIds.map((id) => names.dog(id)).join(', ')}`,
    'Use today. What is left is poured away.',
  ];
}

/** Labels on the label printer; nothing where the kennel has none. */
export function PrintLabels({ batches, ...props }: Props) {
  const { message } = AntApp.useApp();
  const isThere = useQuery(labelPrinterQuery).data?.isThere ?? false;
  const send = useMutation({
    mutationFn: () => printLabels(batches.map((batch) => labelLines({ batch, ...props }))),
    onSuccess: () => void message.success(`${countWords(batches.length, 'label')} printed.`),
    onError: (error) => void message.error(problemWords(error), 8),
  });
  if (!isThere) return null;
  return (
    <Button loading={send.isPending} disabled={batches.length === 0} onClick={() => send.mutate()}>
      To the label printer
    </Button>
  );
}

/** The labels on paper, one a batch. */
export function Labels({ batches, ...props }: Props) {
  return (
    <div className="bottle-labels">
      {batches.map((batch) => {
        const [title, ...lines] = labelLines({ batch, ...props });
        return (
          <div key={batch.product}>
            <b>{title}</b>
            {lines.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </div>
        );
      })}
    </div>
  );
}
