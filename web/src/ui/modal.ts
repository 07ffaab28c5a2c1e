/** Shows a dialog above all else as soon as it is there: `{@attach asModal}`. */
export function asModal(dialog: HTMLDialogElement): void {
  dialog.showModal();
}
