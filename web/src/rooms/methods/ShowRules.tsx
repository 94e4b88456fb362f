/*
 * Rules of each show: free, restricted, forbidden, or not known yet. What is forbidden drops out of the work.
 */
import { App as AntApp, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { RULES_OF_SHOWS, RULE_VALUES, dryerHours, turnedHours } from '@loyal-mane/core';
import type { RuleSet, RuleValue } from '@loyal-mane/core';
import { RULE_SETS, RULE_SET_IDS } from '@loyal-mane/library';
import type { RuleSetId } from '@loyal-mane/library';
import { RULE_WORDS, monthDay } from '@loyal-mane/library/words';
import { command, setShowRules, useCommand } from '../../api/commands';
import type { Kennel } from '../../api/queries';
import { isWallTime, wallTyped } from '../../parts/rows/fieldSpec';
import { problemWords } from '../../parts/ProblemNote';
import './methods.css';

const VALUE_WORDS: Readonly<Record<RuleValue, string>> = {
  unknown: 'not known yet',
  free: 'free',
  restricted: 'restricted',
  forbidden: 'forbidden',
};

const SET_WORDS: Readonly<Record<RuleSetId, string>> = {
  open: 'an open show',
  restricted: 'a restricted show',
  strict: 'a strict show',
};

/** Examples of rules to begin from, as options of a list. */
export function ruleSetOptions(): { value: RuleSetId; label: string }[] {
  return RULE_SET_IDS.map((value) => ({ value, label: SET_WORDS[value] }));
}

type Show = Kennel['shows'][number];
type Rules = Show['rules'];

function faultOf(rules: Rules, time: string): string {
  if (!isWallTime(time) && time !== '24:00') return 'Write a time like 07:00.';
  return turnedHours(rules as RuleSet) === null ? '' : 'They have to start before they stop.';
}

function DryerHours({ show, mayChange, pending, onSet }: RowProps) {
  const [wrong, setWrong] = useState('');
  const hours = show.rules.dryersOnGround === 'restricted' ? dryerHours(show.rules as RuleSet) : null;
  if (hours === null) return null;
  if (!mayChange) return <div>{`${hours.from} to ${hours.until}`}</div>;
  const take = (part: 'dryersFrom' | 'dryersUntil', typed: string): void => {
    const time = wallTyped(typed);
    const mine = part === 'dryersFrom' ? hours.from : hours.until;
    const fault = time === '' || time === mine ? '' : faultOf({ ...show.rules, [part]: time }, time);
    setWrong(fault);
    if (fault === '' && time !== mine) onSet(show, { [part]: time === '' ? undefined : time });
  };
  const box = (part: 'dryersFrom' | 'dryersUntil', value: string, label: string) => (
    <Input
      key={`${value} ${String(show.version)}`}
      aria-label={`${show.name}: dryers ${label}`}
      className="w-hour"
      inputMode="numeric"
      defaultValue={value}
      disabled={pending}
      onBlur={(e) => take(part, e.target.value)}
      onPressEnter={(e) => e.currentTarget.blur()}
    />
  );
  return (
    <div className="dryer-hours">
      {box('dryersFrom', hours.from, 'from')} to {box('dryersUntil', hours.until, 'until')}
      {wrong !== '' && <div className="bad">{wrong}</div>}
    </div>
  );
}

/** The rules of some shows as a table; leads write them down. */
export function ShowRules({ shows, mayChange }: { shows: readonly Show[]; mayChange: boolean }) {
  const { message } = AntApp.useApp();
  const send = useCommand(setShowRules);
  const set = (show: Show, changes: Partial<Show['rules']>): void =>
    send.mutate(command({ showId: show.id, version: show.version, rules: { ...show.rules, ...changes } }), {
      onSuccess: () => void message.success('Saved. Plan again to work by it.'),
      onError: (error) => void message.error(problemWords(error), 8),
    });
  return (
    <>
      <div className="wide-scroll">
        <table className="rules">
          <thead>
            <tr>
              <th scope="col">Show</th>
              {RULES_OF_SHOWS.map((rule) => (
                <th key={rule} scope="col">
                  {RULE_WORDS[rule]}
                </th>
              ))}
              <th scope="col">least age, months</th>
              {mayChange && <th scope="col">copy from</th>}
            </tr>
          </thead>
          <tbody>
            {shows.map((show) => (
              <RulesRow key={show.id} show={show} mayChange={mayChange} pending={send.isPending} onSet={set} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="soft">
        Nothing is assumed: what is not known drops nothing, and each dog says so. Check the show’s own rules.
      </p>
    </>
  );
}

interface RowProps {
  readonly show: Show;
  readonly mayChange: boolean;
  readonly pending: boolean;
  readonly onSet: (show: Show, changes: Partial<Rules>) => void;
}

function RulesRow({ show, mayChange, pending, onSet }: RowProps) {
  const { leastAgeMonths } = show.rules;
  return (
    <tr>
      <th scope="row">
        {show.name} <span className="soft">{monthDay(show.firstDay)}</span>
      </th>
      {RULES_OF_SHOWS.map((rule) => (
        <td key={rule}>
          {!mayChange && VALUE_WORDS[show.rules[rule]]}
          {mayChange && (
            <Select
              aria-label={`${show.name}: ${RULE_WORDS[rule]}`}
              className="w-rule"
              disabled={pending}
              value={show.rules[rule]}
              options={[...RULE_VALUES].map((value) => ({ value, label: VALUE_WORDS[value] }))}
              onChange={(value: RuleValue) => onSet(show, { [rule]: value })}
            />
          )}
          {rule === 'dryersOnGround' && (
            <DryerHours show={show} mayChange={mayChange} pending={pending} onSet={onSet} />
          )}
        </td>
      ))}
      <td>
        {!mayChange && (leastAgeMonths === 0 ? 'not known yet' : leastAgeMonths)}
        {mayChange && (
          <InputNumber
            aria-label={`${show.name}: least age in months`}
            className="w-word"
            min={0}
            max={36}
            precision={0}
            disabled={pending}
            value={leastAgeMonths}
            onChange={(months: number | null) => onSet(show, { leastAgeMonths: months ?? 0 })}
          />
        )}
      </td>
      {mayChange && (
        <td>
          <Select
            aria-label={`${show.name}: copy all rules from`}
            className="w-rule"
            placeholder="an example"
            disabled={pending}
            value={null}
            options={ruleSetOptions()}
            onChange={(id: RuleSetId | null) => id !== null && onSet(show, RULE_SETS[id])}
          />
        </td>
      )}
    </tr>
  );
}
