/* One's own sign-in, and signing in: what is asked, what is sent, what a refusal says. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import AccountRoom from '../src/rooms/account/AccountRoom';
import { OwnPasswordPage, SignInPage, WelcomePage } from '../src/rooms/signIn/SignInPage';
import { Refusal, TestServer } from './testServer';
import { press, type } from './page';
import { FILE, show } from './world';

const AGENT = 'Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 Chrome/140.0 Safari/537.36';
const session = { personId: FILE.people[0]?.id, name: 'Maren Holt', role: 'lead', csrf: 'c', mustChange: false };
let server: TestServer;

beforeEach(() => {
  server = new TestServer();
  server.on('GET /api/sessions', () => ({
    sessions: [
      { id: 's1', device: AGENT, madeAt: '2026-06-16T08:00:00Z', isThis: true },
      { id: 's2', device: 'iPad; Safari', madeAt: null, isThis: false },
    ],
  }));
  server.on('GET /api/devices', () => ({
    devices: [{ id: 'd1', name: 'Wall tablet', madeAt: '2026-06-01T08:00:00Z' }],
  }));
  server.on('GET /api/feeds', () => ({
    feeds: [{ id: 'f1', of: 'person', subjectId: session.personId, madeAt: '2026-06-02T08:00:00Z' }],
  }));
  server.on('GET /api/this-device', () => ({ trusted: false, people: [] }));
});

describe('the account', () => {
  it('says where one is signed in, and ends the others one by one or all', async () => {
    show(<AccountRoom />, { at: '/account' });
    const list = await screen.findByRole('region', { name: 'Where you are signed in' });
    expect(await within(list).findByText(/Chrome on Linux/)).toHaveTextContent('since 16 Jun');
    expect(within(list).getByText(/Safari on iPad/)).toBeVisible();
    server.on('POST /api/sessions/*/end', () => undefined);
    server.on('POST /api/sessions/end-others', () => undefined);
    press('End it');
    expect(await screen.findByText('Ended.')).toBeVisible();
    press('Sign out everywhere else');
    expect(await screen.findByText('Every other session has ended.')).toBeVisible();
    expect(server.sent.map((s) => s.path)).toEqual(['/api/sessions/s2/end', '/api/sessions/end-others']);
  });

  it('changes the password only when both are there, and says a refusal', async () => {
    show(<AccountRoom />, { at: '/account' });
    const part = within(await screen.findByRole('region', { name: 'Password' }));
    type('New password', 'short', part);
    press('Change it', part);
    expect(await part.findByText('At least ten characters.')).toBeVisible();
    expect(part.getByText('The one you have now.')).toBeVisible();
    expect(server.sent).toEqual([]);
    server.on(
      'POST /api/session/password',
      () => new Refusal(401, 'wrongPresentPassword', 'The present password is not right', 'Nothing was changed.'),
    );
    type('Present password', 'not this one', part);
    type('New password', 'long enough now', part);
    press('Change it', part);
    expect(await screen.findByText(/The present password is not right/)).toBeVisible();
    server.on('POST /api/session/password', () => session);
    press('Change it', part);
    expect(await screen.findByText('Changed. Every other session has ended.')).toBeVisible();
    expect(server.bodies('/api/session/password').at(-1)).toEqual({ old: 'not this one', fresh: 'long enough now' });
  });

  it('keeps a PIN of four to eight digits', async () => {
    show(<AccountRoom />, { at: '/account' });
    const part = within(await screen.findByRole('region', { name: 'PIN' }));
    type('Your password', 'long enough now', part);
    type('PIN', '12', part);
    press('Keep the PIN', part);
    expect(await part.findByText('Four to eight digits.')).toBeVisible();
    server.on('POST /api/session/own-pin', () => undefined);
    type('PIN', '2468', part);
    press('Keep the PIN', part);
    expect(await screen.findByText(/Kept\. It works on devices/)).toBeVisible();
    expect(server.bodies('/api/session/own-pin')).toEqual([{ password: 'long enough now', pin: '2468' }]);
  });

  it('trusts this device under a name, and trusts another no more', async () => {
    show(<AccountRoom />, { at: '/account' });
    const part = within(await screen.findByRole('region', { name: 'Trusted devices' }));
    expect(await part.findByText('since 1 Jun')).toBeVisible();
    server.on('POST /api/devices', () => ({ id: 'd2' }));
    server.on('POST /api/devices/*/forget', () => undefined);
    press('Trust this device', part);
    expect(await part.findByText('What is it called?')).toBeVisible();
    type('Name of this device', 'Tub room', part);
    press('Trust this device', part);
    expect(await screen.findByText(/This device is trusted/)).toBeVisible();
    expect(server.bodies('/api/devices')).toMatchObject([{ name: 'Tub room' }]);
    press('Trust it no more', part);
    expect(await screen.findByText('Not trusted any more.')).toBeVisible();
  });

  it('shows a new calendar address once, and revokes an old one', async () => {
    show(<AccountRoom />, { at: '/account' });
    expect(await screen.findByText(/an address since 2 Jun/)).toBeVisible();
    server.on('POST /api/feeds', () => ({ path: '/calendars/abc.ics' }));
    server.on('POST /api/feeds/*/revoke', () => undefined);
    press('Make an address');
    const address = await screen.findByLabelText('Address of the calendar, shown once');
    expect(address).toHaveValue('http://localhost/calendars/abc.ics');
    fireEvent.focus(address);
    press('Revoke');
    await waitFor(() => expect(server.sent.at(-1)?.path).toBe('/api/feeds/f1/revoke'));
  });

  it('offers owners neither PIN nor calendar, and trusted devices to leads only', async () => {
    show(<AccountRoom />, { at: '/account', signIn: 'tuva' });
    expect(await screen.findByRole('region', { name: 'PIN' })).toBeVisible();
    expect(screen.queryByRole('region', { name: 'Trusted devices' })).toBeNull();
    expect(await screen.findByText(/Chrome on Linux/)).toBeVisible();
  });
});

