-- A glue-up as it goes: when the glue was opened, at which step it is, how long it took.
CREATE TABLE glue_up (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  box_id TEXT NOT NULL REFERENCES box (id),
  revision INTEGER NOT NULL,
  begun_at TEXT NOT NULL,
  -- begun anew for a second half; the first is told by begun_at
  lot_at TEXT NOT NULL,
  rested_at TEXT,
  step INTEGER NOT NULL,
  planned REAL NOT NULL,
  took REAL,
  done_at TEXT,
  dropped INTEGER NOT NULL DEFAULT 0
) STRICT;
CREATE INDEX glue_up_of_box ON glue_up (box_id, id);
