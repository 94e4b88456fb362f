/** Items by a key, each group in the order of the list (the platform's own comes with a later Node). */
export function groupBy<T, K>(list: readonly T[], key: (x: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const x of list) {
    const k = key(x);
    const group = groups.get(k);
    if (group === undefined) groups.set(k, [x]);
    else group.push(x);
  }
  return groups;
}
