import type { Request } from 'express';
import type { Config } from '../config.ts';

const LOOPBACK_ADDRESS = /^(127\.\d+\.\d+\.\d+|::1|::ffff:127\.\d+\.\d+\.\d+)$/;
const LOOPBACK_NAME = /^(localhost|127\.\d+\.\d+\.\d+|\[::1\])(:\d+)?$/i;

/**
 * Whether a request comes from this very machine: its socket, the name it asked for and the absence of a proxy all say
 * so. An installation that has a public address has no such requests.
 */
export function isLoopback(request: Request, config: Config): boolean {
  if (
    config.publicUrl !== null ||
    request.headers['x-forwarded-for'] !== undefined ||
    request.headers.forwarded !== undefined
  ) {
    return false;
  }
  const from = request.socket.remoteAddress ?? '';
  return LOOPBACK_ADDRESS.test(from) && LOOPBACK_NAME.test(request.headers.host ?? '');
}
