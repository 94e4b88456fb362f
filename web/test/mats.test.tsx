/* Mats in the rooms: the verdict with its reckoning, each mat's ladder, and what is marked of one. */
import { fireEvent, screen, within } from '@testing-library/react';
import type { KnownMat } from '@loyal-mane/core';
import { MatGuide } from '../src/parts/MatGuide';
import { useRooms } from '../src/parts/useRooms';
import { FILE, PLAN, show, stored } from './world';

const dogId = FILE.dogs.find((d) => d.name === 'Brisk')?.id;

/** The guide of one dog, with mats put into its coat. */
function Guide({ mats }: { mats: readonly KnownMat[] }) {
  const { kennel } = useRooms();
  const dog = kennel.dogs.find((d) => d.id === dogId);
  if (dog === undefined) throw new Error('no Brisk');
  return <MatGuide dog={{ ...dog, marks: { ...dog.marks, mats: mats.map((m) => ({ ...m })) } }} />;
}

const shown = (...mats: KnownMat[]): HTMLElement => {
  show(<Guide mats={mats} />);
  return screen.getByRole('region', { name: 'Mats' });
};

describe('the mats of a dog', () => {
  it('without any show nothing', () => {
    show(<Guide mats={[]} />);
    expect(screen.queryByRole('region', { name: 'Mats' })).toBeNull();
  });

  it('are reckoned line by line under a verdict, with the days that are left', () => {
    const part = shown(
      { zone: 'ribs', tightness: 'loose' },
      { zone: 'armpit', side: 'left', tightness: 'loose', cm: 3 },
    );
    expect(within(part).getByText('Work it out')).toBeTruthy();
    const rows = within(part).getAllByRole('row');
    expect(rows.map((r) => r.textContent)).toEqual([
      expect.stringMatching(/^ribs: loose\d+ min$/),
      expect.stringMatching(/^armpit, left: loose, 3 cm\d+ min$/),
      expect.stringMatching(/^All of them\d+ min$/),
    ]);
    expect(part.textContent).toMatch(/It needs about \d+ min \(\d+ to \d+ min\); \d+ days? ha(s|ve) \d+ min for it/);
  });

  it('have until the eve of the ring, where no bath comes before it', () => {
    const mats: KnownMat[] = [{ zone: 'ribs', tightness: 'loose' }];
    // Wednesday; Brisk is shown on Saturday.
    show(<Guide mats={mats} />, { view: { published: stored({ ...PLAN, activities: [] }) } });
    expect(screen.getByRole('region', { name: 'Mats' }).textContent).toContain('3 days have 60 min for it');
  });

  it('have a ladder each, with what is left out and why, and how long the brush stays', () => {
    const part = shown({ zone: 'armpit', side: 'left', tightness: 'tight', cm: 4 });
    fireEvent.click(within(part).getByText('How: armpit, left: tight, 4 cm'));
    expect(part.textContent).toContain('Fingers and loosening spray: every mat begins here.');
    expect(part.textContent).toContain('Splitting tool, then the corner again: not here, the skin is thin here.');
    expect(part.textContent).toContain('At most 5 strokes or 2 min at one place, then elsewhere for 10 min.');
  });

  it('that cannot be worked out ask the owner; upset skin asks a vet and shows no ladder', () => {
    const felt = shown({ zone: 'ribs', tightness: 'solid', cm: 12 });
    expect(within(felt).getByText('Clip it beneath')).toBeTruthy();
    expect(within(felt).getByText('Ask the owner')).toBeTruthy();
  });

  it('over upset skin are a vet’s', () => {
    const part = shown({ zone: 'ribs', tightness: 'loose', skin: 'red' });
    expect(within(part).getByText('A vet first')).toBeTruthy();
    expect(part.textContent).toContain('let a vet look');
    expect(within(part).queryByText('Ask the owner')).toBeNull();
  });
});
