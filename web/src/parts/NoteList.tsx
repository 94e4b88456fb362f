/*
 * Sentences that people should mind, under a heading.
 */

/** Sentences under a heading, each once; nothing where there are none. */
export function NoteList({ title, lines }: { title: string; lines: readonly string[] }) {
  const once = [...new Set(lines)];
  if (once.length === 0) return null;
  return (
    <section aria-label={title}>
      <h3 style={{ fontSize: 15, margin: '14px 0 2px' }}>{title}</h3>
      {once.map((line) => (
        <p className="soft" style={{ margin: '2px 0' }} key={line}>
          {line}
        </p>
      ))}
    </section>
  );
}
