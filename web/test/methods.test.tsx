/* Methods: both sides with their reasons, a change in words, and nobody but a lead may choose. */
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { coatClassOf } from '@loyal-mane/core';
import { CARE_LIBRARY, SCHOOLS } from '@loyal-mane/library';
import { METHODS, SCHOOL_WORDS } from '@loyal-mane/library/words';
import { changeWords, effectLines, effectWords } from '../src/rooms/methods/effectWords';
import MethodsRoom from '../src/rooms/methods/MethodsRoom';
import type { MethodsBody } from '../src/api/commands';
import { FILE, KENNEL, NAMES, PLAN, houseMethods as methods, show } from './world';

const effect = { moved: 0, added: 0, removed: 0, dogs: [], crewMin: 0, gained: [], lost: [], refused: [] };

describe('the effect in words', () => {
  it.each([
    [{}, 'Moves nothing in the present plan.'],
    [{ moved: 6, dogs: ['a', 'b', 'c'], crewMin: 100 }, 'Moves 6 tasks of 3 dogs, adds 1 h 40 min of crew time.'],
    [{ moved: 1, dogs: ['a'], crewMin: -25, removed: 2 }, 'Moves 1 task of 1 dog, 2 gone, saves 25 min of crew time.'],
  ])('%j', (more, words) => {
    expect(effectWords({ ...effect, ...more })).toBe(words);
  });

  it('names dogs that lose their place and choices that are refused', () => {
    const id = FILE.dogs[0]?.id ?? '';
    const lines = effectLines(
      { ...effect, lost: [id], refused: [{ dogId: id, school: 'matsAndWater', why: 'tightMats' }] },
      NAMES,
    );
    expect(lines[0]).toEqual({ words: `${FILE.dogs[0]?.name ?? ''} would no longer be ready.`, bad: true });
    expect(lines[1]?.words).toMatch(/mats and water\. Refused: this dog has tight mats/);
  });
});

it('says which version the plan in force was made with', () => {
  const saved = {
    number: 1,
    schools: { gate: 'b' },
    steps: [],
    intervals: [],
    products: [],
    lines: [],
    madeAt: PLAN.now,
    madeBy: null,
  };
  show(<MethodsRoom />, { at: '/methods', methods: methods({ gate: 'b' }, [saved]) });
  expect(screen.getByRole('note')).toHaveTextContent(
    'The plan in force was made with no changes. Plan again on the Countdown to work by version 1.',
  );
  cleanup();
  show(<MethodsRoom />, { at: '/methods', methods: methods() });
  expect(screen.queryByRole('note')).toBeNull();
});

it('says a change by question and side', () => {
  const says = (more: Partial<MethodsBody>): MethodsBody => ({
    schools: {},
    steps: [],
    intervals: [],
    lines: [],
    products: [],
    ...more,
  });
  expect(changeWords(says({}), says({ schools: { curlDrying: 'b' } }))).toBe(
    'Drying curl: drip-damp, then stretched under heat.',
  );
  expect(changeWords(says({ schools: { curlDrying: 'b' } }), says({}))).toBe('Drying curl: standard.');
  expect(changeWords(says({ schools: { gate: 'a' } }), says({ schools: { gate: 'a' } }))).toBe('');
  const bath = { coat: 'drop', part: 'preparation', step: 'bath', nth: 1, fromDay: -4, plusMin: 10 } as const;
  expect(changeWords(says({}), says({ steps: [bath] }))).toBe('Drop, bath: from 4 days before, 10 min longer.');
  const interval = { coat: 'wire', rule: 'brush', everyDays: 2, everyDaysInChange: 2 } as const;
  expect(changeWords(says({ intervals: [interval] }), says({}))).toBe('Wire, keep-up brushing: as the library has it.');
  const rich = { product: 'richConditioner', parts: 20, soakFromMin: 4 } as const;
  expect(changeWords(says({}), says({ products: [rich] }))).toBe(
    'Rich conditioner: 1 part to 20 of water, works from 4 min.',
  );
});

