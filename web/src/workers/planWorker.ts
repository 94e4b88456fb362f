/* The browser's planning thread: a planner that pages ask. */
import { expose } from 'comlink';
import { PlanAnswers } from './planAnswers';

expose(new PlanAnswers());
