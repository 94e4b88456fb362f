import { Upload } from 'antd';
import type { ReactNode } from 'react';

interface Props {
  /** Endings and types that the file dialog offers. */
  readonly accept: string;
  readonly title: string;
  readonly onFile: (file: File) => Promise<void>;
  readonly children: ReactNode;
}

/** Where a file is chosen or dropped; it is read here and sent nowhere. */
export function FileDrop({ accept, title, onFile, children }: Props) {
  return (
    <Upload.Dragger
      accept={accept}
      showUploadList={false}
      beforeUpload={(chosen) => {
        void onFile(chosen);
        return false;
      }}
    >
      <p>
        <b>{title}</b>
      </p>
      <p className="soft">{children}</p>
    </Upload.Dragger>
  );
}
