// Opening a worksheet: what an earlier visit left unsent is sent first, then the newest state is shown.

import { failureFrom, noNetwork } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";
import { EditQueue, queueName, Stale } from "../../saving/edit_queue";
import { Editing, type Opened } from "./editing.svelte";

/** Milliseconds after which a save is tried again: it is recognised if it comes twice. */
const TIMEOUT = 30_000;

export async function openWorksheet(begun: Opened): Promise<Editing> {
  const editing = new Editing(begun);
  editing.queue = new EditQueue(await queueName(begun.id), begun.version, begun.revision, {
    send: (batch) => send(begun.id, batch),
    onOrder: (order) => editing.saved(order),
    onState: (state) => (editing.saving = state),
    onStale: (worksheet, edits) => editing.overtaken(worksheet, edits),
    onBehind: () => void editing.refresh(),
    onRefused: (refused) => (editing.refused = refused),
  });
  if (await editing.queue.resume()) await editing.refresh().catch(() => editing.showPending());
  return editing;
}

async function send(worksheetId: string, body: Schemas["EditsIn"]): Promise<Schemas["EditsOut"]> {
  const params = { path: { worksheet_id: worksheetId } };
  const { data, error, response } = await teacher
    .POST("/api/worksheets/{worksheet_id}/edits", { params, body, signal: AbortSignal.timeout(TIMEOUT) })
    .catch(() => {
      throw noNetwork();
    });
  if (error && "worksheet" in error) throw new Stale(error.worksheet, error.edits);
  if (!data) throw failureFrom(error, response.status);
  return data;
}
