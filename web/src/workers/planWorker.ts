/* The browser's planning thread: questions in, answers out. */
import { PlanDesk } from './planDesk';
import type { DeskQuestion, DeskReply, Numbered } from './protocol';

const desk = new PlanDesk();

self.addEventListener('message', (event: MessageEvent<Numbered<DeskQuestion>>) => {
  const { number, body } = event.data;
  let reply: DeskReply;
  try {
    reply = { number, body: desk.answer(body) };
  } catch (error) {
    reply = { number, trouble: error instanceof Error ? error.message : 'unknown' };
  }
  self.postMessage(reply);
});
