// Sending files to the server, with real progress.

import { csrfToken } from "../api/begin";
import { Failure, failureFrom, noNetwork } from "../api/failure";
import type { Schemas } from "../api/teacher";

type Worksheet = Schemas["BroughtInOut"];

export interface Sending {
  result: Promise<Worksheet>;
  cancel(): void;
}

/**
 * Send a file; its pages become a worksheet, or are put behind those of one. `upload` names this sending, so that it can
 * be cancelled on the server too. `onSent` is told the share, 0 to 1.
 */
export function send(
  file: File,
  { behind, aside, upload }: { behind: string | undefined; aside: boolean; upload: string },
  password: string,
  onSent: (share: number) => void,
): Sending {
  // fetch cannot tell how far a body has gone; this is what XMLHttpRequest is still for.
  const request = new XMLHttpRequest();
  const result = new Promise<Worksheet>((resolve, reject) => {
    request.upload.onprogress = (event) => event.lengthComputable && onSent(event.loaded / event.total);
    request.onload = () => {
      const body: unknown = read(request.responseText);
      if (request.status === 201) resolve(body as Worksheet);
      else reject(failureFrom(body, request.status));
    };
    request.onerror = () => reject(noNetwork());
    request.onabort = () => reject(new Failure("bring_in.cancelled", "Nothing was brought in.", 0));
  });
  const name = encodeURIComponent(file.name.slice(-1000));
  request.open(
    "POST",
    behind
      ? `/api/worksheets/${behind}/pages?aside=${aside}&upload=${upload}`
      : `/api/worksheets?name=${name}&upload=${upload}`,
  );
  request.setRequestHeader("Content-Type", "application/octet-stream");
  request.setRequestHeader("X-CSRFToken", csrfToken());
  if (password) request.setRequestHeader("Velum-Password", encodeURIComponent(password));
  request.send(file);
  return { result, cancel: () => request.abort() };
}

function read(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
