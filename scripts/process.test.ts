/** Which process is ours: a number in a file is not believed by itself, so that no stranger is ended. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';

const children: ChildProcess[] = [];
afterEach(() => children.splice(0).forEach((child) => child.kill('SIGKILL')));

/** Runs a line of shell with the functions that know our processes. */
const shell = (line: string): { status: number | null; said: string } => {
  const { status, stdout } = spawnSync('bash', ['-c', `source scripts/process.sh; ${line}`], { encoding: 'utf8' });
  return { status, said: stdout.trim() };
};
function sleeper(): { readonly pid: number; readonly isThere: () => boolean } {
  const child = spawn('sleep', ['60'], { stdio: 'ignore' });
  children.push(child);
  return { pid: child.pid ?? 0, isThere: () => child.exitCode === null && child.signalCode === null };
}
const fileFor = (): string => join(mkdtempSync(join(tmpdir(), 'oven-process-')), 'app.pid');

describe('a process that a file notes', () => {
  it('is ours while it is the very one that was noted', () => {
    const [file, mine] = [fileFor(), sleeper()];
    shell(`note_process ${file} ${mine.pid} sleep`);
    expect(shell(`noted_process ${file}`)).toEqual({ status: 0, said: String(mine.pid) });
  });
  it.each([
    ['began at another moment', (words: readonly string[]) => [words[0], '1', words[2]]],
    ['runs another command', (words: readonly string[]) => [words[0], words[1], 'dist/serve.mjs']],
    ['is only a number, as older files have it', (words: readonly string[]) => [words[0]]],
    ['is no number at all', () => ['$(rm', '-rf', '/)']],
  ])('is a stranger that %s: it is left alone', async (_, changed) => {
    const [file, stranger] = [fileFor(), sleeper()];
    shell(`note_process ${file} ${stranger.pid} sleep`);
    writeFileSync(file, `${changed(readFileSync(file, 'utf8').trim().split(' ')).join(' ')}\n`);
    expect(shell(`noted_process ${file}`).status).not.toBe(0);
    shell(`end_noted ${file} 1`);
    await new Promise((done) => setTimeout(done, 300));
    expect(stranger.isThere()).toBe(true);
  });
  it('is ended, and its file goes with it', async () => {
    const [file, mine] = [fileFor(), sleeper()];
    shell(`note_process ${file} ${mine.pid} sleep`);
    expect(shell(`end_noted ${file} 2; [ ! -f ${file} ] && echo gone`).said).toBe('gone');
    await new Promise((done) => setTimeout(done, 300));
    expect(mine.isThere()).toBe(false);
  });
});
