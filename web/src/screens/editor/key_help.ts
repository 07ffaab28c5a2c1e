// What the keys do, for the sheet that `?` shows.

export const KEYS = [
  [
    "On the film",
    [
      ["Arrow keys", "Go to the next field; move what is in hand by a point, with Shift by ten"],
      ["Space", "Take in hand, or put down; with Shift, take it too"],
      ["Ctrl + arrow keys", "Go on, while what is in hand stays there"],
      ["Alt + arrow keys", "Make larger or smaller"],
      ["Enter", "Go to the slip, and Escape back; or write in a text or a table"],
      ["Delete", "Remove"],
      ["Escape", "Let go; then put the tool down"],
    ],
  ],
  [
    "Laying many",
    [
      ["B", "Lay one in the middle of what is seen"],
      ["R", "Lay the same again below; with Shift, beside it"],
      ["Ctrl + C, X, V", "Copy, cut, paste: to other pages, worksheets and tabs too"],
      ["Ctrl + A", "Take all fields in hand"],
      ["A", "Take all like this one too; with Shift, all of its kind"],
      ["Alt, held while dragging", "Nothing is brought in line"],
      ["K", "Lock, or unlock"],
    ],
  ],
  [
    "What is seen",
    [
      ["+ and −", "Larger, smaller; so does a wheel with Ctrl held"],
      ["W", "Fit the width"],
      ["P", "Fit the page"],
      ["Space, held while dragging", "Move what is seen"],
      ["L", "All fields as a list, and back"],
    ],
  ],
  [
    "Everywhere",
    [
      ["Ctrl + Z", "Undo; with Shift, redo"],
      ["F", "Go to what was found on the pages"],
      ["?", "This sheet"],
    ],
  ],
] as const;
