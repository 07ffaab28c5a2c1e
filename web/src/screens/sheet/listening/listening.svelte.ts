// A student who listens: to a page as it is read region by region, to a question, to instructions.

import { student, type Instruction, type Texts } from "../../../api/student";
import { lettersOf } from "../../../rich_text/paragraphs";
import { ReadAloud, type Said } from "../../../ui/read_aloud.svelte";
import type { Question } from "../working.svelte";

/** The instructions in the language that was chosen; else in one that the device speaks; else those that stand first. */
export function inLanguage(
  instructions: readonly Instruction[],
  chosen: string,
  device: readonly string[] = navigator.languages,
): Instruction | undefined {
  const same = (one: string, other: string) => one.split("-")[0] === other.split("-")[0];
  return (
    instructions.find(({ language }) => language === chosen) ??
    device.flatMap((spoken) => instructions.find(({ language }) => same(language, spoken)) ?? [])[0] ??
    instructions[0]
  );
}

export class Listening {
  readonly aloud = new ReadAloud();
  /** What can be read on the pages; undefined as long as it is not known. */
  texts: Texts | undefined = $state.raw();
  /** The page, counted from 0, whose regions are shown to be pressed; nothing: none is listened to. */
  page: number | null = $state(null);

  constructor(
    private readonly copy: string,
    /** The language of instructions that was chosen. */
    readonly language: () => string,
  ) {}

  async load(): Promise<void> {
    this.texts ??= await student.texts(this.copy);
  }

  /** Whether something can be heard about a question. */
  canHear({ prompt }: Question): boolean {
    return this.aloud.able || prompt.instructions.some(({ sound }) => sound);
  }

  /** What is printed about a question, and where; undefined as long as it is not known. */
  printedAbout({ prompt, part }: Question): Texts["asked"][number] | undefined {
    return this.texts?.asked.find((asked) => asked.field === prompt.id && asked.part === part.id);
  }

  /** Show the regions of a page, and read all of them. */
  readPage(page: number): void {
    this.page = page;
    this.aloud.read(...this.regions(page));
  }

  readRegion(page: number, region: number): void {
    const said = this.regions(page)[region];
    if (said) this.aloud.read(said);
  }

  readQuestion(question: Question): void {
    this.page = null;
    this.aloud.read(...this.aboutQuestion(question));
  }

  readInstructions(name: string, instructions: readonly Instruction[]): void {
    this.page = null;
    const said = inLanguage(instructions, this.language());
    if (said) this.aloud.read(this.spoken(name, said));
  }

  stop(): void {
    this.page = null;
    this.aloud.stop();
  }

  private regions(page: number): Said[] {
    return (this.texts?.pages[page]?.regions ?? []).map(({ text }, i) => ({ name: `${page}/${i}`, text }));
  }

  /** What is printed about it, and what the teacher says of it. */
  private aboutQuestion(question: Question): Said[] {
    const { name, prompt, part } = question;
    const printed = this.printedAbout(question);
    const instruction = inLanguage(prompt.instructions, this.language());
    const said = [
      { name, text: printed?.text || part.name || prompt.name },
      ...(instruction ? [this.spoken(name, instruction)] : []),
    ].filter(({ text, ...rest }) => text || "sound" in rest);
    return said.length > 0 ? said : [{ name, text: /* @wc-include */ `Question ${part.number}` }];
  }

  private spoken(name: string, instruction: Instruction): Said {
    const { language, sound } = instruction;
    return {
      name,
      text: lettersOf(instruction.paragraphs),
      language,
      sound: sound ? `/c/${this.copy}/sounds/${sound}/` : undefined,
    };
  }
}