describe('signing in', () => {
  it('asks for both, says what does not go together, and sends what was typed', async () => {
    show(<SignInPage />);
    expect(await screen.findByRole('heading', { name: 'Who is at work?' })).toBeVisible();
    press('Sign in');
    expect(await screen.findByText('Your short name, like "tuva".')).toBeVisible();
    expect(screen.getByText('Your password.')).toBeVisible();
    server.on(
      'POST /api/session',
      () => new Refusal(401, 'wrongPassword', 'This name and password do not go together', 'Nobody was signed in.'),
    );
    type('Name', 'maren');
    type('Password', 'not this one');
    press('Sign in');
    expect(await screen.findByRole('alert')).toHaveTextContent('do not go together');
    expect(server.bodies('/api/session')).toEqual([{ signIn: 'maren', password: 'not this one' }]);
  });

  it('by PIN on a trusted tablet: a name, then digits by touch', async () => {
    server.on('GET /api/this-device', () => ({
      trusted: true,
      people: [
        { signIn: 'tuva', name: 'Tuva Lind' },
        { signIn: 'jonas', name: 'Jonas Fell' },
      ],
    }));
    server.on('POST /api/session/pin', () => session);
    show(<SignInPage />);
    fireEvent.click(await screen.findByRole('button', { name: 'Tuva Lind' }));
    for (const digit of ['2', '4', '6']) press(digit);
    expect(screen.getByRole('button', { name: 'Sign in' })).toBeDisabled();
    press('8');
    press('Sign in');
    await waitFor(() => expect(server.bodies('/api/session/pin')).toEqual([{ signIn: 'tuva', pin: '2468' }]));
    press('Sign in with a password');
    expect(screen.getByLabelText('Name')).toBeVisible();
  });

  it('a welcome link takes a password that is long enough', async () => {
    server.on('POST /api/session/link', () => session);
    show(<WelcomePage link="secret" />);
    type('Password', 'short');
    press('Keep it and sign in');
    expect(await screen.findByText('At least ten characters.')).toBeVisible();
    type('Password', 'long enough now');
    press('Keep it and sign in');
    await waitFor(() =>
      expect(server.bodies('/api/session/link')).toEqual([{ link: 'secret', password: 'long enough now' }]),
    );
  });

  it('a one-time password is changed for one of one’s own', async () => {
    server.on('POST /api/session/password', () => session);
    show(<OwnPasswordPage />);
    type('One-time password', 'once-only-words');
    type('New password', 'my own long one');
    press('Keep it');
    await waitFor(() =>
      expect(server.bodies('/api/session/password')).toEqual([{ old: 'once-only-words', fresh: 'my own long one' }]),
    );
  });
});
