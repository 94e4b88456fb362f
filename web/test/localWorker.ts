/* A planning thread without the thread: the same planner behind a real message channel, which copies as a thread does. */
import { MessageChannel } from 'node:worker_threads';
import type { Endpoint } from 'comlink';
import { expose } from 'comlink';
import { PlanAnswers } from '../src/workers/planAnswers';

export class LocalWorker {
  private readonly channel = new MessageChannel();
  private readonly page = this.channel.port1 as unknown as Endpoint;

  constructor() {
    expose(new PlanAnswers(), this.channel.port2 as unknown as Endpoint);
  }

  postMessage(...message: Parameters<Endpoint['postMessage']>): void {
    this.page.postMessage(...message);
  }

  addEventListener(...listener: Parameters<Endpoint['addEventListener']>): void {
    this.page.addEventListener(...listener);
    this.page.start?.();
  }

  removeEventListener(...listener: Parameters<Endpoint['removeEventListener']>): void {
    this.page.removeEventListener(...listener);
  }

  terminate(): void {
    this.channel.port1.close();
  }
}
