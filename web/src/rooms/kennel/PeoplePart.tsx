/*
 * People: role and skills at a glance, as a matrix of who can do what; a person's form with the way to sign in.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { Button, Switch } from 'antd';
import { Suspense, lazy, useState } from 'react';
import type { KennelFile, KennelPerson, LocalDay } from '@loyal-mane/core';
import { SKILLS } from '@loyal-mane/core';
import { crewOf } from '../../parts/crewOf';
import { RowTable } from '../../parts/rows/RowTable';
import type { Opened } from '../../parts/rows/RowDrawer';
import { useRooms } from '../../parts/useRooms';
import { SignInWays } from './SignInWays';
import { personFields, personFollows, skillWords } from './kennelFields';

const PersonRecord = lazy(() => import('../../parts/PersonRecord'));

interface Props {
  readonly kennel: KennelFile;
  readonly open: (opened: Opened) => void;
  readonly today: LocalDay;
}

/** People, as a list or as a matrix of skills. */
export function PeoplePart({ kennel, open, today }: Props) {
  const [asMatrix, setAsMatrix] = useState(false);
  const edit = (row: KennelPerson | null): void =>
    open({
      list: 'people',
      row,
      title: row?.name ?? 'Add a person',
      specs: personFields(kennel),
      more: row === null ? null : <More person={row} />,
      blank: { role: 'hand', skills: ['hand', 'brush'] },
      follows: personFollows,
    });
  const hours = (p: KennelPerson): number =>
    kennel.shifts
      .filter((s) => s.personId === p.id && s.day >= today && s.day < weekLater(today))
      .reduce((sum, s) => sum + minutesOf(s.end) - minutesOf(s.start), 0) / 60;
  return (
    <>
      {asMatrix ? (
        <SkillMatrix kennel={kennel} onOpen={edit} tools={<Look asMatrix={asMatrix} onChange={setAsMatrix} />} />
      ) : (
        <RowTable
          name="People"
          rows={kennel.people}
          idOf={(p) => p.id}
          onOpen={edit}
          empty="Nobody yet. Begin with yourself."
          tools={
            <>
              <Look asMatrix={asMatrix} onChange={setAsMatrix} />
              <Button type="primary" icon={<PlusOutlined />} onClick={() => edit(null)}>
                Add person
              </Button>
            </>
          }
          columns={[
            { name: 'Name', text: (p) => p.name, show: (p) => <b>{p.name}</b>, width: 170 },
            { name: 'Role', text: (p) => p.role, filter: true, width: 90 },
            { name: 'Signs in as', text: (p) => p.signIn, width: 110 },
            { name: 'Can do', text: (p) => p.skills.map(skillWords).join(', ') },
            {
              name: 'Learning',
              text: (p) => (p.learning ?? []).map((l) => skillWords(l.trim)).join(', '),
              width: 160,
            },
            {
              name: 'Next 7 days',
              text: (p) => `${String(Math.round(hours(p)))} h`,
              by: hours,
              width: 110,
            },
          ]}
        />
      )}
    </>
  );
}

/** How a person signs in, and what the plan may give it. */
function More({ person }: { person: KennelPerson }) {
  const rooms = useRooms().kennel;
  const known = rooms.people.find((p) => p.id === person.id);
  return (
    <>
      <SignInWays person={person} />
      <Suspense fallback={<p className="soft">Loading.</p>}>
        {known !== undefined && <PersonRecord person={known} dogs={rooms.dogs} />}
      </Suspense>
    </>
  );
}

function Look({ asMatrix, onChange }: { asMatrix: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="look">
      <Switch size="small" checked={asMatrix} onChange={onChange} /> as a matrix
    </label>
  );
}

function SkillMatrix({
  kennel,
  onOpen,
  tools,
}: {
  kennel: KennelFile;
  onOpen: (p: KennelPerson) => void;
  tools: React.ReactNode;
}) {
  return (
    <>
      <div className="list-tools">
        <span className="push">{tools}</span>
      </div>
      <div className="wide-scroll">
        <table className="matrix" aria-label="Who can do what">
          <thead>
            <tr>
              <th scope="col">Skill</th>
              {crewOf(kennel).map((p) => (
                <th key={p.id} scope="col">
                  <button className="plain link" onClick={() => onOpen(p)}>
                    {p.name.split(' ')[0]}
                  </button>
                </th>
              ))}
              <th scope="col">how many</th>
            </tr>
          </thead>
          <tbody>
            {SKILLS.map((skill) => {
              const count = crewOf(kennel).filter((p) => p.skills.includes(skill)).length;
              return (
                <tr key={skill}>
                  <th scope="row">{skillWords(skill)}</th>
                  {crewOf(kennel).map((p) => (
                    <td key={p.id}>
                      {p.skills.includes(skill) ? <b aria-label="yes">●</b> : <span aria-label="no">·</span>}
                    </td>
                  ))}
                  <td className={count === 0 ? 'bad' : count === 1 ? 'warn' : 'soft'}>
                    {count === 0 ? 'nobody' : count === 1 ? 'one only' : count}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </>
  );
}

const minutesOf = (wall: string): number => Number(wall.slice(0, 2)) * 60 + Number(wall.slice(3));

function weekLater(day: string): string {
  return new Date(Date.parse(`${day}T12:00:00Z`) + 7 * 86_400_000).toISOString().slice(0, 10);
}
