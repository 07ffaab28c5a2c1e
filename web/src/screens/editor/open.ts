// Opening a worksheet: what an earlier visit left unsent is sent first, then the newest state is shown.

import { failureFrom, noNetwork, take } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";
import { EditQueue, queueName, Stale } from "../../saving/edit_queue";
import { Editing, type Opened } from "./editing.svelte";

type Worksheet = Schemas["WorksheetOut"];

export async function openWorksheet(begun: Opened): Promise<Editing> {
  const editing = new Editing(begun);
  const queue = new EditQueue(await queueName(begun.id), begun.revision, {
    send: (batch) => send(begun.id, batch),
    onOrder: (order) => editing.saved(order),
    onState: (state) => (editing.saving = state),
    onStale: (worksheet, edits) => editing.overtaken(worksheet, edits),
  });
  editing.queue = queue;
  if ((await queue.resume()) && !queue.unsaved) editing.load(await newest(begun.id));
  return editing;
}

async function send(worksheetId: string, body: Schemas["EditsIn"]): Promise<Schemas["EditsOut"]> {
  const params = { path: { worksheet_id: worksheetId } };
  const { data, error, response } = await teacher
    .POST("/api/worksheets/{worksheet_id}/edits", { params, body })
    .catch(() => {
      throw noNetwork();
    });
  if (error && "worksheet" in error) throw new Stale(error.worksheet);
  if (!data) throw failureFrom(error, response.status);
  return data;
}

function newest(worksheetId: string): Promise<Worksheet> {
  return take(
    teacher.GET("/api/worksheets/{worksheet_id}", { params: { path: { worksheet_id: worksheetId } } }),
  );
}
