import type { OfferedLog, Problem } from "./types";

/** Sends a log to be read; by the older request of the browser, which alone tells how much has gone. */
export function sendLog(rig: string, file: File, onShare: (share: number) => void): Promise<OfferedLog> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open("POST", `/api/rigs/${rig}/log?name=${encodeURIComponent(file.name.slice(0, 120))}`);
    request.setRequestHeader("Content-Type", "application/octet-stream");
    request.upload.onprogress = (event) => {
      if (event.lengthComputable) onShare(event.loaded / event.total);
    };
    request.onload = () => {
      if (request.status === 200) {
        resolve(JSON.parse(request.responseText) as OfferedLog);
      } else {
        reject(new Error(detailOf(request.responseText)));
      }
    };
    request.onerror = () =>
      reject(new Error("The log did not get through: it is larger than 40 MB, or Bright Keel has stopped."));
    request.send(file);
  });
}

function detailOf(body: string): string {
  try {
    return (JSON.parse(body) as Problem).detail;
  } catch {
    return "The log could not be read.";
  }
}
