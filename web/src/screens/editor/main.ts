import { mount } from "svelte";
import "../../styles/app.css";
import { begin } from "../../api/begin";
import type { Opened } from "./editing.svelte";
import Editor from "./Editor.svelte";
import { openWorksheet } from "./open";

const target = document.getElementById("screen");
const editing = await openWorksheet(begin<Opened>());
if (target) mount(Editor, { target, props: { editing } });
