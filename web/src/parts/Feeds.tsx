/*
 * Calendar addresses of a person or a dog: made, shown once, revoked.
 */
import { monthDay } from '@loyal-mane/library/words';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button } from 'antd';
import { useState } from 'react';
import { feedsQuery, makeFeed, revokeFeed } from '../api/accounts';
import { command, useCommand } from '../api/commands';
import { problemWords } from './ProblemNote';
import { ShownOnce } from './ShownOnce';

/** Calendar addresses of one's own or of a dog: make, show once, revoke. */
export function Feeds({ of, id }: { of: 'person' | 'dog'; id: string }) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const feeds = useQuery(feedsQuery).data ?? [];
  const [address, setAddress] = useState<string | null>(null);
  const again = () => client.invalidateQueries({ queryKey: feedsQuery.queryKey });
  const onError = (error: unknown): void => void message.error(problemWords(error), 8);
  const make = useCommand(makeFeed);
  const revoke = useMutation({ mutationFn: revokeFeed, onSuccess: () => void again(), onError });
  const mine = feeds.filter((f) => f.of === of && f.subjectId === id);
  return (
    <div className="feeds">
      <h3 className="serif">Calendar for a phone</h3>
      <p className="soft">
        The published plan at a secret address that a phone’s calendar subscribes to. Who has the address reads it;
        revoke it when a phone is lost.
      </p>
      {mine.map((f) => (
        <p key={f.id}>
          an address since {monthDay(f.madeAt.slice(0, 10))}{' '}
          <Button size="small" danger type="text" loading={revoke.isPending} onClick={() => revoke.mutate(f.id)}>
            Revoke
          </Button>
        </p>
      ))}
      <Button
        loading={make.isPending}
        onClick={() =>
          make.mutate(command({ of, id }), {
            onSuccess: ({ path }) => setAddress(window.location.origin + path),
            onError,
          })
        }
      >
        Make an address
      </Button>
      {address !== null && <ShownOnce label="Address of the calendar, shown once" text={address} />}
    </div>
  );
}
