/** Is told how much of what is sent has gone out, from 0 to 1. */
export type OnSent = (part: number) => void;

interface Request {
  readonly method: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body?: Blob | string;
  readonly signal: AbortSignal;
}

/** As fetch, which does not tell how far it has come. */
export function sending(address: string, init: Request, onSent: OnSent): Promise<Response> {
  return new Promise((resolve, reject) => {
    init.signal.throwIfAborted();
    const request = new XMLHttpRequest();
    request.open(init.method, address);
    for (const [name, value] of Object.entries(init.headers)) request.setRequestHeader(name, value);
    request.upload.onprogress = (event) => onSent(event.loaded / Math.max(event.total, 1));
    request.onload = () => resolve(new Response(request.responseText || null, { status: request.status }));
    request.onerror = () => reject(new TypeError("no answer"));
    request.onabort = () => reject(init.signal.reason);
    init.signal.addEventListener("abort", () => request.abort(), { once: true });
    request.send(init.body ?? null);
  });
}
