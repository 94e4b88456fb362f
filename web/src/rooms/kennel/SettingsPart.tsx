/*
 * The kennel itself: name, time zone, how times are written; the whole kennel out as a file.
 */
import DownloadOutlined from '@ant-design/icons/DownloadOutlined';
import { Button } from 'antd';
import { rowsOf } from '@loyal-mane/core';
import type { KennelFile } from '@loyal-mane/core';
import { RowForm } from '../../parts/rows/RowForm';
import { settingsFields } from './kennelFields';

/** The kennel's own settings, export and trail. */
export function SettingsPart({ kennel }: { kennel: KennelFile }) {
  const [row = null] = rowsOf(kennel, 'settings');
  return (
    <div className="two-columns">
      <div>
        <h2 className="serif">Settings</h2>
        <RowForm list="settings" row={row} specs={settingsFields()} onDone={() => undefined} />
      </div>
      <div>
        <h2 className="serif">Take it home</h2>
        <p>
          The whole kennel as one file: dogs, people, shifts, shows, records. The same file opens in a new kennel, here
          or on another machine; sign-ins and passwords are not in it.
        </p>
        <Button href="/api/export" icon={<DownloadOutlined />} download>
          The kennel as a file
        </Button>
      </div>
    </div>
  );
}
