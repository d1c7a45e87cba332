-- Lines written by hand; taken out by a mark and put back.
CREATE TABLE note (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  box_id TEXT REFERENCES box (id),
  about TEXT NOT NULL DEFAULT '',
  words TEXT NOT NULL,
  at TEXT NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0
) STRICT;
CREATE INDEX note_of_box ON note (box_id, about);

-- Photos, encoded anew: no larger than a screen, nothing of where and when they were taken.
CREATE TABLE photo (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  note_id INTEGER NOT NULL REFERENCES note (id),
  jpeg BLOB NOT NULL,
  small BLOB NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL
) STRICT;
CREATE INDEX photo_of_note ON photo (note_id);

-- What was taken out of the book and has no mark of its own.
CREATE TABLE book_out (
  kind TEXT NOT NULL,
  ref TEXT NOT NULL,
  at TEXT NOT NULL,
  PRIMARY KEY (kind, ref)
) STRICT;

-- The words of the book, searched as words.
CREATE VIRTUAL TABLE book_words USING fts5 (kind UNINDEXED, ref UNINDEXED, words, tokenize = 'unicode61 remove_diacritics 2');

CREATE TRIGGER note_words AFTER INSERT ON note BEGIN
  INSERT INTO book_words (kind, ref, words) VALUES ('NOTE', CAST(new.id AS TEXT), new.words || ' ' || new.about);
END;
CREATE TRIGGER note_words_anew AFTER UPDATE OF words ON note BEGIN
  DELETE FROM book_words WHERE kind = 'NOTE' AND ref = CAST(new.id AS TEXT);
  INSERT INTO book_words (kind, ref, words) VALUES ('NOTE', CAST(new.id AS TEXT), new.words || ' ' || new.about);
END;
CREATE TRIGGER box_words AFTER INSERT ON box BEGIN
  INSERT INTO book_words (kind, ref, words) VALUES ('BOX', new.id, new.words);
END;
CREATE TRIGGER box_words_anew AFTER UPDATE OF words ON box WHEN new.words <> old.words BEGIN
  DELETE FROM book_words WHERE kind = 'BOX' AND ref = new.id;
  INSERT INTO book_words (kind, ref, words) VALUES ('BOX', new.id, new.words);
END;
INSERT INTO book_words (kind, ref, words) SELECT 'BOX', id, words FROM box;
