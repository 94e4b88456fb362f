/*
 * The lightest closed set of a small directed graph: nodes have weights, an arc says that who takes the one must take the
 * other. By a maximal flow from the nodes of negative weight to those of positive weight along the arcs (Picard 1976,
 * from memory); what a node of negative weight still reaches once nothing more can flow belongs to the set.
 */
import { min, INFINITY } from './numbers.js';

const NONE = -1;

/** Reusable: `begin`, then weights, arcs and `forbid`, then `solve`. */
export class ClosedSet {
  private weight = new Float64Array(0);
  private first = new Int32Array(0);
  private reached = new Int32Array(0);
  private by = new Int32Array(0);
  private queue = new Int32Array(0);
  private isIn = new Uint8Array(0);
  private readonly to: number[] = [];
  private readonly next: number[] = [];
  /** Flow along an arc; each arc is followed by its way back. */
  private readonly flow: number[] = [];
  private nodes = 0;
  private pass = 0;

  /** An empty graph of so many nodes, all of weight 0. */
  begin(nodes: number): void {
    if (this.weight.length < nodes) this.grow(nodes * 2);
    this.nodes = nodes;
    this.weight.fill(0, 0, nodes);
    this.first.fill(NONE, 0, nodes);
    this.reached.fill(0, 0, nodes);
    this.isIn.fill(0, 0, nodes);
    this.pass = 0;
    this.to.length = 0;
    this.next.length = 0;
    this.flow.length = 0;
  }

  /** Adds to a node's weight. */
  weigh(node: number, by: number): void {
    this.weight[node] = (this.weight[node] as number) + by;
  }

  /** The node, and with it everything that leads to it, stays out. */
  forbid(node: number): void {
    this.weight[node] = INFINITY;
  }

  /** Who takes `from` must take `to`. */
  imply(from: number, to: number): void {
    this.arc(from, to);
    this.arc(to, from);
  }

  /** Finds the lightest closed set, see `has`; false when nothing is lighter than the empty one. */
  solve(): boolean {
    let found = false;
    for (let node = 0; node < this.nodes; node++) {
      while ((this.weight[node] as number) < 0 && this.isIn[node] === 0) {
        const sink = this.reach(node);
        if (sink === NONE) found = true;
        else this.send(node, sink);
      }
    }
    return found;
  }

  has(node: number): boolean {
    return this.isIn[node] === 1;
  }

  private arc(from: number, to: number): void {
    this.to.push(to);
    this.flow.push(0);
    this.next.push(this.first[from] as number);
    this.first[from] = this.to.length - 1;
  }

  /** Breadth first to a node that can still take something; where there is none, all that was reached is in the set. */
  private reach(source: number): number {
    const { queue, reached, by, to, next, flow } = this;
    const pass = ++this.pass;
    let tail = 0;
    queue[tail++] = source;
    reached[source] = pass;
    by[source] = NONE;
    for (let head = 0; head < tail; head++) {
      for (let e = this.first[queue[head] as number] as number; e !== NONE; e = next[e] as number) {
        const node = to[e] as number;
        // Arcs of even number take any amount, their ways back only what has come.
        if (reached[node] === pass || (e % 2 === 1 && (flow[e - 1] as number) <= 0)) continue;
        reached[node] = pass;
        by[node] = e;
        if ((this.weight[node] as number) > 0) return node;
        queue[tail++] = node;
      }
    }
    for (let k = 0; k < tail; k++) this.isIn[queue[k] as number] = 1;
    return NONE;
  }

  private send(source: number, sink: number): void {
    let amount = min(-(this.weight[source] as number), this.weight[sink] as number);
    for (let node = sink; node !== source;) {
      const e = this.by[node] as number;
      if (e % 2 === 1) amount = min(amount, this.flow[e - 1] as number);
      node = this.to[e ^ 1] as number;
    }
    for (let node = sink; node !== source;) {
      const e = this.by[node] as number;
      const at = e % 2 === 1 ? e - 1 : e;
      this.flow[at] = (this.flow[at] as number) + (e % 2 === 1 ? -amount : amount);
      node = this.to[e ^ 1] as number;
    }
    this.weigh(source, amount);
    this.weigh(sink, -amount);
  }

  private grow(nodes: number): void {
    this.weight = new Float64Array(nodes);
    this.first = new Int32Array(nodes);
    this.reached = new Int32Array(nodes);
    this.by = new Int32Array(nodes);
    this.queue = new Int32Array(nodes);
    this.isIn = new Uint8Array(nodes);
  }
}
