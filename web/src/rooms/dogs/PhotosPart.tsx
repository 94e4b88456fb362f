/*
 * Photos of a dog: the crew's, and of their own dogs an owner's. A photo is checked and written anew on the server.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { useQuery } from '@tanstack/react-query';
import { App as AntApp, Button, Image, Input, Popconfirm, Select, Upload } from 'antd';
import { useState } from 'react';
import { localDayOf } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { addPhoto, command, removePhoto, useCommand } from '../../api/commands';
import type { NewPhoto } from '../../api/commands';
import { photosQuery } from '../../api/queries';
import type { Photo } from '../../api/queries';
import { base64Of } from '../../parts/base64';
import { problemWords } from '../../parts/ProblemNote';
import { useRooms } from '../../parts/useRooms';
import type { Dog } from '../../parts/dogRecord';

type View = Photo['view'];

const VIEW_WORDS: Readonly<Record<View, string>> = {
  side: 'Side',
  front: 'Front',
  rear: 'Rear',
  top: 'From above',
  part: 'A part',
};
/** As the server takes them, bytes. */
const MOST_BYTES = 12 * 1024 * 1024;

/** The photos, newest first, with a place to add one. */
export function PhotosPart({ dog }: { readonly dog: Dog }) {
  const { crew } = useRooms();
  const { data, error } = useQuery(photosQuery(dog.id));
  const photos = data?.photos ?? [];
  return (
    <section aria-label="Photos" className="photos">
      {crew && <AddPhoto dog={dog} />}
      {error !== null && <p className="bad">{problemWords(error)}</p>}
      {data !== undefined && photos.length === 0 && (
        <p className="soft">No photo yet. Side photos on a plain ground, the dog stacked, show most.</p>
      )}
      <Image.PreviewGroup>
        <ul>
          {photos.map((p) => (
            <PhotoRow key={p.id} dog={dog} photo={p} />
          ))}
        </ul>
      </Image.PreviewGroup>
    </section>
  );
}

function AddPhoto({ dog }: { dog: Dog }) {
  const { message } = AntApp.useApp();
  const send = useCommand(addPhoto);
  const [view, setView] = useState<View>('side');
  const [words, setWords] = useState('');
  const add = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES) {
      void message.error('This file is larger than 12 MB. Nothing was kept.', 8);
      return;
    }
    const photo: NewPhoto = { dogId: dog.id, view, picture: await base64Of(file) };
    const said = words.trim() === '' ? photo : { ...photo, words: words.trim() };
    send.mutate(command(said), {
      onSuccess: () => {
        void message.success('Kept, without where and by what it was taken.');
        setWords('');
      },
      onError: (failure) => void message.error(problemWords(failure), 8),
    });
  };
  return (
    <div className="zone-tools">
      <Select
        aria-label="View"
        style={{ width: 140 }}
        value={view}
        options={Object.entries(VIEW_WORDS).map(([value, label]) => ({ value, label }))}
        onChange={setView}
      />
      <Input
        aria-label="What it shows"
        placeholder="what it shows"
        maxLength={200}
        style={{ width: 260 }}
        value={words}
        onChange={(e) => setWords(e.target.value)}
      />
      <Upload
        accept="image/jpeg,image/png,image/webp"
        showUploadList={false}
        beforeUpload={(file) => {
          void add(file);
          return Upload.LIST_IGNORE;
        }}
      >
        <Button icon={<PlusOutlined />} loading={send.isPending}>
          Add photo
        </Button>
      </Upload>
    </div>
  );
}

function PhotoRow({ dog, photo }: { dog: Dog; photo: Photo }) {
  const { names, lead, session } = useRooms();
  const { message } = AntApp.useApp();
  const send = useCommand(removePhoto);
  const isMine = lead || photo.personId === session.personId;
  const by = photo.personId === undefined ? '' : `, ${names.person(photo.personId)}`;
  return (
    <li>
      <Image
        src={`/api/photos/${photo.id}?size=small`}
        preview={{ src: `/api/photos/${photo.id}` }}
        alt={`${dog.name}, ${VIEW_WORDS[photo.view].toLowerCase()}${photo.words === undefined ? '' : `: ${photo.words}`}`}
        height={180}
      />
      <span>
        <b>{VIEW_WORDS[photo.view]}</b>, {monthDay(localDayOf(Date.parse(photo.at), names.zone))}
        {by}
      </span>
      {photo.words !== undefined && <span className="soft">{photo.words}</span>}
      {isMine && (
        <Popconfirm
          title="Remove this photo?"
          description="It cannot be brought back."
          okText="Remove it"
          cancelText="Keep it"
          onConfirm={() =>
            send.mutate(command(photo.id), { onError: (failure) => void message.error(problemWords(failure), 8) })
          }
        >
          <Button size="small" disabled={send.isPending}>
            Remove
          </Button>
        </Popconfirm>
      )}
    </li>
  );
}
