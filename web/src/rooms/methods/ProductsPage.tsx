/*
 * Products: how each class is thinned and how long it works, typical or as this kennel's own bottles say.
 */
import { Button, InputNumber } from 'antd';
import { PRODUCT_IDS } from '@loyal-mane/core';
import type { KennelProductChange, ProductId } from '@loyal-mane/core';
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
            <th scope="col">parts of water to one</th>
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

function ProductRow({ id, draft, mayChange }: { id: ProductId; draft: MethodsDraft; mayChange: boolean }) {
  const usual = PRODUCTS[id];
  const own = draft.body.products.find((c) => c.product === id);
  const change = (more: Partial<KennelProductChange>): void => draft.changeProduct({ product: id, ...own, ...more });
  const number = (
    label: string,
    field: 'parts' | 'soakFromMin' | 'soakToMin',
    typical: number | undefined,
    most: number,
  ) => (
    <InputNumber
      aria-label={`${PRODUCT_NAMES[id]}: ${label}`}
      min={field === 'parts' ? 1 : 0}
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
      <td>{usual.parts === null ? 'ready to use' : number('parts of water', 'parts', usual.parts, MOST_PARTS)}</td>
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
