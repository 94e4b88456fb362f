import { Select } from 'antd';
import { useSearchParams } from 'react-router';

const KINDS = [
  { value: 'dogs', label: 'dogs' },
  { value: 'shows', label: 'shows' },
  { value: 'entries', label: 'entries' },
  { value: 'program', label: 'judging program' },
];

/** The kind of table that is brought in; it is part of the address. */
export function WhatSelect({ onChange }: { readonly onChange?: () => void }) {
  const [params, setParams] = useSearchParams();
  return (
    <Select
      aria-label="What"
      style={{ width: 180 }}
      value={params.get('what') ?? 'dogs'}
      options={KINDS}
      onChange={(what: string) => {
        onChange?.();
        setParams({ what });
      }}
    />
  );
}
