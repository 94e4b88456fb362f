/*
 * A room that broke says so in its own place, and can be opened again.
 */
import { useQueryErrorResetBoundary } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRouteError } from 'react-router';
import { problemWords } from '../parts/ProblemNote';

/** Stands where a room did not open, and lets it be tried again. */
export function RoomError() {
  const error = useRouteError();
  const { reset } = useQueryErrorResetBoundary();
  return (
    <main className="room" role="alert" style={{ paddingTop: 40 }}>
      <h1 style={{ fontSize: 27, lineHeight: '34px' }}>This room did not open.</h1>
      <p>{problemWords(error)}</p>
      <Button
        type="primary"
        onClick={() => {
          reset();
          window.location.reload();
        }}
      >
        Open it again
      </Button>
    </main>
  );
}
