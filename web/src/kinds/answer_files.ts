// Where files that a student put into answers are fetched, on a screen of a teacher's.

import { createContext } from "svelte";

export const [answerFiles, setAnswerFiles] = createContext<(file: string) => string>();
