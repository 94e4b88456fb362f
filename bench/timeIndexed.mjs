/*
 * The fitter's model as a time-indexed mixed-integer program, for a general-purpose solver to hold our answers against.
 * One binary for each activity, start and worker, one for each activity, start and machine; order and lags as clique
 * constraints. Textbook formulation (time-indexed scheduling, as in Sousa and Wolsey 1992; from memory). It shares no
 * code with the fitter; followers (aims that hang on the step before) are not in it.
 */

/** Text of the program in the LP format. Its objective is the model's cost. */
export function lpOf(model) {
  const lp = new Program();
  const acts = model.activities.map((a, i) => startsOf(model, a, i));
  chainsReady(lp, model, acts);
  acts.forEach((x) => places(lp, model, x));
  model.chains.forEach((c) => orders(lp, model, c, acts));
  unaries(lp, model, acts);
  limits(lp, model, acts);
  return lp.text();
}

class Program {
  constructor() {
    this.objective = new Map();
    this.constant = 0;
    this.rows = [];
    this.binaries = new Set();
  }

  cost(name, by) {
    if (by !== 0) this.objective.set(name, (this.objective.get(name) ?? 0) + by);
  }

  binary(name) {
    this.binaries.add(name);
    return name;
  }

  row(terms, sense, right) {
    if (terms.length === 0) {
      const holds = sense === '<=' ? 0 <= right : sense === '>=' ? 0 >= right : right === 0;
      if (!holds) this.rows.push(`0 never ${sense} ${right}`);
      return;
    }
    this.rows.push(`${terms.map(([by, name]) => term(by, name)).join(' ')} ${sense} ${right}`);
  }

  text() {
    const sum = [...this.objective].map(([name, by]) => term(by, name)).join(' ');
    const rows = this.rows.map((r, k) => ` c${k}: ${r}`);
    const objective = `${sum} + ${this.constant} one`;
    const bounds = ' one = 1\n never = 0';
    return `Minimize\n obj: ${objective}\nSubject To\n${rows.join('\n')}\nBounds\n${bounds}\nBinaries\n ${[...this.binaries].join('\n ')}\nEnd\n`;
  }
}

