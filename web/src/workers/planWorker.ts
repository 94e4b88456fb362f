/* The browser's planning thread: a desk that pages ask. */
import { expose } from 'comlink';
import { PlanDesk } from './planDesk';

expose(new PlanDesk());
