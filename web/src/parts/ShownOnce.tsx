/*
 * A secret that the server shows once: to be copied now.
 */
import { Input } from 'antd';

/** Text to copy, chosen whole when it is touched. */
export function ShownOnce({ label, text }: { readonly label: string; readonly text: string }) {
  return <Input.TextArea readOnly autoSize value={text} aria-label={label} onFocus={(e) => e.target.select()} />;
}
