-- Sheets that were cut for a box's panels: what lay on the rack, the panels that came of it, what was put back.
CREATE TABLE cut_sheet (
  box_id TEXT NOT NULL REFERENCES box (id),
  sheet_id TEXT NOT NULL,
  cut TEXT NOT NULL,
  cut_at TEXT NOT NULL,
  PRIMARY KEY (box_id, sheet_id)
) STRICT;
