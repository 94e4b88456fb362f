/*
 * A form for one row of the kennel. It is checked by the server while it is typed, with the words that saving would have;
 * what was typed is kept until it is saved or given up; somebody else's change of the same row is told and merged.
 */
import { useQueryClient } from '@tanstack/react-query';
import { App as AntApp, Button, Form } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { v7 } from 'uuid';
import type { KennelFile, KennelList, KennelRow, RowChange } from '@loyal-mane/core';
import { removalOf, sameValue } from '@loyal-mane/core';
import { rowAtWords } from '@loyal-mane/library/words';
import { ProblemError } from '../../api/client';
import { command, useCommand } from '../../api/commands';
import type { FoundIssue } from '../../api/rows';
import { checkChanges, rowsQuery, saveChanges } from '../../api/rows';
import { problemWords } from '../ProblemNote';
import { useSavedWithUndo } from '../useSavedWithUndo';
import { draftOf, dropDraft, keepDraft } from './draft';
import { Fields } from './Fields';
import type { FieldSpec } from './fieldSpec';
import { fieldsOf, given } from './fieldSpec';
import './rows.css';

const CHECK_AFTER_MS = 250;
const MOST_ELSEWHERE = 4;

interface Props {
  readonly list: KennelList;
  /** The row that is changed; null for a new one. */
  readonly row: KennelRow | null;
  /** Fields of a new row to begin with. */
  readonly blank?: Readonly<Record<string, unknown>>;
  readonly specs: readonly FieldSpec[];
  /** Changes saved with the row: other rows that come or change with it. */
  readonly beside?: (row: KennelRow) => readonly RowChange[];
  /** Fields that follow from what was typed, in a new row, as long as nobody has typed them. */
  readonly follows?: (typed: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
  readonly onDone: (saved: KennelRow | null) => void;
  /** Says what a removal takes with it; absent = it cannot be removed here. */
  readonly kennel?: KennelFile;
  readonly saveWords?: string;
  readonly children?: ReactNode;
}

/** Typed text is kept on the device; the server looks at it while it is typed; saving merges what others changed. */
function useRowForm({ list, row, blank = {}, specs, beside, follows, onDone }: Props) {
  const { message } = AntApp.useApp();
  const client = useQueryClient();
  const [form] = Form.useForm<Record<string, unknown>>();
  const send = useCommand(saveChanges);
  const savedWithUndo = useSavedWithUndo();
  const draftKey = `${list}:${row?.id ?? 'new'}`;
  const [draft] = useState(() => draftOf(draftKey));
  // The row as it was when typing began: what others change meanwhile is merged on saving.
  const [base, setBase] = useState(row);
  const [freshId] = useState(() => v7());
  const [issues, setIssues] = useState<readonly FoundIssue[]>([]);
  const timer = useRef(0);
  const lastCheck = useRef(0);
  // A form begins once: what comes in later must not run over what is typed.
  const [start] = useState(() => ({ ...blank, ...(row ?? {}), ...(draft ?? {}) }));

  // Where nothing is typed, what others change is shown; where something is, it stays, and saving merges.
  const [shown, setShown] = useState(row);
  if (row !== shown && !sameValue(row, shown)) {
    setShown(row);
    if (draftOf(draftKey) === null) setBase(row);
  }
  useEffect(() => {
    if (draftOf(draftKey) === null && base !== null) form.setFieldsValue(base);
  }, [base, draftKey, form]);

  useEffect(() => () => window.clearTimeout(timer.current), []);

  const changesOf = (values: Record<string, unknown>): RowChange[] => {
    const id = base?.id ?? freshId;
    const to = given({ ...blank, ...(base ?? {}), ...fieldsOf(values, specs), id }) as KennelRow;
    return [{ list, id, from: base, to }, ...(beside?.(to) ?? [])];
  };

  const own = useRef(new Set<string>());
  const follow = (changed: Readonly<Record<string, unknown>>): void => {
    for (const field of Object.keys(changed)) own.current.add(field);
    if (follows === undefined || row !== null) return;
    const made = follows(form.getFieldsValue(true) as Record<string, unknown>);
    form.setFieldsValue(Object.fromEntries(Object.entries(made).filter(([field]) => !own.current.has(field))));
  };

  const typed = (changed: Readonly<Record<string, unknown>>): void => {
    follow(changed);
    const values = form.getFieldsValue(true) as Record<string, unknown>;
    keepDraft(draftKey, fieldsOf(values, specs));
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => {
      const check = ++lastCheck.current;
      // Answers may come in another order than they were asked for: only the last one asked for speaks of what is typed now.
      const show = (found: readonly FoundIssue[]): void => {
        if (check === lastCheck.current) setIssues(found);
      };
      checkChanges(changesOf(values)).then(show, (error: unknown) => {
        if (error instanceof ProblemError && error.body.code === 'stale') show(error.body.errors);
      });
    }, CHECK_AFTER_MS);
  };

  const save = (): void => {
    window.clearTimeout(timer.current);
    lastCheck.current++;
    const changes = changesOf(form.getFieldsValue(true) as Record<string, unknown>);
    send.mutate(command(changes), {
      onSuccess: () => {
        dropDraft(draftKey);
        savedWithUndo('Saved.', changes);
        onDone(changes[0]?.to ?? null);
      },
      onError: (error) => refused(error),
    });
  };

  const refused = (error: unknown): void => {
    if (error instanceof ProblemError) {
      setIssues(error.body.errors);
      if (error.body.code === 'stale') {
        // The saved row is the new starting point; typed text stays in the form.
        setBase((error.body.current ?? null) as KennelRow | null);
        void client.invalidateQueries({ queryKey: rowsQuery.queryKey });
      }
    }
    void message.error(refusalWords(error), 6);
  };

