import { describe, expect, test } from 'vitest';
import { explain } from './explain.ts';

const withCode = (code: string, message = ''): Error => Object.assign(new Error(message), { code });

describe('an error of a start, explained', () => {
  test.each<[string, unknown, RegExp]>([
    ['a full disk', withCode('ENOSPC', 'write'), /The disk that holds \/srv\/salt is full. Free some space/],
    ['a full disk that PostgreSQL met', new Error('initdb: FATAL: No space left on device'), /is full/],
    ['a folder of somebody else', withCode('EACCES', 'mkdir /srv/salt'), /\/srv\/salt cannot be written/],
    ['a disk that can only be read', withCode('EROFS'), /can only be read/],
    ['a file where a folder should be', withCode('ENOTDIR', 'mkdir'), /is no folder/],
    ['no server', new AggregateError([withCode('ECONNREFUSED', 'connect')]), /No PostgreSQL answers/],
    ['an unknown host', withCode('ENOTFOUND', 'getaddrinfo'), /The host in DATABASE_URL is not known/],
    [
      'a wrong password',
      new Error('password authentication failed for user "x"'),
      /does not let in the role/,
    ],
    ['a role without rights', new Error('permission denied to create database'), /CREATEROLE CREATEDB/],
    [
      'files of another version',
      new Error('FATAL: database files are incompatible with server'),
      /npm run upgrade/,
    ],
  ])('%s', (_name, error, said) => {
    expect(explain(error, '/srv/salt')).toMatch(said);
  });

  test('with what was said below it', () => {
    expect(explain(new Error('one\nNo space left on device'), '/d')).toMatch(
      /\n\(No space left on device\)$/,
    );
  });

  test('that nobody foresaw stays what it was', () => {
    expect(explain(new Error('something else'), '/d')).toBe('something else');
    expect(explain('a word', '/d')).toBe('a word');
  });
});
