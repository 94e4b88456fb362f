/*
 * Stations, power circuits with their load, sites and transports, owners: the room's lists of places and of those behind
 * the dogs.
 */
import PlusOutlined from '@ant-design/icons/PlusOutlined';
import { Button } from 'antd';
import type { KennelCircuit, KennelFile, LocalDay, Plan } from '@loyal-mane/core';
import { instantToMs } from '@loyal-mane/core';
import { monthDay } from '@loyal-mane/library/words';
import { CARE_LIBRARY } from '@loyal-mane/library';
import { RowTable } from '../../parts/rows/RowTable';
import type { Opened } from '../../parts/rows/RowDrawer';
import { KIND_WORDS, circuitFields, ownerFields, siteFields, stationFields, transportFields } from './kennelFields';

interface Props {
  readonly kennel: KennelFile;
  readonly open: (opened: Opened) => void;
}

const add = (words: string, onClick: () => void) => (
  <Button type="primary" icon={<PlusOutlined />} onClick={onClick}>
    {words}
  </Button>
);

function nameOf(rows: readonly { readonly id: string; readonly name: string }[], id: string | undefined): string {
  return rows.find((r) => r.id === id)?.name ?? '';
}

/** Stations. */
export function StationsPart({ kennel, open, today, plan }: Props & { today: LocalDay; plan: Plan | null }) {
  const home = kennel.sites.find((s) => s.home)?.id ?? kennel.sites[0]?.id;
  const edit = (row: KennelFile['stations'][number] | null): void =>
    open({
      list: 'stations',
      row: row,
      title: row?.name ?? 'New station',
      specs: stationFields(kennel),
      blank: { kind: 'table', siteId: home, closures: [] },
    });
  const ahead = (id: string): number =>
    (plan?.activities ?? []).filter((a) => a.stationId === id && a.state === 'planned').length;
  return (
    <RowTable
      name="Stations"
      rows={kennel.stations}
      idOf={(s) => s.id}
      onOpen={edit}
      empty="No station yet. Tubs, dryers, tables and pens are what the plan shares out."
      tools={add('Add station', () => edit(null))}
      columns={[
        { name: 'Name', text: (s) => s.name, show: (s) => <b>{s.name}</b>, width: 170 },
        { name: 'Kind', text: (s) => KIND_WORDS[s.kind], filter: true, width: 120 },
        { name: 'Site', text: (s) => nameOf(kennel.sites, s.siteId), filter: true, width: 150 },
        { name: 'Circuit', text: (s) => nameOf(kennel.circuits, s.circuitId), width: 120 },
        {
          name: 'Length',
          text: (s) => (s.lengthCm === undefined ? 'any dog' : `${String(s.lengthCm)} cm`),
          by: (s) => s.lengthCm ?? 999,
          width: 90,
        },
        {
          name: 'Of note',
          text: (s) =>
            [
              ...(s.ramp === true ? ['ramp'] : []),
              ...((s.places ?? 1) > 1 ? [`${String(s.places)} dogs at once`] : []),
              ...s.closures
                .filter((c) => c.day >= today)
                .map((c) => `closed ${monthDay(c.day)} ${c.start} to ${c.end}, ${c.reason}`),
            ].join('; '),
        },
        { name: 'Tasks ahead', text: (s) => String(ahead(s.id)), by: (s) => ahead(s.id), width: 110 },
      ]}
    />
  );
}

/** Circuits. */
export function PowerPart({ kennel, open, plan }: Props & { plan: Plan | null }) {
  const edit = (row: KennelCircuit | null): void =>
    open({
      list: 'circuits',
      row: row,
      title: row?.name ?? 'New circuit',
      specs: circuitFields(kennel),
      blank: { siteId: kennel.sites[0]?.id, amps: 16 },
    });
  return (
    <>
      <RowTable
        name="Power circuits"
        rows={kennel.circuits}
        idOf={(c) => c.id}
        onOpen={edit}
        empty="No circuit yet. Without one, power is never in the way; with one, dryers are never run together beyond it."
        tools={add('Add circuit', () => edit(null))}
        columns={[
          { name: 'Label', text: (c) => c.name, show: (c) => <b>{c.name}</b> },
          { name: 'Site', text: (c) => nameOf(kennel.sites, c.siteId), filter: true },
          { name: 'Carries', text: (c) => `${String(c.amps)} A`, by: (c) => c.amps, width: 100 },
          {
            name: 'Stations on it',
            text: (c) =>
              kennel.stations
                .filter((s) => s.circuitId === c.id)
                .map((s) => s.name)
                .join(', '),
          },
          {
            name: 'Most at once, as planned',
            text: (c) => `${String(peakAmps(kennel, c, plan))} A`,
            by: (c) => peakAmps(kennel, c, plan) / c.amps,
            show: (c) => <Load amps={peakAmps(kennel, c, plan)} of={c.amps} />,
            width: 220,
          },
        ]}
      />
      <p className="soft">What a circuit carries is for an electrician to say; the label at the fuse box counts.</p>
    </>
  );
}

