import { spawnSync } from 'node:child_process';
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

test('what is not the contract is not served', async ({ request }) => {
  const post = (path: string, data: string) => request.post(path, { data, headers: { 'content-type': 'application/json' } });
  const large = await post('/api/calc/size', `[${' '.repeat(256 * 1024)}]`);
  expect(large.status()).toBe(413);
  expect((await large.json()).error.message).toMatch(/larger than 256 KB/);
  const responses = await Promise.all([
    post('/api/calc/destroy', '{}'),
    post('/api/calc/constructor', '{}'),
    post('/api/calc/<script>', '{}'),
    post('/api/calc', '{}'),
    post('/api/calc/size/more', '{}'),
    request.get('/api/calc/size'),
    request.delete('/api/calc/size'),
    request.get('/api'),
    request.get('/.env'),
    request.get('/package.json'),
  ]);
  for (const response of responses) {
    expect(response.status()).toBeGreaterThanOrEqual(404);
    expect(await response.text()).not.toMatch(/at .*\.(ts|js):\d+|<script>\s*"/);
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
