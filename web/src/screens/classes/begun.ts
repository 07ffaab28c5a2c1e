import type { Schemas } from "../../api/teacher";

/** What the page of a teacher's classes begins with. */
export interface Begun {
  classes: Schemas["ClassRow"][];
  invitations: { token: string; name: string; by: string }[];
  email: string;
}