/** Load as a bar. */
function Load({ amps, of }: { amps: number; of: number }) {
  return (
    <span className="load" role="img" aria-label={`${String(amps)} of ${String(of)} amperes`}>
      <i style={{ width: `${String(Math.min(100, (amps / of) * 100))}%` }} />
      <b>
        {amps} of {of} A
      </b>
    </span>
  );
}

/** Amperes that the plan draws from a circuit at once, at most. */
function peakAmps(kennel: KennelFile, circuit: KennelCircuit, plan: Plan | null): number {
  const mine = new Set<string>(kennel.stations.filter((s) => s.circuitId === circuit.id).map((s) => s.id));
  const changes = (plan?.activities ?? []).flatMap((a): [number, number][] => {
    const amps = CARE_LIBRARY.steps[a.step].amps;
    if (a.stationId === null || !mine.has(a.stationId) || amps === 0) return [];
    return [
      [instantToMs(a.start), amps],
      [instantToMs(a.end), -amps],
    ];
  });
  changes.sort((x, y) => x[0] - y[0] || x[1] - y[1]);
  let now = 0;
  let most = 0;
  for (const [, by] of changes) {
    now += by;
    most = Math.max(most, now);
  }
  return most;
}

/** Sites and rides. */
export function TravelPart({ kennel, open }: Props) {
  const site = (row: KennelFile['sites'][number] | null): void =>
    open({
      list: 'sites',
      row: row,
      title: row?.name ?? 'New site',
      specs: siteFields(),
      blank: { home: false },
    });
  const transport = (row: KennelFile['transports'][number] | null): void =>
    open({
      list: 'transports',
      row: row,
      title: row?.name ?? 'New transport',
      specs: transportFields(kennel),
      blank: { people: [], dogs: [], name: 'Van' },
    });
  return (
    <>
      <RowTable
        name="Transports"
        rows={kennel.transports}
        idOf={(t) => t.id}
        onOpen={transport}
        empty="No transport. Dogs and people stay where they are until one takes them."
        tools={add('Add transport', () => transport(null))}
        columns={[
          { name: 'Day', text: (t) => t.day, show: (t) => monthDay(t.day), width: 90 },
          { name: 'Name', text: (t) => t.name, show: (t) => <b>{t.name}</b>, width: 150 },
          { name: 'From', text: (t) => nameOf(kennel.sites, t.fromSiteId) },
          { name: 'Leaves', text: (t) => t.depart, width: 80 },
          { name: 'To', text: (t) => nameOf(kennel.sites, t.toSiteId) },
          { name: 'Arrives', text: (t) => t.arrive, width: 80 },
          { name: 'People', text: (t) => t.people.map((id) => nameOf(kennel.people, id).split(' ')[0]).join(', ') },
          { name: 'Dogs', text: (t) => String(t.dogs.length), by: (t) => t.dogs.length, width: 70 },
        ]}
      />
      <RowTable
        name="Sites"
        rows={kennel.sites}
        idOf={(s) => s.id}
        onOpen={site}
        empty="No site yet."
        tools={add('Add site', () => site(null))}
        columns={[
          { name: 'Name', text: (s) => s.name, show: (s) => <b>{s.name}</b> },
          { name: 'Home', text: (s) => (s.home ? 'home' : '') },
          {
            name: 'Stations',
            text: (s) => String(kennel.stations.filter((x) => x.siteId === s.id).length),
            by: (s) => kennel.stations.filter((x) => x.siteId === s.id).length,
          },
        ]}
      />
    </>
  );
}

/** Owners. */
export function OwnersPart({ kennel, open }: Props) {
  const edit = (row: KennelFile['owners'][number] | null): void =>
    open({
      list: 'owners',
      row: row,
      title: row?.name ?? 'New owner',
      specs: ownerFields(),
      blank: { contact: '' },
    });
  const dogs = (id: string): string =>
    kennel.dogs
      .filter((d) => d.ownerId === id)
      .map((d) => d.name)
      .join(', ');
  return (
    <RowTable
      name="Owners"
      rows={kennel.owners}
      idOf={(o) => o.id}
      onOpen={edit}
      empty="No owner yet. Consents for what cannot be undone are kept with the dog."
      tools={add('Add owner', () => edit(null))}
      columns={[
        { name: 'Name', text: (o) => o.name, show: (o) => <b>{o.name}</b>, width: 200 },
        { name: 'How to reach them', text: (o) => o.contact },
        { name: 'Dogs', text: (o) => dogs(o.id) },
      ]}
    />
  );
}
