/*
 * Products: how each class is thinned and how long it works, typical or as this kennel's own bottles say.
 */
import { Button, InputNumber, Select } from 'antd';
import { PRODUCT_IDS, labelNumber, waterParts } from '@loyal-mane/core';
import type { DilutionWay, KennelProductChange, ProductId } from '@loyal-mane/core';
import { PRODUCTS } from '@loyal-mane/library';
import { PRODUCT_NAMES, RINSE_WORDS } from '@loyal-mane/library/words';
import type { MethodsDraft } from './useMethodsDraft';

const MOST_PARTS = 100;
const MOST_SOAK_MIN = 120;

/** How products are thinned and how long they soak. */
export function ProductsPage({ draft, mayChange }: { draft: MethodsDraft; mayChange: boolean }) {
  return (
    <>
      <p className="soft">The bottle’s own label comes first: write here what yours say.</p>
      <table className="rules products">
        <thead>
          <tr>
            <th scope="col">Product</th>
            <th scope="col">dilution, as the label writes it</th>
            <th scope="col">works, minutes</th>
            <th scope="col">how it leaves the coat</th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {PRODUCT_IDS.map((id) => (
            <ProductRow key={id} id={id} draft={draft} mayChange={mayChange} />
          ))}
        </tbody>
      </table>
    </>
  );
}

/** Ways of writing a dilution, each as the label has it and what it means. */
const WAYS: readonly { readonly value: DilutionWay; readonly label: string }[] = [
  { value: 'oneToN', label: '1 : n' },
  { value: 'nToOne', label: 'n : 1' },
  { value: 'oneInN', label: '1 in n' },
];

/** "One part to 9 of water: ten parts in all." */
export function dilutionSentence(parts: number): string {
  return `one part of product to ${String(parts)} of water, ${String(parts + 1)} in all`;
}

interface DilutionProps {
  readonly id: ProductId;
  readonly parts: number | undefined;
  readonly says: DilutionWay | undefined;
  readonly usual: number;
  readonly mayChange: boolean;
  readonly onSay: (more: Partial<KennelProductChange>) => void;
}

/** The number and the way of the label; two of the ways look alike, so that each says what it means. */
function Dilution({ id, parts, says, usual, mayChange, onSay }: DilutionProps) {
  const way = says ?? 'oneToN';
  const put = (next: DilutionWay, n: number | null): void => {
    const water = n === null ? undefined : waterParts(next, n);
    const isUsual = next === 'oneToN';
    onSay({ parts: water === 0 ? undefined : water, says: isUsual ? undefined : next } as Partial<KennelProductChange>);
  };
  const number = parts === undefined ? null : labelNumber(way, parts);
  return (
    <>
      <Select<DilutionWay>
        aria-label={`${PRODUCT_NAMES[id]}: how the label writes it`}
        disabled={!mayChange}
        value={way}
        options={[...WAYS]}
        style={{ width: 88 }}
        onChange={(next) => put(next, number)}
      />{' '}
      <InputNumber
        aria-label={`${PRODUCT_NAMES[id]}: number on the label`}
        min={way === 'oneInN' ? 2 : 1}
        max={MOST_PARTS}
        precision={0}
        style={{ width: 74 }}
        disabled={!mayChange}
        placeholder={String(labelNumber(way, usual))}
        value={number}
        onChange={(n) => put(way, n)}
      />
      <span className="soft"> {dilutionSentence(parts ?? usual)}</span>
    </>
  );
}

function ProductRow({ id, draft, mayChange }: { id: ProductId; draft: MethodsDraft; mayChange: boolean }) {
  const usual = PRODUCTS[id];
  const own = draft.body.products.find((c) => c.product === id);
  const change = (more: Partial<KennelProductChange>): void => draft.changeProduct({ product: id, ...own, ...more });
  const number = (label: string, field: 'soakFromMin' | 'soakToMin', typical: number | undefined, most: number) => (
    <InputNumber
      aria-label={`${PRODUCT_NAMES[id]}: ${label}`}
      min={0}
      max={most}
      precision={0}
      style={{ width: 74 }}
      disabled={!mayChange}
      placeholder={typical === undefined ? '' : String(typical)}
      value={own?.[field] ?? null}
      onChange={(value) => change({ [field]: value ?? undefined })}
    />
  );
  return (
    <tr>
      <th scope="row">{PRODUCT_NAMES[id]}</th>
      <td>
        {usual.parts === null ? (
          'ready to use'
        ) : (
          <Dilution
            id={id}
            parts={own?.parts}
            says={own?.says}
            usual={usual.parts}
            mayChange={mayChange}
            onSay={change}
          />
        )}
      </td>
      <td>
        {number('works at least', 'soakFromMin', usual.soakMin?.[0], MOST_SOAK_MIN)} to{' '}
        {number('works at most', 'soakToMin', usual.soakMin?.[1], MOST_SOAK_MIN)}
      </td>
      <td>{RINSE_WORDS[usual.rinse]}</td>
      <td>
        {own !== undefined && mayChange && (
          <Button size="small" type="link" onClick={() => draft.changeProduct({ product: id })}>
            As the library has it
          </Button>
        )}
      </td>
    </tr>
  );
}
