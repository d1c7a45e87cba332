-- Gaps that were found, what they came from and how they were filled.
CREATE TABLE repair (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  box_id TEXT NOT NULL REFERENCES box (id),
  at TEXT NOT NULL,
  gap TEXT NOT NULL,
  wide REAL NOT NULL,
  cause TEXT NOT NULL,
  filled TEXT NOT NULL
) STRICT;
CREATE INDEX repair_of_box ON repair (box_id, id);
