import createClient from "openapi-fetch";
import type { components, paths } from "../generated/teacher";
import { csrfToken } from "./begin";

export type Schemas = components["schemas"];
export type Document = Schemas["WorksheetOut"]["document"];
export type Page = Document["pages"][number];
export type Field = Document["fields"][number];
export type Key = Document["keys"][string];
export type Answer = NonNullable<Schemas["AnswerOut"]["answer"]>;
export type Edit = Schemas["EditsIn"]["edits"][number];
export type Fixture = Document["fixtures"][number];
export type Box = Field["box"];
export type Verdict = Schemas["Verdict"];
export type MarkOut = Schemas["MarkOut"];

export const teacher = createClient<paths>({ baseUrl: "/" });
teacher.use({
  onRequest({ request }) {
    request.headers.set("X-CSRFToken", csrfToken());
  },
});

/** What is printed on each page of a worksheet; nothing when it cannot be had. */
export async function printed(worksheetId: string): Promise<string[]> {
  const params = { path: { worksheet_id: worksheetId } };
  const { data } = await teacher
    .GET("/api/worksheets/{worksheet_id}/texts", { params })
    .catch(() => ({ data: undefined }));
  return data ?? [];
}
