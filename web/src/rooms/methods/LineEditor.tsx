/*
 * The kennel's own way of a page: lines hidden, moved, added, for all dogs or for some. Nothing of the library is lost: what
 * is hidden can be shown again.
 */
import { Button, Input, Radio } from 'antd';
import { useState } from 'react';
import { coatClassOf, concerns } from '@loyal-mane/core';
import type { KennelLineChange, PageLine } from '@loyal-mane/core';
import { stepPage } from '@loyal-mane/library/pages';
import { COAT_WORDS } from '@loyal-mane/library/words';
import type { PageAsk } from './askFor';
import { lineText } from './effectWords';
import type { LineName, MethodsDraft } from './useMethodsDraft';

type Scope = KennelLineChange['of'];

interface Props {
  readonly ask: PageAsk;
  readonly draft: MethodsDraft;
}

/** Lines of one page, each with what can be done with it. */
export function LineEditor({ ask, draft }: Props) {
  const [of, setOf] = useState<Scope>('kennel');
  const [text, setText] = useState('');
  const scopes = scopesOf(ask);
  const nameOf = (line: string): LineName => ({ step: ask.step, line, of, ...whichOf(ask, of) });
  const changes = draft.body.lines;
  const lines = stepPage(ask, changes).lines.filter((l) => !isDogsOwn(l));
  const add = (): void => {
    const line = nextOwnId(changes);
    const after = lines.at(-1)?.id ?? '';
    draft.changeLine(nameOf(line), { ...nameOf(line), text: text.trim(), after });
    setText('');
  };
  return (
    <section className="line-editor" aria-label="Lines of the page">
      <Radio.Group
        aria-label="For whom the change holds"
        optionType="button"
        value={of}
        onChange={(e) => setOf(e.target.value as Scope)}
        options={scopes}
      />
      <ol>
        {lines.map((line, i) => (
          <li key={line.id}>
            <span>{line.text}</span>
            <LineButtons
              line={line}
              isFirst={i === 0}
              isLast={i === lines.length - 1}
              onMove={(by) =>
                draft.changeLine(nameOf(line.id), { ...kept(changes, nameOf(line.id)), ...movedTo(lines, i, by) })
              }
              onHide={() =>
                line.own === true && isAddedFor(changes, nameOf(line.id))
                  ? draft.changeLine(nameOf(line.id), null)
                  : draft.changeLine(nameOf(line.id), { ...nameOf(line.id), hidden: true })
              }
            />
          </li>
        ))}
      </ol>
      <form
        className="add-line"
        onSubmit={(e) => {
          e.preventDefault();
          if (text.trim() !== '') add();
        }}
      >
        <Input
          aria-label="A line of your own"
          placeholder="A line of your own"
          maxLength={300}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <Button htmlType="submit" disabled={text.trim() === ''}>
          Add line
        </Button>
      </form>
      <Hidden ask={ask} draft={draft} />
    </section>
  );
}

interface ButtonsProps {
  readonly line: PageLine;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly onMove: (by: -1 | 1) => void;
  readonly onHide: () => void;
}

function LineButtons({ line, isFirst, isLast, onMove, onHide }: ButtonsProps) {
  return (
    <span className="line-buttons">
      <Button size="small" disabled={isFirst} aria-label={`Move up: ${line.text}`} onClick={() => onMove(-1)}>
        Up
      </Button>
      <Button size="small" disabled={isLast} aria-label={`Move down: ${line.text}`} onClick={() => onMove(1)}>
        Down
      </Button>
      <Button size="small" aria-label={`Hide: ${line.text}`} onClick={onHide}>
        Hide
      </Button>
    </span>
  );
}

/** Lines of this page that the kennel hides, each to be shown again. */
function Hidden({ ask, draft }: Props) {
  const owner = { coat: coatClassOf(ask.dog, ask.library), breed: ask.dog.breed, dogId: ask.dog.id };
  const hidden = draft.body.lines.filter((c) => c.step === ask.step && c.hidden === true && concerns(c, owner));
  if (hidden.length === 0) return null;
  return (
    <>
      <h3>Hidden here</h3>
      <ul>
        {hidden.map((c) => (
          <li key={`${c.line} ${c.of}`}>
            <span className="soft">{lineText(c)}</span>
            <Button size="small" onClick={() => draft.changeLine(c, null)}>
              Show again
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Lines that this dog's record makes: they are changed in its file. */
function isDogsOwn(line: PageLine): boolean {
  return line.id.startsWith('own.') || line.sequence === 'showMorning';
}

function scopesOf({ dog, library }: PageAsk): { value: Scope; label: string }[] {
  const coat = COAT_WORDS[coatClassOf(dog, library)].toLowerCase();
  const all = [
    { value: 'kennel', label: 'All dogs' },
    { value: 'coat', label: `All ${coat} coats` },
    { value: 'breed', label: `Every ${dog.breed}` },
  ] as const;
  return dog.name === dog.breed ? [...all] : [...all, { value: 'dog', label: `Only ${dog.name}` }];
}

function whichOf({ dog, library }: PageAsk, of: Scope): { which?: string } {
  if (of === 'kennel') return {};
  return { which: of === 'coat' ? coatClassOf(dog, library) : of === 'breed' ? dog.breed : dog.id };
}

const isSame = (x: LineName, y: LineName): boolean =>
  x.step === y.step && x.line === y.line && x.of === y.of && x.which === y.which;

/** The change a line already has, for the same dogs: a line of the kennel's own keeps its text. */
function kept(changes: readonly KennelLineChange[], name: LineName): KennelLineChange {
  const text = changes.find((c) => isSame(c, name))?.text;
  return { ...name, ...(text === undefined ? {} : { text }) };
}

function isAddedFor(changes: readonly KennelLineChange[], name: LineName): boolean {
  return changes.some((c) => isSame(c, name) && c.text !== undefined);
}

/** The line that it follows after it was moved by one. */
function movedTo(lines: readonly PageLine[], i: number, by: -1 | 1): { after: string } {
  const before = by === 1 ? lines[i + 1] : lines[i - 2];
  return { after: before?.id ?? '' };
}

function nextOwnId(changes: readonly KennelLineChange[]): string {
  const numbers = changes.flatMap((c) => (/^own-\d+$/.test(c.line) ? [Number(c.line.slice(4))] : []));
  return `own-${String(Math.max(0, ...numbers) + 1)}`;
}
