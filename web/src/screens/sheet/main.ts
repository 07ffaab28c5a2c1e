import { show } from "../../ui/mount";
import Sheet from "./Sheet.svelte";

show(Sheet);
