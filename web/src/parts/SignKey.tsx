/*
 * The key to the signs: every step's sign with its name, and the signs of how a task stands.
 */
import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { StepId } from '@loyal-mane/core';
import { STEP_IDS } from '@loyal-mane/core';
import { METHODS } from '@loyal-mane/library/words';
import { Sign, StepGlyph } from './Glyph';
import { useReturnFocus } from './useReturnFocus';

const STATES = [
  ['st-done', 'done'],
  ['st-decide', 'needs a decision'],
] as const;

/** Steps that share a sign stand under it together. */
function stepsBySign(): readonly (readonly StepId[])[] {
  const signs = [...new Set(STEP_IDS.map((id) => METHODS[id].glyph))];
  return signs.map((sign) => STEP_IDS.filter((id) => METHODS[id].glyph === sign));
}

/** The meaning of the signs, on demand. */
export function SignKey() {
  const [open, setOpen] = useState(false);
  useReturnFocus(open);
  return (
    <>
      <Button size="small" type="text" onClick={() => setOpen(true)}>
        What the signs mean
      </Button>
      <Modal open={open} onCancel={() => setOpen(false)} footer={null} width={760} title="What the signs mean">
        <ul className="sign-key">
          {stepsBySign().map((ids) => (
            <li key={ids[0]}>
              {ids[0] !== undefined && <StepGlyph step={ids[0]} size={24} />}
              <span>{ids.map((id) => METHODS[id].name).join(', ')}</span>
            </li>
          ))}
          {STATES.map(([id, words]) => (
            <li key={id}>
              <Sign id={id} size={24} />
              <span>{words}</span>
            </li>
          ))}
        </ul>
      </Modal>
    </>
  );
}
