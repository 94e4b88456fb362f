/* A worker in the test's own thread: the same desk behind the same messages, copied as a real thread copies them. */
import { PlanDesk } from '../src/workers/planDesk';
import type { DeskQuestion, DeskReply, Numbered } from '../src/workers/protocol';

export class LocalWorker extends EventTarget {
  private readonly desk = new PlanDesk();
  private ended = false;

  postMessage({ number, body }: Numbered<DeskQuestion>): void {
    const copy = JSON.parse(JSON.stringify(body)) as DeskQuestion;
    setTimeout(() => {
      if (this.ended) return;
      let data: DeskReply;
      try {
        data = { number, body: this.desk.answer(copy) };
      } catch (error) {
        data = { number, trouble: String(error) };
      }
      this.dispatchEvent(new MessageEvent('message', { data }));
    }, 0);
  }

  terminate(): void {
    this.ended = true;
  }
}
