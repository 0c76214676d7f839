ALTER TABLE drill ADD COLUMN favourite INTEGER NOT NULL DEFAULT 0;
ALTER TABLE drill ADD COLUMN used INTEGER;  -- when it was last opened, shown or handed out
-- Check sums of rows: the pages of the file have none, and a bit that turned over must not pass for what a coach drew.
ALTER TABLE drill ADD COLUMN sum INTEGER;
ALTER TABLE version ADD COLUMN sum INTEGER;

CREATE TABLE collection (
    id   INTEGER PRIMARY KEY,
    name TEXT NOT NULL UNIQUE
);

CREATE TABLE collected (
    collection INTEGER NOT NULL REFERENCES collection (id) ON DELETE CASCADE,
    drill      TEXT NOT NULL REFERENCES drill (id) ON DELETE CASCADE,
    PRIMARY KEY (collection, drill)
) WITHOUT ROWID;

-- What follows from the drills and can be worked out again at any time: what a card says, and the texts that are searched.
CREATE TABLE glance (
    n     INTEGER PRIMARY KEY,  -- the row of the texts
    drill TEXT NOT NULL UNIQUE REFERENCES drill (id) ON DELETE CASCADE,
    of    INTEGER NOT NULL,     -- the check sum of the drill that was looked at
    maker INTEGER NOT NULL,     -- which way of looking it was
    body  TEXT NOT NULL
);

CREATE VIRTUAL TABLE words USING fts5 (title, names, needs, does, says, points,
    tokenize = "unicode61 remove_diacritics 2", prefix = '1 2 3');

-- The list of drills is read from this alone: bodies are long, and what comes after one in a row is far away.
CREATE INDEX listed ON drill (changed, id, title, deleted, favourite, used, sum);
