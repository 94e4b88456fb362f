/* Generated from the migrated database by `npm run tables`. */
export type AbsencesRow = {
  id: string;
  person_id: string;
  day: string;
  reason: string;
};

export type AccountsRow = {
  person_id: string;
  password_hash: string;
  must_change: number | boolean;
  pin_hash: string | null;
};

export type AirReadingsRow = {
  at: Date;
  tenths: number;
  percent: number;
};

export type BottlesRow = {
  id: string;
  product: string;
  name: string;
  size_ml: number;
  left_ml: number;
  opened_on: string | null;
  expires_on: string | null;
  version: number;
  taken: unknown;
};

export type BreedsRow = {
  name: string;
  facts: unknown;
  version: number;
};

export type CalendarFeedsRow = {
  id: string;
  token_hash: string;
  of: string;
  subject_id: string;
  made_by: string;
  made_at: Date;
};

export type CircuitsRow = {
  id: string;
  site_id: string;
  name: string;
  amps: number;
};

export type DogsRow = {
  id: string;
  name: string;
  breed: string;
  sex: string;
  born: string;
  weight_kg: number;
  owner_id: string | null;
  coat: unknown;
  version: number;
};

export type EntriesRow = {
  id: string;
  dog_id: string;
  show_id: string;
  ring_id: string;
  day: string;
  ring_time: string;
  handler_id: string | null;
  importance: number;
  later_round: string | null;
  version: number;
  show_class: string | null;
  judge: string | null;
  flattery: number | null;
};

export type EventsRow = {
  number: number;
  at: Date;
  command_id: string | null;
  actor_id: string | null;
  kind: string;
  subject: string;
  change: unknown;
  result: unknown;
  fingerprint: string | null;
};

export type EventSubjectsRow = {
  number: number;
  subject: string;
};

export type MethodsRow = {
  number: number;
  made_at: Date;
  made_by: string | null;
  schools: unknown;
  steps: unknown;
  intervals: unknown;
  products: unknown;
  lines: unknown;
};

export type OwnersRow = {
  id: string;
  name: string;
  contact: string;
};

export type PeopleRow = {
  id: string;
  name: string;
  sign_in: string;
  role: string;
  skills: unknown;
  scissor_min_per_day: number | null;
  version: number;
  learning: unknown;
  kit: unknown;
  owner_id: string | null;
  brushing_route: string | null;
  trim_begin: string | null;
};

export type PhotosRow = {
  id: string;
  dog_id: string;
  at: Date;
  person_id: string | null;
  view: string;
  words: string | null;
  width: number;
  height: number;
  picture: Buffer;
  small: Buffer;
};

export type PlansRow = {
  id: string;
  state: string;
  made_at: Date;
  made_by: string | null;
  published_at: Date | null;
  input_hash: string;
  summary: unknown;
  body: string;
};

export type PlanChecksRow = {
  plan_id: string;
  of: number;
  stopped: number | boolean;
  chains: string;
};

export type PlanJobsRow = {
  id: string;
  state: string;
  mode: string;
  asked_by: string;
  asked_at: Date;
  lease_until: Date | null;
  cancel: number | boolean;
  progress: unknown;
  plan_id: string | null;
  trouble: string | null;
  owner: string | null;
  enough: number | boolean;
};

export type RingsRow = {
  id: string;
  show_id: string;
  name: string;
};

export type SettingsRow = {
  id: number;
  name: string;
  start_day: string;
  time_zone: string;
  clock: string;
  keep_up_days_ahead: number;
  ramp_from_kg: number;
  published_plan_id: string | null;
  version: number;
  zone_checked: number | boolean | null;
  dog_work_min: number | null;
  dog_walk_min: number | null;
  puppy_work_min: number | null;
  person_work_min: number | null;
  person_rest_min: number | null;
  night_rest_hours: number | null;
};

export type ShiftsRow = {
  id: string;
  person_id: string;
  day: string;
  start: string;
  end: string;
  overtime_end: string;
  pauses: unknown;
  version: number;
};

export type ShowsRow = {
  id: string;
  name: string;
  site_id: string;
  first_day: string;
  last_day: string;
  rules: unknown;
  version: number;
};

