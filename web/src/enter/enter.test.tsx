// The pairing page: six large keys and in; what is wrong is said and typed anew; a screen that slept is woken by its PIN.
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { likelyName } from './door';
import { EnterPage } from './EnterPage';

/** What was asked of the server. */
const asked: { path: string; body: unknown }[] = [];
const outside = globalThis.fetch;
/** A server that answers so. */
function answering(
  me: { status: number; body: object },
  said: { status: number; body?: object },
): void {
  globalThis.fetch = (path, init) => {
    const to = path as string;
    if (to !== '/api/door/me')
      asked.push({ path: to, body: JSON.parse(init?.body as string) as unknown });
    const { status, body = {} } = to === '/api/door/me' ? me : said;
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  };
}
const OUT = { status: 401, body: { error: 'pair it', asleep: false } };
const ASLEEP = { status: 401, body: { error: 'PIN', asleep: true } };

beforeEach(() => {
  asked.length = 0;
});
afterEach(() => {
  globalThis.fetch = outside;
});

const key = (name: string) => screen.getByRole('button', { name });

it('six digits are enough: the sixth lets it in', async () => {
  answering(OUT, { status: 201 });
  const onIn = jest.fn();
  const user = userEvent.setup();
  render(<EnterPage onIn={onIn} />);
  for (const d of '012345') await user.click(key(d));
  await waitFor(() => {
    expect(onIn).toHaveBeenCalledTimes(1);
  });
  expect(asked).toEqual([
    { path: '/api/door/enter', body: { code: '012345', device: expect.any(String) as string } },
  ]);
});

it('a wrong code is said in the server’s words, and typed anew', async () => {
  answering(OUT, { status: 401, body: { error: 'That is no code.' } });
  const onIn = jest.fn();
  const user = userEvent.setup();
  render(<EnterPage onIn={onIn} />);
  await user.keyboard('99999');
  await user.keyboard('{Backspace}9');
  await user.keyboard('9');
  expect(await screen.findByText('That is no code.')).toBeInTheDocument();
  expect(screen.getByLabelText('Code so far')).toHaveTextContent('······');
  expect(onIn).not.toHaveBeenCalled();
  expect(asked).toHaveLength(1);
});

it('what was scanned stands there, and is sent by one key; a PIN goes along, and one that is none is refused here', async () => {
  answering(OUT, { status: 201 });
  const onIn = jest.fn();
  const user = userEvent.setup();
  render(<EnterPage code="246810" onIn={onIn} />);
  await waitFor(() => {
    expect(screen.getByLabelText('Code so far')).toHaveTextContent('246810');
  });
  await user.click(screen.getByText(/^It is called/));
  await user.type(screen.getByLabelText(/^A PIN/), '12');
  await user.click(key('Enter'));
  expect(screen.getByRole('alert')).toHaveTextContent(
    'The PIN is “12”: four to eight digits, or none.',
  );
  expect(asked).toEqual([]);
  await user.type(screen.getByLabelText(/^A PIN/), '34');
  await user.clear(screen.getByLabelText('What this screen is called'));
  await user.type(screen.getByLabelText('What this screen is called'), 'apron phone');
  await user.click(key('Enter'));
  await waitFor(() => {
    expect(onIn).toHaveBeenCalled();
  });
  expect(asked[0]?.body).toEqual({ code: '246810', device: 'apron phone', pin: '1234' });
});

it('a screen that slept is woken by its PIN, which nobody reads off it', async () => {
  answering(ASLEEP, { status: 200 });
  const onIn = jest.fn();
  const user = userEvent.setup();
  render(<EnterPage onIn={onIn} />);
  expect(await screen.findByRole('heading', { name: 'Say your PIN' })).toBeInTheDocument();
  await user.keyboard('4711');
  expect(screen.getByLabelText('PIN so far')).toHaveTextContent('••••');
  await user.click(key('Enter'));
  await waitFor(() => {
    expect(onIn).toHaveBeenCalled();
  });
  expect(asked).toEqual([{ path: '/api/door/wake', body: { pin: '4711' } }]);
});

it('one that is let in already goes straight on; a server that is away is said', async () => {
  answering({ status: 200, body: {} }, { status: 200 });
  const onIn = jest.fn();
  const { unmount } = render(<EnterPage onIn={onIn} />);
  await waitFor(() => {
    expect(onIn).toHaveBeenCalled();
  });
  unmount();
  globalThis.fetch = () => Promise.reject(new TypeError('no network'));
  render(<EnterPage onIn={onIn} />);
  expect(await screen.findByText(/The studio does not answer/)).toBeInTheDocument();
});

it.each([
  ['Mozilla/5.0 (iPhone; CPU)', 1000, 'a phone'],
  ['Mozilla/5.0 (Linux; Android 14; Tablet)', 900, 'a tablet'],
  ['Mozilla/5.0 (X11; Linux)', 1280, 'a screen'],
  ['Mozilla/5.0 (X11; Linux)', 390, 'a phone'],
])('%s at %d px is likely %s', (agent, width, name) => {
  expect(likelyName(agent, width)).toBe(name);
});
