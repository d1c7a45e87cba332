-- What was read off a jig of the rack to see whether it is square, and what it said of the joint it was for.
CREATE TABLE jig_square (
  id INTEGER PRIMARY KEY,
  jig_id TEXT NOT NULL,
  at TEXT NOT NULL,
  read TEXT NOT NULL CHECK (json_valid(read)),
  says TEXT NOT NULL,
  grade TEXT NOT NULL CHECK (grade IN ('GOOD', 'TIGHT', 'NOT'))
) STRICT;
CREATE INDEX jig_square_of ON jig_square (jig_id, id);
