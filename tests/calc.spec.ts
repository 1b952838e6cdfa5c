import { spawnSync } from 'node:child_process';
import { type IncomingHttpHeaders, request as ask } from 'node:http';
import { expect, test } from './app';

const size = {
  body: { kind: 'stoneware', shrinkagePercent: 11.5 },
  form: { family: 'cylinder', height: 120, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 },
  making: { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 },
};

const command = (verb: string, input: string) => {
  const { status, stdout, stderr } = spawnSync('npm', ['run', '-s', 'calc', '--', verb], { input, encoding: 'utf8' });
  return { status, out: stdout && JSON.parse(stdout), error: stderr.split('\n').find((line) => line.startsWith('{')) };
};

test('the command and the route give the same answers', async ({ request }) => {
  const response = await request.post('/api/calc/size', { data: size });
  expect(response.status()).toBe(200);
  const answer = await response.json();
  expect(answer.massG.ball).toBeCloseTo(646.6, 3);
  expect(command('size', JSON.stringify(size)).out).toEqual(answer);
});

test('each verb says what it answers, with a question that can be asked as it stands', async ({ request }) => {
  const about = await request.get('/api/calc/fit');
  expect(about.status()).toBe(200);
  const { says, example } = (await about.json()) as { says: string; example: object };
  expect(says).toContain('odds that a lid fits');
  expect((await request.post('/api/calc/fit', { data: example })).status()).toBe(200);
  const printed = spawnSync('npm', ['run', '-s', 'calc', '--', 'fit', '--example'], { encoding: 'utf8' });
  expect(JSON.parse(printed.stdout)).toEqual(example);
  expect((await request.get('/api/calc/nothing')).status()).toBe(404);
});

test('the command and the route give the same refusals', async ({ request }) => {
  const bad = [size, { ...size, form: { ...size.form, height: -1 } }];
  const response = await request.post('/api/calc/size', { data: bad });
  expect(response.status()).toBe(400);
  const body = await response.json();
  expect(body.error.path).toBe('1.form.height');
  const { status, error } = command('size', JSON.stringify(bad));
  expect(status).toBe(2);
  expect(JSON.parse(error!)).toEqual(body);
});

test('a thousand cases come back in one answer', async ({ request }) => {
  const response = await request.post('/api/calc/parse', {
    data: Array.from({ length: 1000 }, (_, i) => ({ kind: 'length', text: `${i + 1} mm` })),
  });
  expect(((await response.json()) as { value: number }[])[999]).toEqual({ value: 1000 });
});

test('one request may be so much work, and meanwhile others are served', async ({ request }) => {
  const bowl = { family: 'bowl', height: 80, rimDiameter: 160, baseDiameter: 60, wall: 4.5, floor: 6 };
  const cases = Array.from({ length: 1200 }, (_, i) => ({ body: { kind: 'stoneware' }, form: bowl, target: { capacityMl: 300 + i } }));
  const many = await request.post('/api/calc/parse', { data: Array.from({ length: 2001 }, () => ({ kind: 'length', text: '1' })) });
  expect(many.status()).toBe(413);
  expect((await many.json()).error.message).toContain('2001 cases is too many for one request. Send at most 2000 at a time.');
  let answered = false;
  const work = request.post('/api/calc/solve', { data: cases, timeout: 60_000 }).then((response) => {
    answered = true;
    return response;
  });
  const parsed = await request.post('/api/calc/parse', { data: { kind: 'length', text: '92' } });
  expect(await parsed.json()).toEqual({ value: 92 });
  expect(answered, 'the long list was still being worked on').toBe(false);
  const response = await work;
  if (response.status() !== 200) {
    expect(response.status()).toBe(413);
    expect((await response.json()).error.message).toMatch(/One\srequest\smay\stake\s5\sseconds;\s\d+\sof\s1200\scases\swere\sdone/);
  }
});

/** Plain HTTP, for what a well-mannered client would not send. */
const raw = (baseURL: string, method: string, path: string) =>
  new Promise<{ status: number; headers: IncomingHttpHeaders; body: string }>((resolve, reject) => {
    const { hostname, port } = new URL(baseURL);
    const asked = ask({ hostname, port, method, path }, (response) => {
      let body = '';
      response.on('data', (data) => (body += String(data)));
      response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, body }));
    });
    asked.on('error', reject).end();
  });

test('what is no address and no method is refused in words, and everything carries the headers', async ({ baseURL }) => {
  const text = async (path: string) => (await fetch(`${baseURL}${path}`)).text();
  const sheets = (await text('/')).match(/\/_next\/static\/[\w./-]+\.css/g)!;
  const font = `/_next/static/${/media\/[\w.-]+\.woff2/.exec((await Promise.all(sheets.map(text))).join())![0]}`;
  const files = [font, '/fonts/LICENSE.txt'].flatMap((path) =>
    ['POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'].map((method): [string, string, number] => [method, path, 405]),
  );
  const expected: [string, string, number][] = [
    ...files,
    ['GET', font, 200],
    ['HEAD', font, 200],
    ['POST', '/api/calc/%', 400],
    ['GET', '/%E0%A4%A', 400],
    ['TRACE', '/', 405],
    ['TRACE', '/api/calc/size', 405],
    ['GET', '/_next/nothing', 404],
    ['GET', '/_next/static/chunks/none.js', 404],
    ['GET', '/_next/static/', 308],
    ['GET', '/pieces/', 308],
    ['GET', '/nowhere', 404],
  ];
  for (const [method, path, status] of expected) {
    const { headers, ...answer } = await raw(baseURL!, method, path);
    expect(answer.status, `${method} ${path}`).toBe(status);
    if (status === 400 || status === 405) expect(JSON.parse(answer.body).error.message).toBeTruthy();
    expect(headers, `${method} ${path}`).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'referrer-policy': 'no-referrer',
      'cross-origin-opener-policy': 'same-origin',
    });
    expect(headers['content-security-policy'], `${method} ${path}`).toBeTruthy();
  }
});

test('what is not the contract is not served', async ({ request }) => {
  const post = (path: string, data: string) => request.post(path, { data, headers: { 'content-type': 'application/json' } });
  const large = await post('/api/calc/size', `[${' '.repeat(256 * 1024)}]`);
  expect(large.status()).toBe(413);
  expect((await large.json()).error.message).toMatch(/larger\sthan\s256\sKB/);
  const responses = await Promise.all([
    post('/api/calc/destroy', '{}'),
    post('/api/calc/constructor', '{}'),
    post('/api/calc/<script>', '{}'),
    post('/api/calc', '{}'),
    post('/api/calc/size/more', '{}'),
    request.get('/api/calc/constructor'),
    request.delete('/api/calc/size'),
    request.get('/api'),
    request.get('/.env'),
    request.get('/package.json'),
  ]);
  for (const response of responses) {
    expect(response.status()).toBeGreaterThanOrEqual(404);
    expect(await response.text()).not.toMatch(/at\s.*\.(ts|js):\d+|<script>\s*"/);
  }
  const broken = await post('/api/calc/parse', '{"kind": <script>');
  expect(broken.status()).toBe(400);
  expect((await broken.json()).error.path).toBe('');
});

test('pages come with a strict policy and nothing loose in it', async ({ request }) => {
  for (const path of ['/', '/pieces', '/clay', '/compare', '/kit', '/files', '/nowhere']) {
    const policy = (await request.get(path)).headers()['content-security-policy'];
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/unsafe-inline|unsafe-eval|https?:|\*/);
  }
});
