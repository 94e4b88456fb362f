/*
 * Beside the task: the dog and what was found on it, what to watch out for, the rest of the day, what is done.
 */
import { Suspense, lazy } from 'react';
import { cautionTick, firstSide, lineCount, localDayOf, workedMs } from '@loyal-mane/core';
import type { NoteKind, PageLine, StepId, ZoneId } from '@loyal-mane/core';
import { ZONES } from '@loyal-mane/library';
import type { DogPart } from '@loyal-mane/library';
import type { StepPage } from '@loyal-mane/library/pages';
import { CAUTIONS, clockWords, DEFER, weekdayWords } from '@loyal-mane/library/words';
import type { CautionId } from '@loyal-mane/library/words';
import type { Kennel, Methods, Work } from '../../api/queries';
import { coatOf, kennelDogOf } from '../../parts/dogRecord';
import { foundWords, isClear } from '../../parts/foundWords';
import { DogBadge, Sign, StepGlyph } from '../../parts/Glyph';
import { ToolCare } from '../../parts/ToolCare';
import { MatGuide } from '../../parts/MatGuide';
import type { Ticking } from '../../parts/PageLines';
import type { BenchView } from './benchView';
import { taskWords } from './benchView';
import { DoneToday } from './DoneToday';
import type { BenchTask } from './myTasks';
import { Meters } from './Meters';
import { isOver } from './myTasks';
import { DriedInTwo } from './DriedInTwo';
import { DryingPanel } from './DryingPanel';
import { PartChips } from './PartChips';
import { MovementCheck } from './MovementCheck';
import { TrimCuts } from './TrimCuts';
import { ShortTime } from './ShortTime';
import { partStates } from './partStates';
import type { SideOrder } from './partStates';

const MOST_LISTED = 4;
/** Steps that go over the coat line by line. */
const BY_LINES: readonly StepId[] = ['brushOut1', 'brushOut2', 'keepUpBrush', 'lineBrush'];
/** Steps whose minutes the room's air and the dryers make. */
const DRIES: readonly StepId[] = ['forceDry', 'heatDry'];
/** Cautions in sight at once, by turn of the work; the next comes when one was met. */
const MOST_CAUTIONS = 3;
const ZonePicture = lazy(() => import('../../parts/ZonePicture'));

interface Props extends BenchView {
  readonly task: BenchTask;
  readonly tasks: readonly BenchTask[];
  readonly personId: string;
  readonly work: readonly Work[];
  readonly methods: Methods | undefined;
  readonly page: StepPage | null;
  /** Line of a guided sequence that is done next. */
  readonly next: PageLine | null;
  readonly ticking: Ticking | null;
  readonly onChoose: (key: string) => void;
  readonly onFind: () => void;
  readonly onNote: (about: NoteKind | 'any') => void;
  readonly onTakeBack: (task: BenchTask) => void;
}

/** The dog, cautions, and the tasks that follow. */
export function TaskSide({
  task,
  tasks,
  personId,
  work,
  methods,
  page,
  next,
  ticking,
  onChoose,
  onFind,
  onNote,
  onTakeBack,
  ...view
}: Props) {
  const { kennel, names } = view;
  const dog = kennel.dogs.find((d) => d.id === task.activity.dogId);
  const cautions = <Cautions key="cautions" ids={page?.cautions ?? []} ticking={ticking} />;
  const chips =
    ticking === null || dog === undefined ? null : (
      <PartChips
        key="chips"
        parts={page?.parts ?? []}
        ticking={ticking}
        isOneFlank={task.activity.flank !== undefined}
        order={sideOrderOf(task, dog)}
        linesOf={BY_LINES.includes(task.activity.step) ? (part) => linesOf(dog, part) : null}
      />
    );
  // Cautions are met before the work; then the dog's parts come first.
  const isCareful = (page?.cautions ?? []).some((id) => ticking?.ticked.has(cautionTick(id)) !== true);
  return (
    <div role="region" aria-label="The dog and what follows" tabIndex={0}>
      <div className="bench-dog">
        <DogPicture badge={dog?.badge ?? 'samoyed'} zones={litZones(task, page, next)} />
        <div className="bench-marks">
          <button type="button" className="find-it" onClick={onFind}>
            <Sign id="inspection" size={30} />{' '}
            {dog === undefined || isClear(dog) ? 'Mark what you find' : foundWords(dog)}
          </button>
          <div className="note-row">
            <button type="button" className="note-it" onClick={() => onNote('any')}>
              Note
            </button>
            {DRIES.includes(task.activity.step) && (
              <button type="button" className="note-it" onClick={() => onNote('trimIdea')}>
                Idea for the trim
              </button>
            )}
          </div>
        </div>
      </div>
      <div className="who-line centered">
        {dog?.breed}, {dog?.weightKg} kg{shownWords(task, view)}
      </div>
      {isCareful ? [cautions, chips] : [chips, cautions]}
      {dog !== undefined && (
        <TrimCuts dog={dog} step={task.activity.step} personId={task.activity.people[0] ?? null} nowMs={view.now} />
      )}
      {dog !== undefined && task.activity.step === 'outlineCheck' && <MovementCheck dog={dog} />}
      {task.activity.step === 'keepUpBrush' && dog !== undefined && (
        <ShortTime dog={dog} parts={page?.parts ?? []} today={localDayOf(task.startMs, names.zone)} />
      )}
      {task.activity.step === 'knots' && dog !== undefined && <MatGuide dog={dog} />}
      <DriedInTwo activity={task.activity} />
      {DRIES.includes(task.activity.step) && dog !== undefined && (
        <DryingPanel
          dog={dog}
          activity={task.activity}
          workedMin={task.work === null ? 0 : workedMs(task.work, view.now) / 60_000}
        />
      )}
      <Meters task={task} personId={personId} work={work} methods={methods} {...view} />
      <ul className="bench-list" aria-label="Today">
        {tasks
          .filter((t) => !isOver(t))
          .slice(0, MOST_LISTED)
          .map((t) => (
            <li key={t.activity.key}>
              <button className="plain" aria-current={t === task} onClick={() => onChoose(t.activity.key)}>
                <b>{clockWords(t.startMs, names.zone, names.clock)}</b>
                <StepGlyph step={t.activity.step} size={26} />
                <span>{taskWords(t, names)}</span>
                <span className="soft">{t.work === null ? '' : t.work.state}</span>
              </button>
            </li>
          ))}
      </ul>
      {task.work === null && <ToolCare personId={personId} />}
      <DoneToday tasks={tasks} onTakeBack={onTakeBack} {...view} />
    </div>
  );
}

