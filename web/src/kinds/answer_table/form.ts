import { turned } from "../../canvas/box";
import type { Form } from "../form";
import { settledParts } from "../settled";
import { inOrder } from "./grid";

const back = (edges: readonly number[]): number[] => edges.map((edge) => 1 - edge).reverse();

/** Each cell is a question; rows become columns as the table turns with its page. */
export const answerTable: Partial<Form<"answer_table">> = {
  parts: ({ cells, settled }) => settledParts(inOrder(cells), settled),
  turned: (field, page, by, size) => {
    if (field.page !== page) return field;
    const [lastRow, lastColumn] = [field.rows.length, field.columns.length];
    const { rows, columns } = field;
    const box = turned(field.box, by, size);
    const cells = field.cells.map((cell) => ({
      ...cell,
      ...(by === 90
        ? { row: cell.column, column: lastRow - cell.row }
        : by === 180
          ? { row: lastRow - cell.row, column: lastColumn - cell.column }
          : { row: lastColumn - cell.column, column: cell.row }),
    }));
    if (by === 180) return { ...field, box, rows: back(rows), columns: back(columns), cells };
    return by === 90
      ? { ...field, box, columns: back(rows), rows: columns, cells }
      : { ...field, box, columns: rows, rows: back(columns), cells };
  },
};
