-- What part of a step is behind the maker: five of nine boxes glued, half of the passes made. Whole where it is 1.
ALTER TABLE step_done ADD COLUMN share REAL NOT NULL DEFAULT 1 CHECK (share > 0 AND share <= 1);
