/*
 * Why a task is skipped: a touch for the usual reasons, typing for others.
 */
import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import type { BenchTask } from './myTasks';

const REASONS = ['Dog unwell', 'Not needed', 'Station taken', 'No time'] as const;

interface Props {
  readonly task: BenchTask | null;
  readonly onCancel: () => void;
  readonly onSkip: (reason: string) => void;
}

/** Asks why a task is skipped. */
export function SkipDialog({ task, onCancel, onSkip }: Props) {
  const [reason, setReason] = useState('');
  const skip = (why: string): void => {
    setReason('');
    onSkip(why);
  };
  return (
    <Modal
      open={task !== null}
      title="Why is it skipped?"
      okText="Skip it"
      okButtonProps={{ disabled: reason.trim() === '' }}
      onCancel={() => {
        setReason('');
        onCancel();
      }}
      onOk={() => skip(reason)}
    >
      <div className="skip-reasons" role="group" aria-label="Usual reasons">
        {REASONS.map((why) => (
          <Button key={why} size="large" onClick={() => skip(why)}>
            {why}
          </Button>
        ))}
      </div>
      <Input.TextArea
        aria-label="Why it is skipped"
        placeholder="Another reason"
        rows={2}
        maxLength={300}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
    </Modal>
  );
}
