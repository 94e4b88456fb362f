/*
 * A time of day in a form: 930, 9.30 and 09:30 are the same.
 */
import { Input } from 'antd';
import { wallTyped } from './rows/fieldSpec';

interface Props {
  readonly value?: string | null;
  /** HH:MM, nothing, or the text that was typed and is no time. */
  readonly onChange?: (value: string | undefined) => void;
  readonly id?: string;
  readonly placeholder?: string;
  readonly className?: string;
  readonly 'aria-label'?: string;
}

/** Reads what people type when they leave it. */
export function WallInput({ value, onChange, placeholder = 'HH:MM', ...props }: Props) {
  const tell = (text: string): void => onChange?.(text === '' ? undefined : text);
  return (
    <Input
      {...props}
      inputMode="numeric"
      placeholder={placeholder}
      value={value ?? ''}
      onChange={(e) => tell(e.target.value)}
      onBlur={(e) => tell(wallTyped(e.target.value))}
    />
  );
}
