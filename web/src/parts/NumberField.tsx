/*
 * A number in a form: 24,5 and 24.5 are the same. Text that is no number is told; the field shows its last number again.
 */
import { InputNumber } from 'antd';
import { useState } from 'react';
import type { ComponentProps } from 'react';

/** Stays text until the field reads it: 24, is on its way to 24,5. */
const plain = (text: string | undefined): string => (text ?? '').replace(/\s/g, '').replace(',', '.');

/** A number, typed with a comma or a point; what is no number stays and is named. */
export function NumberField(props: ComponentProps<typeof InputNumber<number | string>>) {
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <>
      <InputNumber<number | string>
        style={{ width: '100%' }}
        parser={plain}
        {...props}
        {...(wrong === null ? {} : { status: 'error' as const })}
        onInput={(text) => setWrong(Number.isNaN(Number(plain(text))) ? text.trim() : null)}
      />
      {wrong !== null && (
        <span className="bad" role="alert">
          “{wrong}” is not a number. Write it like 24.5.
        </span>
      )}
    </>
  );
}
