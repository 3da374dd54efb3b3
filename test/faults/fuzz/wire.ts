import { request, type IncomingHttpHeaders } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';

export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | Buffer | null;
}

export interface Answer {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly text: string;
}

/** Sends a request just as it is written: no client puts its address or its headers right. */
export function send(server: Server, { method, path, headers, body }: Sent): Promise<Answer> {
  const { port } = server.address() as AddressInfo;
  const length = body === null ? {} : { 'content-length': String(Buffer.byteLength(body)) };
  return new Promise((resolve, reject) => {
    const sent = request(
      { host: '127.0.0.1', port, method, path, headers: { ...headers, ...length } },
      (answer) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () => {
          resolve({
            status: answer.statusCode ?? 0,
            headers: answer.headers,
            text: Buffer.concat(parts).toString('utf8'),
          });
        });
        answer.on('error', reject);
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });
}
