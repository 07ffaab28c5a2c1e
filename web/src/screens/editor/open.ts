// Opening a worksheet: what an earlier visit left unsent is sent first, then the newest state is shown.

import { failureFrom, noNetwork } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";
import { openDevice } from "../../saving/device";
import { EditQueue, namesOf, queueName, Stale, type Wire } from "../../saving/edit_queue";
import { inBrowser } from "../../saving/surroundings";
import { Editing, type Opened } from "./state/editing.svelte";

/** Milliseconds after which a save is tried again: it is recognised if it comes twice. */
const TIMEOUT = 30_000;

export async function openWorksheet(begun: Opened): Promise<Editing> {
  const editing = new Editing(begun);
  const device = await openDevice([namesOf(begun.id)]);
  const wire = {
    send: (batch) => send(begun.id, batch),
    onOrder: (order) => editing.store.saved(order),
    onState: (state) => (editing.store.saving = state),
    onStale: (worksheet, edits) => editing.store.overtaken(worksheet, edits),
    onBehind: () => void editing.store.refresh(),
    onRefused: (refused) => (editing.store.refused = refused),
  } satisfies Wire;
  const name = await queueName(begun.id, device);
  editing.store.queue = new EditQueue(name, begun.version, begun.revision, wire, inBrowser(device));
  if (await editing.store.queue.resume())
    await editing.store.refresh().catch(() => editing.store.showPending());
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
