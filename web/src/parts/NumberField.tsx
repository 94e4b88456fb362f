/*
 * A number in a form: 24,5 and 24.5 are the same.
 */
import { InputNumber } from 'antd';
import type { ComponentProps } from 'react';

const plain = (text: string | undefined): string => (text ?? '').replace(/\s/g, '').replace(',', '.');

export function NumberField(props: ComponentProps<typeof InputNumber<number>>) {
  return (
    <InputNumber<number> style={{ width: '100%' }} parser={(text) => plain(text) as unknown as number} {...props} />
  );
}
