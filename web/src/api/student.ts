import createClient from "openapi-fetch";
import type { components, paths } from "../generated/student";
import { csrfToken } from "./begin";

export type Schemas = components["schemas"];
export type Copy = Schemas["CopyOut"];
export type Prompt = Copy["sheet"]["prompts"][number];
export type Answer = NonNullable<Schemas["CheckedAnswer"]["answer"]>;
/** What is saved of an answer by itself: all of it, for most kinds. */
export type Entry = NonNullable<Copy["answers"][number]["answer"]>;
export type PartPrompt = Prompt["parts"][number];
export type Checked = Schemas["CheckedAnswer"];
export type Change = Schemas["ChangeIn"];
export type Texts = Schemas["TextsOut"];
export type Help = Schemas["ShownHelpOut"]["help"];
export type Instruction = Prompt["instructions"][number];
export type ChangeOut = Schemas["ChangeOut"];

export const student = createClient<paths>({ baseUrl: "/" });
student.use({
  onRequest({ request }) {
    request.headers.set("X-CSRFToken", csrfToken());
  },
});

/** What can be read on the pages of a copy and about its questions; undefined when it cannot be had. */
export async function textsOf(copyId: string): Promise<Texts | undefined> {
  const params = { path: { copy_id: copyId } };
  const { data } = await student.GET("/c/{copy_id}/texts", { params }).catch(() => ({ data: undefined }));
  return data;
}
