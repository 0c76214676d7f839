-- "WCbk": tells a book from any other SQLite file.
PRAGMA application_id = 1464033899;

CREATE TABLE drill (
    id      TEXT PRIMARY KEY,
    title   TEXT NOT NULL,
    body    TEXT NOT NULL,      -- the open JSON format
    created INTEGER NOT NULL,   -- milliseconds since 1970
    changed INTEGER NOT NULL,
    deleted INTEGER             -- when it was put aside; null while it is in the book
);

CREATE TABLE version (
    drill TEXT NOT NULL REFERENCES drill (id) ON DELETE CASCADE,
    n     INTEGER NOT NULL,
    edit  TEXT NOT NULL,        -- the name of the gesture that made it
    body  TEXT NOT NULL,
    made  INTEGER NOT NULL,
    PRIMARY KEY (drill, n)
);