  const changed = draft !== null && !sameValue(draft, fieldsOf(row ?? blank, specs));
  const giveUp = (): void => {
    dropDraft(draftKey);
    onDone(null);
  };
  return { form, start, base, issues, isBusy: send.isPending, isDraft: changed, typed, save, giveUp, draftKey };
}

/** Asks, and removes a row with all that goes with it. */
function useRemoval({ list, kennel, onDone }: Props, draftKey: string) {
  const { message, modal } = AntApp.useApp();
  const send = useCommand(saveChanges);
  const savedWithUndo = useSavedWithUndo();
  return (base: KennelRow | null): void => {
    if (base === null || kennel === undefined) return;
    const changes = removalOf(kennel, list, base.id);
    void modal.confirm({
      title: `Remove ${nameOf(base)}?`,
      content: goesWords(changes),
      okText: 'Remove',
      okButtonProps: { danger: true },
      onOk: () =>
        send.mutateAsync(command(changes)).then(
          () => {
            dropDraft(draftKey);
            savedWithUndo('Removed.', changes);
            onDone(null);
          },
          (error: unknown) => void message.error(problemWords(error), 8),
        ),
    });
  };
}

/** A row of the kennel as a form. */
export function RowForm(props: Props) {
  const { row, specs, kennel, saveWords = 'Save', children } = props;
  const { form, start, base, issues, isBusy, isDraft, typed, save, giveUp, draftKey } = useRowForm(props);
  const remove = useRemoval(props, draftKey);
  const complaints = new Map(
    [...issues].reverse().map((i) => [i.path.replace(/^changes\[0\]\.?/, ''), sentence(i.detail)] as const),
  );
  return (
    <Form
      form={form}
      layout="vertical"
      initialValues={start}
      onValuesChange={typed}
      onFinish={save}
      className="row-fields"
      requiredMark={requiredMark}
    >
      {isDraft && (
        <p className="soft wide" role="status">
          What you typed here before is back.{' '}
          <button type="button" className="plain link" onClick={giveUp}>
            Give it up
          </button>
        </p>
      )}
      <Fields specs={specs} complaints={complaints} />
      {children}
      <Elsewhere issues={issues.filter((i) => !isField(i.path, specs))} kennel={kennel} />
      <div className="wide form-end">
        <Button type="primary" htmlType="submit" loading={isBusy}>
          {saveWords}
        </Button>
        {row !== null && kennel !== undefined && (
          <Button danger type="text" onClick={() => remove(base)}>
            Remove
          </Button>
        )}
      </div>
    </Form>
  );
}

function requiredMark(label: ReactNode, { required }: { readonly required: boolean }): ReactNode {
  return (
    <>
      {label}
      {required && (
        <span aria-hidden className="must">
          must be filled in
        </span>
      )}
    </>
  );
}

/** Complaints about other rows than the form's own. */
function Elsewhere({ issues, kennel }: { issues: readonly FoundIssue[]; kennel: KennelFile | undefined }) {
  return (
    <>
      {issues.slice(0, MOST_ELSEWHERE).map((i) => (
        <p key={i.path + i.detail} className="bad wide" role="alert">
          {elsewhereWords(i, kennel)}
        </p>
      ))}
      {issues.length > MOST_ELSEWHERE && (
        <p className="bad wide">And {issues.length - MOST_ELSEWHERE} more like these.</p>
      )}
    </>
  );
}

const NOT_YET = 'Nothing was saved: what is marked is not right yet.';

/** Words of a refused save, short where the form itself says the rest: at its fields, or of other rows below them. */
function refusalWords(error: unknown): string {
  if (!(error instanceof ProblemError) || error.body.errors.length === 0) return problemWords(error);
  const { code, title, detail } = error.body;
  return code === 'stale' ? `${title}. ${detail}` : NOT_YET;
}

function sentence(words: string): string {
  return `${words.slice(0, 1).toUpperCase()}${words.slice(1)}.`;
}

/** A complaint about another row than the form's, with that row's name. */
function elsewhereWords({ path, detail }: FoundIssue, kennel: KennelFile | undefined): string {
  const inside = path.replace(/^changes\[\d+\]\.?/, '');
  const row = kennel === undefined ? null : rowAtWords(inside, kennel);
  return row === null ? `${inside} ${detail}`.trim() : `${row}: ${detail}.`;
}

function isField(path: string, specs: readonly FieldSpec[]): boolean {
  const found = /^changes\[0\]\.([a-zA-Z]+)/.exec(path);
  return found !== null && specs.some((s) => s.name === found[1]);
}

function nameOf(row: KennelRow): string {
  const name = row['name'];
  return typeof name === 'string' ? name : 'it';
}

const LIST_WORDS: Readonly<Record<string, string>> = {
  shifts: 'shift',
  absences: 'day away',
  entries: 'entry',
  rings: 'ring',
};

/** Rows that go with a row that is removed. */
function goesWords(changes: readonly RowChange[]): string {
  const gone = changes.slice(0, -1).filter((c) => c.to === null);
  const counts = new Map<string, number>();
  for (const c of gone) counts.set(c.list, (counts.get(c.list) ?? 0) + 1);
  const kept = changes.length - 1 - gone.length;
  const words = [...counts].map(([list, n]) => {
    const one = LIST_WORDS[list] ?? list;
    return `${String(n)} ${n === 1 ? one : one.replace(/y$/, 'ie')}${n === 1 ? '' : 's'}`;
  });
  if (words.length === 0 && kept === 0) return 'Nothing else is removed with it. You can take it back in the trail.';
  const also = words.length === 0 ? '' : `With it: ${words.join(', ')}. `;
  return `${also}${kept === 0 ? '' : `${String(kept)} other rows lose their tie to it. `}The trail can take it back.`;
}
