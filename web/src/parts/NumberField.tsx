/*
 * A number in a form: 24,5 and 24.5 are the same.
 */
import { InputNumber } from 'antd';
import type { ComponentProps } from 'react';

/** Stays text until the field reads it: 24, is on its way to 24,5. */
const plain = (text: string | undefined): string => (text ?? '').replace(/\s/g, '').replace(',', '.');

export function NumberField(props: ComponentProps<typeof InputNumber<number | string>>) {
  return <InputNumber<number | string> style={{ width: '100%' }} parser={plain} {...props} />;
}