export type SignInAddressesRow = {
  person_id: string;
  address: string;
  seen_at: Date;
};

export type SignInLimitsRow = {
  limit_key: string;
  since: Date;
  tries: number;
};

export type SignInSessionsRow = {
  token_hash: string;
  person_id: string;
  csrf: string;
  expires_at: Date;
  id: string | null;
  made_at: Date | null;
  device: string | null;
};

export type SitesRow = {
  id: string;
  name: string;
  home: number | boolean;
};

export type StationsRow = {
  id: string;
  site_id: string;
  kind: string;
  name: string;
  circuit_id: string | null;
  ramp: number | boolean | null;
  places: number | null;
  closures: unknown;
  version: number;
  length_cm: number | null;
};

export type StreamHeadRow = {
  id: number;
  number: number;
};

export type TaskPinsRow = {
  task_key: string;
  start: Date;
  person_id: string | null;
  station_id: string | null;
};

export type TaskWorkRow = {
  task_key: string;
  dog_id: string;
  step: string;
  state: string;
  person_id: string | null;
  station_id: string | null;
  started_at: Date | null;
  running_since: Date | null;
  finished_at: Date | null;
  worked_ms: number;
  reason: string | null;
  version: number;
  expected_min: number | null;
  ticked: unknown;
  pauses: unknown;
  flank: number | null;
  soaks: unknown;
};

export type ToolCareRow = {
  id: string;
  tool: string;
  job: string;
  at: Date;
  person_id: string | null;
};

export type TransportsRow = {
  id: string;
  name: string;
  from_site_id: string;
  to_site_id: string;
  day: string;
  depart: string;
  arrive: string;
};

export type TransportDogsRow = {
  transport_id: string;
  dog_id: string;
};

export type TransportPeopleRow = {
  transport_id: string;
  person_id: string;
};

export type TrustedDevicesRow = {
  id: string;
  token_hash: string;
  name: string;
  made_by: string;
  made_at: Date;
};

export type WelcomeLinksRow = {
  token_hash: string;
  person_id: string;
  expires_at: Date;
};

export const TABLES = [
  'absences',
  'accounts',
  'air_readings',
  'bottles',
  'breeds',
  'calendar_feeds',
  'circuits',
  'dogs',
  'entries',
  'events',
  'event_subjects',
  'methods',
  'owners',
  'people',
  'photos',
  'plans',
  'plan_checks',
  'plan_jobs',
  'rings',
  'settings',
  'shifts',
  'shows',
  'sign_in_addresses',
  'sign_in_limits',
  'sign_in_sessions',
  'sites',
  'stations',
  'stream_head',
  'task_pins',
  'task_work',
  'tool_care',
  'transports',
  'transport_dogs',
  'transport_people',
  'trusted_devices',
  'welcome_links',
] as const;

declare module 'knex/types/tables.js' {
  interface Tables {
    absences: AbsencesRow;
    accounts: AccountsRow;
    air_readings: AirReadingsRow;
    bottles: BottlesRow;
    breeds: BreedsRow;
    calendar_feeds: CalendarFeedsRow;
    circuits: CircuitsRow;
    dogs: DogsRow;
    entries: EntriesRow;
    events: EventsRow;
    event_subjects: EventSubjectsRow;
    methods: MethodsRow;
    owners: OwnersRow;
    people: PeopleRow;
    photos: PhotosRow;
    plans: PlansRow;
    plan_checks: PlanChecksRow;
    plan_jobs: PlanJobsRow;
    rings: RingsRow;
    settings: SettingsRow;
    shifts: ShiftsRow;
    shows: ShowsRow;
    sign_in_addresses: SignInAddressesRow;
    sign_in_limits: SignInLimitsRow;
    sign_in_sessions: SignInSessionsRow;
    sites: SitesRow;
    stations: StationsRow;
    stream_head: StreamHeadRow;
    task_pins: TaskPinsRow;
    task_work: TaskWorkRow;
    tool_care: ToolCareRow;
    transports: TransportsRow;
    transport_dogs: TransportDogsRow;
    transport_people: TransportPeopleRow;
    trusted_devices: TrustedDevicesRow;
    welcome_links: WelcomeLinksRow;
  }
}
