import { type AnswerDto, BASE, csrfToken, refusalOf, Unreachable } from "./client";

/** Sends a file as it is, telling how much of it has gone out, from 0 to 1. */
export function upload(
  method: "POST" | "PUT",
  path: string,
  file: Blob,
  onProgress: (part: number) => void,
): Promise<AnswerDto> {
  return new Promise((resolve, reject) => {
    // Unlike fetch, this one tells how far it has come.
    const request = new XMLHttpRequest();
    request.open(method, BASE + path);
    request.setRequestHeader("Accept", "application/json, application/problem+json");
    request.setRequestHeader("Content-Type", "application/octet-stream");
    request.setRequestHeader("X-XSRF-TOKEN", csrfToken());
    request.upload.onprogress = (event) => onProgress(event.loaded / Math.max(event.total, 1));
    request.onload = () => {
      if (request.status < 300) return resolve(JSON.parse(request.responseText));
      reject(refusalOf(request.status, request.responseText) ?? new Unreachable());
    };
    request.onerror = () => reject(new Unreachable());
    request.send(file);
  });
}
