"""The best way to give each of several things one of as many others."""

from collections.abc import Sequence


def best_assignment(worth: Sequence[Sequence[int]]) -> list[int]:
    """For each row of a square matrix the column it is given, each column once, so that they are worth most together.

    The Hungarian method with potentials (Kuhn 1955, Munkres 1957), in steps that grow with the cube of the side.

    >>> best_assignment([[5, 4], [4, 0]])
    [1, 0]
    """
    side = len(worth)
    if any(len(row) != side for row in worth):
        raise ValueError("as many rows as columns are needed")
    # Rows and columns are counted from 1; column 0 stands for the row that is being given one.
    of_row, of_column = [0] * (side + 1), [0] * (side + 1)
    row_at = [0] * (side + 1)
    for row in range(1, side + 1):
        row_at[0], column = row, 0
        least: list[int | None] = [None] * (side + 1)
        came_from, seen = [0] * (side + 1), [False] * (side + 1)
        while row_at[column]:
            seen[column] = True
            here, nearest, step = row_at[column], 0, None
            for other in range(1, side + 1):
                if seen[other]:
                    continue
                cost = -worth[here - 1][other - 1] - of_row[here] - of_column[other]
                before = least[other]
                if before is None or cost < before:
                    least[other], came_from[other] = cost, column
                    before = cost
                if step is None or before < step:
                    step, nearest = before, other
            assert step is not None
            for each in range(side + 1):
                if seen[each]:
                    of_row[row_at[each]] += step
                    of_column[each] -= step
                elif (left := least[each]) is not None:
                    least[each] = left - step
            column = nearest
        while column:
            row_at[column] = row_at[came_from[column]]
            column = came_from[column]
    given = [0] * side
    for column in range(1, side + 1):
        given[row_at[column] - 1] = column - 1
    return given
