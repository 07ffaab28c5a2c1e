"""Reads where on a page students answer: blanks, boxes, cells, options to tick, and the numbers beside them."""
