import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { afterAll, expect, it } from 'vitest';

const place = mkdtempSync(join(tmpdir(), 'oven-count-'));
const program = join(place, 'count-tests.mjs');
buildSync({ entryPoints: ['scripts/count-tests.ts'], outfile: program, platform: 'node', format: 'esm' });
afterAll(() => rmSync(place, { recursive: true }));

/** What is counted of a report, and what is told of its failures. */
function counted(report: unknown): { readonly printed: string; readonly told: string } {
  const folder = mkdtempSync(join(place, 'report-'));
  const [file, failures] = [join(folder, 'report.json'), join(folder, 'failures.txt')];
  if (report !== null) writeFileSync(file, typeof report === 'string' ? report : JSON.stringify(report));
  const printed = execFileSync('node', [program, file, failures], { encoding: 'utf8' });
  const told = existsSync(failures) ? readFileSync(failures, 'utf8') : '';
  return { printed: printed.trim(), told };
}

const red = (text: string): string => `\u001b[31m${text}\u001b[39m`;

it('counts tests of Vitest that failed, files that broke, and a run that ended badly without either', () => {
  const passed = { fullName: 'is whole', status: 'passed', failureMessages: [] };
  const failed = { fullName: 'is dry', status: 'failed', failureMessages: [red('expected 9 to be 8')] };
  const file = { name: 'dry.test.ts', status: 'failed', message: '', assertionResults: [passed, failed] };
  const broken = { name: 'broken.test.ts', status: 'failed', message: 'no such module', assertionResults: [] };
  expect(counted({ success: false, numPassedTests: 1, testResults: [file, broken] })).toEqual({
    printed: '1 2',
    told: 'FAILED dry.test.ts > is dry\n  expected 9 to be 8\nFAILED broken.test.ts\n  no such module\n',
  });
  expect(counted({ success: true, numPassedTests: 4, testResults: [] })).toEqual({ printed: '4 0', told: '' });
  expect(counted({ success: false, numPassedTests: 4, testResults: [] }).printed).toBe('4 1');
});

it('counts journeys of Playwright that failed, wherever they stand, and what failed outside of them', () => {
  const spec = (title: string, status: string) => ({
    title,
    file: 'oven.spec.ts',
    tests: [{ status, results: [{ errors: status === 'expected' ? [] : [{ message: 'not visible' }] }] }],
  });
  const suites = [{ specs: [spec('is let in', 'expected')], suites: [{ specs: [spec('is out again', 'unexpected')] }] }];
  const stats = { expected: 1, flaky: 0 };
  expect(counted({ suites, errors: [], stats })).toEqual({
    printed: '1 1',
    told: 'FAILED oven.spec.ts > is out again\n  not visible\n',
  });
  expect(counted({ suites: [], errors: [{ message: 'no browser' }], stats: { expected: 0, flaky: 0 } }).printed).toBe('0 1');
});

it('takes a report that is missing, or is none, for a failure', () => {
  expect(counted(null).printed).toBe('0 1');
  expect(counted('{').printed).toBe('0 1');
});
