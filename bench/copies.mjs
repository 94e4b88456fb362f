/* Large kennels made of small ones, to see how the planner's work grows. */

/** Copies of a kennel instance side by side: people, stations and circuits of each serve the dogs of any. */
export function copies(instance, count) {
  const made = { ...instance, persons: [], stations: [], circuits: [], dogs: [], entries: [], activities: [] };
  for (let k = 0; k < count; k++) {
    const at = {
      p: made.persons.length,
      s: made.stations.length,
      c: made.circuits.length,
      d: made.dogs.length,
      e: made.entries.length,
      a: made.activities.length,
    };
    const from = (index, by) => (index < 0 ? -1 : index + by);
    made.persons.push(...instance.persons);
    made.circuits.push(...instance.circuits);
    made.dogs.push(...instance.dogs);
    made.stations.push(...instance.stations.map((s) => ({ ...s, circuit: from(s.circuit, at.c) })));
    made.entries.push(
      ...instance.entries.map((e) => ({
        ...e,
        dog: e.dog + at.d,
        needs: from(e.needs, at.e),
        acts: e.acts.map((i) => i + at.a),
        lags: e.lags.map(([x, y, min, max]) => [x + at.a, y + at.a, min, max]),
      })),
    );
    made.activities.push(
      ...instance.activities.map((a) => ({
        ...a,
        id: a.id + at.a,
        entry: a.entry + at.e,
        fixed:
          a.fixed === null
            ? null
            : [a.fixed[0], from(a.fixed[1], at.p), from(a.fixed[2], at.p), from(a.fixed[3], at.s)],
      })),
    );
  }
  return made;
}
