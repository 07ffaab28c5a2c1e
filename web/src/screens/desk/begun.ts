import type { Schemas } from "../../api/teacher";

/** What the desk begins with. */
export interface Begun {
  worksheets: Schemas["DeskSheet"][];
  email: string;
  largest_upload: number;
  stand_in_camera: string | null;
}