const term = (by, name) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`;

/** Every start of an activity, with the workers and machines that calendars and sites allow there. */
function startsOf(model, a, i) {
  const job = model.jobs[model.chains[a.chain].job];
  const starts = [];
  const [from, to] =
    a.fixed === null
      ? [Math.max(model.now, a.earliestStart), a.latestEnd - a.duration]
      : [a.fixed.start, a.fixed.start];
  for (let t = from; t <= to && t + a.duration <= model.horizon; t++) {
    const site = job.site[t];
    if (a.fixed === null && !every(t, a.duration, (u) => job.site[u] === site && site !== -1)) continue;
    const able = (list, only) =>
      (list ?? []).filter((p) => (a.fixed === null ? works(model.workers[p], t, a.attended, site) : p === only));
    const workers = able(a.workers, a.fixed?.worker);
    const secondWorkers = able(a.secondWorkers, a.fixed?.second);
    const machines = (a.machines ?? []).filter((s) => {
      if (a.fixed !== null) return s === a.fixed.machine;
      const machine = model.machines[s];
      return machine.site === site && every(t, a.duration, (u) => machine.closed[u] === 0);
    });
    const lacks = (list, found) => list !== null && found.length === 0;
    if (lacks(a.workers, workers) || lacks(a.secondWorkers, secondWorkers) || lacks(a.machines, machines)) continue;
    starts.push({ t, workers, secondWorkers, machines });
  }
  return { i, a, starts };
}

function every(from, length, holds) {
  for (let u = from; u < from + length; u++) if (!holds(u)) return false;
  return true;
}

function works(worker, t, attended, site) {
  const seam = worker.seams.some(([end, start]) => t < start && t + attended > end);
  return !seam && every(t, Math.max(1, attended), (u) => worker.site[u] === site);
}

const x = (i, t) => `x_${i}_${t}`;
const w = (role, i, t, p) => `w${role}_${i}_${t}_${p}`;
const v = (i, t, s) => `v_${i}_${t}_${s}`;
const all = (act) => act.starts.map((s) => [1, x(act.i, s.t)]);

function chainsReady(lp, model, acts) {
  model.chains.forEach((c, k) => {
    const ready = lp.binary(`y_${k}`);
    lp.constant += c.cost;
    lp.cost(ready, -c.cost);
    if (c.needs >= 0)
      lp.row(
        [
          [1, ready],
          [-1, `y_${c.needs}`],
        ],
        '<=',
        0,
      );
    for (const i of c.acts) {
      const act = acts[i];
      if (act.a.fixed !== null) lp.row(all(act), '=', 1);
      else if (act.a.omissionCost < 0) lp.row([...all(act), [-1, ready]], '=', 0);
      else {
        lp.row([...all(act), [-1, ready]], '<=', 0);
        lp.cost(ready, act.a.omissionCost);
        for (const [, name] of all(act)) lp.cost(name, -act.a.omissionCost);
      }
    }
  });
}

/** Who and where at each start, and what it costs. */
function places(lp, model, { i, a, starts }) {
  for (const { t, workers, secondWorkers, machines } of starts) {
    lp.binary(x(i, t));
    lp.cost(x(i, t), t < a.idealStart ? a.earlyCost * (a.idealStart - t) : a.lateCost * (t - a.idealStart));
    [workers, secondWorkers].forEach((list, role) => {
      if ((role === 0 ? a.workers : a.secondWorkers) === null) return;
      lp.row([...list.map((p) => [1, lp.binary(w(role, i, t, p))]), [-1, x(i, t)]], '=', 0);
      for (const p of list)
        lp.cost(w(role, i, t, p), model.weights.overtime * overtime(model.workers[p], t, a.attended));
    });
    for (const p of workers.filter((q) => secondWorkers.includes(q)))
      lp.row(
        [
          [1, w(0, i, t, p)],
          [1, w(1, i, t, p)],
        ],
        '<=',
        1,
      );
    if (a.machines !== null) lp.row([...machines.map((s) => [1, lp.binary(v(i, t, s))]), [-1, x(i, t)]], '=', 0);
  }
}

function overtime(worker, t, attended) {
  let slots = 0;
  for (let u = t; u < t + attended; u++) slots += worker.over[u];
  return slots;
}

/** Order, lags, and changes of workers and machines between placed neighbors. */
function orders(lp, model, chain, acts) {
  const row = chain.acts.map((i) => acts[i]);
  row.forEach((b, n) => {
    for (let m = 0; m < n; m++) apart(lp, row[m], b, 0, -1);
  });
  for (const lag of chain.lags) apart(lp, row[lag.from], row[lag.to], lag.min, lag.max);
  const unready = model.chains.indexOf(chain);
  row.forEach((b, n) => {
    const between = [];
    for (let m = n - 1; m >= 0; m--) {
      changes(lp, model, row[m], b, between, unready);
      if (row[m].a.omissionCost < 0) break;
      between.push(row[m]);
    }
  });
}

function apart(lp, first, later, min, max) {
  if (first.a.fixed !== null && later.a.fixed !== null) return;
  const times = new Set(
    [...first.starts, ...later.starts].flatMap(({ t }) => [
      t - 1,
      t,
      t + first.a.duration + min,
      t + first.a.duration + max,
    ]),
  );
  for (const t of times) {
    const early = later.starts.filter((s) => s.t <= t);
    const late = first.starts.filter((s) => s.t > t - first.a.duration - min);
    if (early.length > 0 && late.length > 0) lp.row([...pick(later, early), ...pick(first, late)], '<=', 1);
    if (max < 0) continue;
    const before = first.starts.filter((s) => s.t <= t);
    const after = later.starts.filter((s) => s.t > t + first.a.duration + max);
    if (before.length > 0 && after.length > 0) lp.row([...pick(first, before), ...pick(later, after)], '<=', 1);
  }
}

const pick = (act, starts) => starts.map((s) => [1, x(act.i, s.t)]);

function changes(lp, model, first, later, between, chain) {
  const { weights, dayStarts } = model;
  const omitted = between.flatMap((m) => all(m).map(([by, name]) => [-by, name]));
  dayStarts.forEach((from, d) => {
    const to = dayStarts[d + 1] ?? model.horizon;
    const today = (act) => act.starts.filter((s) => s.t >= from && s.t < to);
    const change = (name, cost, choices, of) => {
      const changed = lp.binary(`${name}_${first.i}_${later.i}_${d}`);
      lp.cost(changed, cost);
      for (const c of choices) {
        const had = today(first).flatMap((s) => of(first, s).filter(([k]) => k === c));
        const other = today(later).flatMap((s) => of(later, s).filter(([k]) => k !== c));
        if (had.length === 0 || other.length === 0) continue;
        const terms = [...had, ...other].map(([, variable]) => [1, variable]);
        // Changes of fixed work count only when its chain is ready.
        lp.row([...terms, ...omitted, [1, `y_${chain}`], [-1, changed]], '<=', 2);
      }
    };
    if (first.a.workers !== null && later.a.workers !== null)
      change('h', weights.workerChange, first.a.workers, (act, s) => s.workers.map((p) => [p, w(0, act.i, s.t, p)]));
    const counts = weights.acrossKinds || first.a.kind === later.a.kind;
    if (counts && first.a.machines !== null && later.a.machines !== null)
      change('m', weights.machineChange, first.a.machines, (act, s) => s.machines.map((p) => [p, v(act.i, s.t, p)]));
  });
}

/** One thing at a time: workers, machines with clean-down, jobs; and supplies. */
function unaries(lp, model, acts) {
  const jobs = model.jobs.map(() => new Map());
  const workers = model.workers.map(() => new Map());
  const machines = model.machines.map(() => new Map());
  const supplies = model.supplies.map(() => new Map());
  const hold = (table, from, length, by, name) => {
    for (let u = from; u < from + length; u++) table.set(u, [...(table.get(u) ?? []), [by, name]]);
  };
  for (const { i, a, starts } of acts) {
    for (const s of starts) {
      hold(jobs[model.chains[a.chain].job], s.t, a.duration, 1, x(i, s.t));
      for (const p of s.workers) hold(workers[p], s.t, a.attended, 1, w(0, i, s.t, p));
      for (const p of s.secondWorkers) hold(workers[p], s.t, a.attended, 1, w(1, i, s.t, p));
      for (const p of s.machines) {
        hold(machines[p], s.t, a.duration + a.setup, 1, v(i, s.t, p));
        const supply = model.machines[p].supply;
        if (a.demand > 0 && supply >= 0) hold(supplies[supply], s.t, a.duration, a.demand, v(i, s.t, p));
      }
    }
  }
  for (const table of [...jobs, ...workers, ...machines])
    for (const terms of table.values()) if (terms.length > 1) lp.row(terms, '<=', 1);
  supplies.forEach((table, c) => {
    for (const terms of table.values()) lp.row(terms, '<=', model.supplies[c]);
  });
}

/** Daily limits of jobs and workers. */
function limits(lp, model, acts) {
  model.dayStarts.forEach((from, d) => {
    const to = model.dayStarts[d + 1] ?? model.horizon;
    const today = (act) => act.starts.filter((s) => s.t >= from && s.t < to);
    model.jobs.forEach((job, k) => {
      const mine = acts.filter((act) => act.a.strains && model.chains[act.a.chain].job === k);
      lp.row(
        mine.flatMap((act) => today(act).map((s) => [act.a.duration, x(act.i, s.t)])),
        '<=',
        job.strainCap,
      );
    });
    model.workers.forEach((worker, p) => {
      const exposure = [];
      const cut = [];
      for (const act of acts) {
        for (const s of today(act)) {
          [s.workers, s.secondWorkers].forEach((list, role) => {
            if (!list.includes(p)) return;
            if (act.a.exposure > 0) exposure.push([act.a.exposure * act.a.attended, w(role, act.i, s.t, p)]);
            if (act.a.precision > 0 && role === 0) cut.push([act.a.precision * act.a.attended, w(role, act.i, s.t, p)]);
          });
        }
      }
      lp.row(exposure, '<=', worker.exposureCap);
      lp.row(cut, '<=', worker.precisionCap);
    });
  });
}
