/*
 * A day in a form. Enter takes the day that was typed; without this it would also send the form, half filled in.
 */
import { DatePicker } from 'antd';
import type { ComponentProps } from 'react';

export function DayField(props: ComponentProps<typeof DatePicker>) {
  return (
    <DatePicker
      style={{ width: '100%' }}
      {...props}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.preventDefault();
      }}
    />
  );
}
