-- The earlier revision whose state a state of a box is again, by undo or redo; null for a change.
ALTER TABLE box_history ADD COLUMN back_to INTEGER;
-- Boxes on which a change of another box is tried; once taken or kept they are none any more.
CREATE TABLE what_if (
  box_id TEXT PRIMARY KEY REFERENCES box (id),
  of_box TEXT NOT NULL REFERENCES box (id),
  of_revision INTEGER NOT NULL,
  begun_at TEXT NOT NULL
) STRICT;
CREATE INDEX what_if_of_box ON what_if (of_box);