describe('the room', () => {
  it('has every question with both sides and reasons; touching a side asks the planner before it can be saved', () => {
    show(<MethodsRoom />, { at: '/methods', methods: methods() });
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Methods of the house: all standard');
    expect(screen.getAllByRole('radiogroup')).toHaveLength(SCHOOLS.length);
    const gate = screen.getByRole('radiogroup', { name: SCHOOL_WORDS.gate.question });
    expect(gate).toHaveTextContent(SCHOOL_WORDS.gate.a.reason);
    fireEvent.click(within(gate).getByRole('radio', { name: /Keep misting/ }));
    const bar = screen.getByRole('region', { name: 'What the change would do' });
    expect(bar).toHaveTextContent('At the gate: keep misting and brushing.');
    expect(within(bar).getByRole('button', { name: 'Save' })).toBeDisabled();
    fireEvent.click(within(bar).getByRole('button', { name: 'Discard changes' }));
    expect(screen.queryByRole('region', { name: 'What the change would do' })).toBeNull();
  });

  it('only shows them to others', () => {
    show(<MethodsRoom />, { signIn: 'tuva', at: '/methods', methods: methods({ gate: 'b' }) });
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('but for 1 question');
    for (const radio of screen.getAllByRole('radio')) expect(radio).toBeDisabled();
  });

  it('asks a dog only what is asked of its coat', () => {
    const smooth = FILE.dogs.find((d) => coatClassOf(d, CARE_LIBRARY) === 'smooth');
    show(<MethodsRoom />, { at: `/methods?dog=${smooth?.id ?? ''}`, methods: methods() });
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      `Methods for ${smooth?.name ?? ''}: those of the house`,
    );
    expect(screen.queryByRole('radiogroup', { name: SCHOOL_WORDS.curlDrying.question })).toBeNull();
    expect(screen.getAllByRole('radiogroup').length).toBeLessThan(SCHOOLS.length);
  });

  it('knows what is usual for one dog as it is now: loose mats on curls are worked by air', () => {
    const curly = KENNEL.dogs.find((d) => d.coat === 'scissored');
    const at = `/methods?dog=${curly?.id ?? ''}`;
    const matted = (mats: object[]) =>
      ({
        ...KENNEL,
        dogs: KENNEL.dogs.map((d) => (d.id === curly?.id ? { ...d, marks: { ...d.marks, mats } } : d)),
      }) as unknown as typeof KENNEL;
    const inForce = (kennel: typeof KENNEL): string => {
      show(<MethodsRoom />, { at, methods: methods(), kennel });
      const sides = within(screen.getByRole('radiogroup', { name: SCHOOL_WORDS.matsAndWater.question }));
      const words = sides.getAllByRole('radio').find((r) => r.className.includes('in-force'))?.textContent ?? '';
      cleanup();
      return words;
    };
    expect(inForce(matted([]))).toContain(SCHOOL_WORDS.matsAndWater.a.name);
    expect(inForce(matted([{ zone: 'armpit', tightness: 'loose' }]))).toContain(SCHOOL_WORDS.matsAndWater.b.name);
  });

  it('takes what the kennel’s own bottles say, and says what would go wrong', () => {
    show(<MethodsRoom />, { at: '/methods?part=products', methods: methods() });
    const soak = (which: string) => screen.getByRole('spinbutton', { name: `Whitening wash: works at ${which}` });
    fireEvent.change(soak('least'), { target: { value: '20' } });
    fireEvent.blur(soak('least'));
    fireEvent.change(soak('most'), { target: { value: '8' } });
    fireEvent.blur(soak('most'));
    const bar = screen.getByRole('region', { name: 'What the change would do' });
    expect(bar).toHaveTextContent('Whitening wash: works from 20 up to 8 min.');
    expect(bar).toHaveTextContent('Whitening wash: the longest soak is shorter than the shortest.');
    expect(within(bar).getByRole('button', { name: 'Save' })).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: 'As the library has it' }));
    expect(screen.queryByRole('region', { name: 'What the change would do' })).toBeNull();
    expect(screen.getAllByText('ready to use').length).toBeGreaterThan(3);
  });

  it('draws a program and opens a step’s page from it', () => {
    show(<MethodsRoom />, { at: '/methods?part=programs&coat=wire', methods: methods() });
    expect(screen.getByRole('button', { name: 'Wire' })).toHaveAttribute('aria-pressed', 'true');
    fireEvent.click(screen.getAllByRole('button', { name: METHODS.finish.name })[0] as HTMLElement);
    const page = screen.getByRole('article', { name: METHODS.finish.name });
    fireEvent.mouseDown(within(page).getByRole('combobox', { name: 'Page of' }));
    expect(page.querySelectorAll('.page-lines li').length).toBeGreaterThan(3);
    expect(page).toHaveTextContent('Finished when:');
    expect(page).toHaveTextContent('Never left alone');
  });

  it('shows a breed by zone: both sides, by keyboard too, small zones by name', () => {
    show(<MethodsRoom />, { at: '/methods?part=zones&breed=Irish%20Setter', methods: methods() });
    const left = screen.getByRole('group', { name: 'Left side' });
    const right = screen.getByRole('group', { name: 'Right side' });
    const throat = within(left).getByRole('button', { name: 'throat: shaped by any tool' });
    expect(within(right).getByRole('button', { name: 'throat: shaped by any tool' })).toBeInTheDocument();
    // Tab stops once a region; arrows go on to the neighbor that lies there.
    expect(throat).toHaveAttribute('tabindex', '-1');
    const crest = within(left).getByRole('button', { name: /^crest/ });
    expect(crest).toHaveAttribute('tabindex', '0');
    crest.focus();
    fireEvent.keyDown(crest, { key: 'ArrowDown' });
    expect(document.activeElement).toHaveClass('zone');
    expect(Number((document.activeElement as HTMLElement).dataset['y'])).toBeGreaterThan(Number(crest.dataset['y']));
    fireEvent.keyDown(throat, { key: 'Enter' });
    expect(screen.getByRole('region', { name: 'Zone' })).toHaveTextContent('May be cut: shaped by any tool.');
    fireEvent.click(screen.getByRole('button', { name: 'ear fringe' }));
    expect(screen.getByRole('region', { name: 'Zone' })).toHaveTextContent('Never cut on this trim.');
    fireEvent.click(screen.getByRole('button', { name: 'Where knots start' }));
    fireEvent.click(screen.getByRole('button', { name: 'Feet' }));
    expect(screen.getByRole('button', { name: '# armpit' })).toBeInTheDocument();
    expect(screen.getByRole('group', { name: 'Beneath' })).toBeInTheDocument();
    expect(screen.getByText(/verify with your registry/)).toBeInTheDocument();
  });

  it('lists each show’s own rules, not known until somebody enters them', () => {
    show(<MethodsRoom />, { at: '/methods?part=rules', methods: methods() });
    for (const s of FILE.shows) {
      expect(screen.getByRole('combobox', { name: `${s.name}: removing whiskers` })).toBeEnabled();
      expect(screen.getByRole('spinbutton', { name: `${s.name}: least age in months` })).toHaveValue('0');
    }
    expect(screen.getAllByText('not known yet').length).toBeGreaterThanOrEqual(FILE.shows.length * 5);
    expect(screen.getByText(/Nothing is assumed/)).toBeInTheDocument();
  });

  it('asks for the hours of dryers only where a show restricts them, the strictest usual ones to begin with', () => {
    const [first, ...others] = KENNEL.shows;
    const rules = { ...(first?.rules as object), dryersOnGround: 'restricted' };
    const kennel = { ...KENNEL, shows: [{ ...first, rules }, ...others] } as unknown as typeof KENNEL;
    show(<MethodsRoom />, { at: '/methods?part=rules', methods: methods(), kennel });
    expect(screen.getByRole('textbox', { name: `${first?.name ?? ''}: dryers from` })).toHaveValue('07:00');
    expect(screen.getByRole('textbox', { name: `${first?.name ?? ''}: dryers until` })).toHaveValue('20:00');
    expect(screen.queryByRole('textbox', { name: `${others[0]?.name ?? ''}: dryers from` })).toBeNull();
    cleanup();
    show(<MethodsRoom />, { at: '/methods?part=rules', methods: methods(), kennel, signIn: 'tuva' });
    expect(screen.getByText('07:00 to 20:00')).toBeInTheDocument();
    expect(screen.queryByRole('textbox')).toBeNull();
  });

  it('says where the minutes of a trim go', () => {
    show(<MethodsRoom />, { at: '/methods?part=steps&step=naturalTrim', methods: methods() });
    const page = screen.getByRole('article', { name: METHODS.naturalTrim.name });
    expect(page).toHaveTextContent('feet 6, hocks 2, tail 3, vent and underline 3');
  });
});