/** Where the next line of a sequence is done; of a step that goes over the dog part by part, what is done of it. */
function litZones(task: BenchTask, page: StepPage | null, next: PageLine | null): readonly ZoneId[] {
  if (next?.zones !== undefined && next.zones.length > 0) return next.zones;
  const states = partStates(page?.parts ?? [], new Set(task.work?.ticked), task.activity.flank !== undefined);
  return states.filter((s) => s.done === 'all').flatMap((s) => s.part.zones);
}

/** Lines of a part, one side of it where it has two. */
function linesOf(dog: Kennel['dogs'][number], { zones, isPaired }: DogPart): number {
  const share = ZONES.reduce((sum, z) => sum + (zones.includes(z.id) ? z.share : 0), 0);
  return lineCount(dog.weightKg, coatOf(dog), isPaired ? share / 2 : share);
}

/** The side that is done first; left where neither is. */
function sideOrderOf({ activity }: BenchTask, dog: Kennel['dogs'][number]): SideOrder {
  const first = firstSide(activity.step, coatOf(dog), kennelDogOf(dog), null);
  return first === 'off' ? ['right', 'left'] : ['left', 'right'];
}

/** The dog with zones lit. */
function DogPicture({ badge, zones }: { badge: string; zones: readonly ZoneId[] }) {
  const still = <DogBadge badge={badge} width={150} tone="tarn" />;
  if (zones.length === 0) return still;
  return (
    <Suspense fallback={still}>
      <ZonePicture badge={badge} zones={zones} />
    </Suspense>
  );
}

/** All that can hurt at this step, a few at a time; each is met once per task. */
function Cautions({ ids, ticking }: { ids: readonly CautionId[]; ticking: Ticking | null }) {
  const open = ids.filter((id) => ticking?.ticked.has(cautionTick(id)) !== true);
  const shown = open.slice(0, MOST_CAUTIONS);
  const rest = open.length - shown.length;
  return (
    <section aria-label="Watch out for" className="bench-cautions">
      {shown.map((id) => (
        <div className="caution" key={id}>
          <span>{CAUTIONS[id]}</span>
          {ticking !== null && (
            <button type="button" onClick={() => ticking.onTick(cautionTick(id), true)}>
              Understood
            </button>
          )}
        </div>
      ))}
      <p className="soft">
        {rest > 0 && `${String(rest)} more after these. `}
        {open.length === 0 && ids.length > 0 && metWords(ids.length)}
        {DEFER}
      </p>
    </section>
  );
}

function metWords(count: number): string {
  return count === 1 ? 'The caution of this step was met. ' : `All ${String(count)} cautions of this step were met. `;
}

function shownWords({ activity }: BenchTask, { kennel, names }: BenchView): string {
  const entry = kennel.entries.find((e) => e.id === activity.entryId);
  if (entry === undefined) return '';
  return `. Shown ${weekdayWords(entry.day)} ${names.ringTime(entry.id)}`;
}
