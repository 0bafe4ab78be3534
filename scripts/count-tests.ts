/**
 * Counts what a report of Vitest or Playwright says, for scripts/test.sh: prints "PASSED FAILED", and adds what failed, and why, to a
 * file that is shown at the end of the run. A report that is missing or says nothing counts as one failure.
 *
 * Usage: node dist/count-tests.mjs REPORT.json FAILURES.txt
 */
import { appendFileSync, readFileSync } from 'node:fs';

type Failure = { readonly name: string; readonly why: string };
type Counted = { readonly passed: number; readonly failures: readonly Failure[] };

type VitestReport = {
  readonly success: boolean;
  readonly numPassedTests: number;
  readonly testResults: ReadonlyArray<{
    readonly name: string;
    readonly status: string;
    readonly message: string;
    readonly assertionResults: ReadonlyArray<{
      readonly fullName: string;
      readonly status: string;
      readonly failureMessages: readonly string[];
    }>;
  }>;
};
type Suite = {
  readonly suites?: readonly Suite[];
  readonly specs: ReadonlyArray<{
    readonly title: string;
    readonly file: string;
    readonly tests: ReadonlyArray<{
      readonly status: string;
      readonly results: ReadonlyArray<{ readonly errors: ReadonlyArray<{ readonly message?: string }> }>;
    }>;
  }>;
};
type PlaywrightReport = {
  readonly suites: readonly Suite[];
  readonly errors: ReadonlyArray<{ readonly message?: string }>;
  readonly stats: { readonly expected: number; readonly flaky: number };
};

function ofVitest({ testResults, numPassedTests, success }: VitestReport): Counted {
  const failures = testResults.flatMap(({ name, status, message, assertionResults }) => {
    const failed = assertionResults.filter((one) => one.status === 'failed');
    // A file that broke before its first test counts as one.
    if (failed.length === 0 && status === 'failed') return [{ name, why: message }];
    return failed.map(({ fullName, failureMessages }) => ({ name: `${name} > ${fullName}`, why: failureMessages.join('\n') }));
  });
  if (failures.length === 0 && !success) failures.push({ name: 'the run itself', why: 'It ended without success.' });
  return { passed: numPassedTests, failures };
}

const specsOf = ({ suites = [], specs }: Suite): ReadonlyArray<Suite['specs'][number]> => [...specs, ...suites.flatMap(specsOf)];

function ofPlaywright({ suites, errors, stats }: PlaywrightReport): Counted {
  const failures = suites.flatMap(specsOf).flatMap(({ title, file, tests }) =>
    tests
      .filter(({ status }) => status === 'unexpected')
      .map(({ results }) => ({
        name: `${file} > ${title}`,
        why: results.flatMap((one) => one.errors.map(({ message = '' }) => message)).join('\n'),
      })),
  );
  const broken = errors.map(({ message = '' }) => ({ name: 'the run itself', why: message }));
  return { passed: stats.expected + stats.flaky, failures: [...failures, ...broken] };
}

function counted(report: string): Counted {
  try {
    const said = JSON.parse(readFileSync(report, 'utf8')) as VitestReport | PlaywrightReport;
    return 'testResults' in said ? ofVitest(said) : ofPlaywright(said);
  } catch (error) {
    return { passed: 0, failures: [{ name: report, why: `There is no report that can be read: ${String(error)}` }] };
  }
}

/** Lines of a failure that are shown: what follows is where in the code, which the run said above. */
const LINES = 12;
const COLOURS = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');

const [, , report, file] = process.argv;
const { passed, failures } = counted(report);
for (const { name, why } of failures) {
  const lines = why.replace(COLOURS, '').split('\n').slice(0, LINES);
  appendFileSync(file, `FAILED ${name}\n${lines.map((line) => `  ${line.slice(0, 300)}\n`).join('')}`);
}
console.log(passed, failures.length);
