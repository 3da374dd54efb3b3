import type { Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { v7 as uuid } from 'uuid';
import type { ErrorBody } from '../../contract/errors.ts';

/** Has everything that never comes to a route answered as every other refusal is; an expectation nobody knows is passed over. */
export function answerEverything(server: Server): void {
  server.on('clientError', answerUnreadable);
  server.on('checkExpectation', (request, response) => server.emit('request', request, response));
}

/** Answers what is not HTTP at all, or has more header than is read, in the words every other refusal has. */
function answerUnreadable(error: NodeJS.ErrnoException, socket: Duplex): void {
  if (error.code === 'ECONNRESET' || !socket.writable) {
    socket.destroy();
    return;
  }
  const [status, code] =
    error.code === 'HPE_HEADER_OVERFLOW'
      ? (['431 Request Header Fields Too Large', 'too-large'] as const)
      : (['400 Bad Request', 'invalid'] as const);
  const told: ErrorBody = {
    code,
    ...(code === 'invalid' && { field: 'request', problem: { kind: 'invalid' } }),
    logId: uuid(),
  };
  const body = JSON.stringify(told);
  socket.end(
    `HTTP/1.1 ${status}\r\nconnection: close\r\ncontent-type: application/json\r\ncontent-length: ${Buffer.byteLength(body)}\r\n\r\n${body}`,
  );
}
