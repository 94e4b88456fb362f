/*
 * Out and in again: the bench card, the picture, the open file.
 */
import { App as AntApp, Button, Upload } from 'antd';
import { memo, useState } from 'react';
import type { PersonId } from '@loyal-mane/core';
import { useRooms } from '../../parts/useRooms';
import { benchCard, draftOfFile, outlineFileOf, outlinePictureOf, saveFile } from './outlineFiles';
import type { OutlineSource } from './outlineFiles';
import type { SolvedOutline } from './outlineOf';
import type { useOutlineDraft } from './useOutlineDraft';
import { kitOf } from './zoneTool';

/** Largest file that is read, bytes: an outline has a few thousand. */
const MOST_BYTES = 1_000_000;

interface Props extends Omit<OutlineSource, 'draft'> {
  /** Whoever cuts; null where no trim is planned. */
  readonly cutterId: PersonId | null;
  readonly solved: SolvedOutline;
  readonly draft: ReturnType<typeof useOutlineDraft>;
}

/** Buttons for each kind of file. */
export const OutlineFiles = memo(function OutlineFiles({ solved, draft, cutterId, ...rest }: Props) {
  const source = { ...rest, draft: draft.draft };
  const { message } = AntApp.useApp();
  const { lead, kennel } = useRooms();
  const [busy, setBusy] = useState(false);
  const name = `${source.dog.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${source.showDay}`;
  const print = async (): Promise<void> => {
    setBusy(true);
    try {
      saveFile(`${name}.pdf`, 'application/pdf', await benchCard(source, solved, kitOf(kennel, cutterId)));
    } catch {
      void message.error('The bench card could not be made. Nothing was lost: try again.');
    } finally {
      setBusy(false);
    }
  };
  const bring = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES) return void message.error('That file is too large to be an outline.');
    const found = draftOfFile(await file.text());
    if ('wrong' in found) return void message.error(found.wrong, 8);
    draft.set(found.draft);
    void message.success('Measures and corrections are in. Look at them, then keep them or leave them.');
  };
  return (
    <div className="outline-files">
      <Button loading={busy} onClick={() => void print()}>
        Bench card (PDF)
      </Button>
      <Button onClick={() => saveFile(`${name}.svg`, 'image/svg+xml', outlinePictureOf(source, solved))}>
        Picture (SVG)
      </Button>
      <Button
        onClick={() => saveFile(`${name}.json`, 'application/json', JSON.stringify(outlineFileOf(source), null, 2))}
      >
        Outline file
      </Button>
      {lead && (
        <Upload
          accept=".svg,.json"
          showUploadList={false}
          beforeUpload={(file) => {
            void bring(file);
            return false;
          }}
        >
          <Button>Bring one in</Button>
        </Upload>
      )}
    </div>
  );
});
