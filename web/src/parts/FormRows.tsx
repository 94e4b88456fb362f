/*
 * Rows of a form that are added and taken away, one line each.
 */
import DeleteOutlined from '@ant-design/icons/DeleteOutlined';
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { Button, Form } from 'antd';
import type { ReactNode } from 'react';

interface Props {
  /** Field of the form that holds the list. */
  readonly name: string;
  readonly addWords: string;
  /** Fields of a new row to begin with. */
  readonly blank?: Readonly<Record<string, unknown>>;
  /** The fields of the row at a place in the list. */
  readonly children: (at: number) => ReactNode;
}

/** A list within a form. */
export function FormRows({ name, addWords, blank = {}, children }: Props) {
  return (
    <Form.List name={name}>
      {(rows, { add, remove }) => (
        <div className="form-rows">
          {rows.map((row) => (
            <div key={row.key} className="row-form">
              {children(row.name)}
              <Button
                type="text"
                aria-label="Remove this line"
                icon={<DeleteOutlined />}
                onClick={() => remove(row.name)}
              />
            </div>
          ))}
          <Button icon={<PlusOutlined />} onClick={() => add(blank)}>
            {addWords}
          </Button>
        </div>
      )}
    </Form.List>
  );
}
