-- One way of keeping for every kind of document; drills are the first.
CREATE TABLE kept (
    kind      TEXT NOT NULL,              -- "drill"
    id        TEXT NOT NULL,
    title     TEXT NOT NULL,
    body      TEXT NOT NULL,              -- the open JSON format of its kind
    created   INTEGER NOT NULL,           -- milliseconds since 1970
    changed   INTEGER NOT NULL,
    deleted   INTEGER,                    -- when it was put aside; null while it is in the book
    favourite INTEGER NOT NULL DEFAULT 0,
    used      INTEGER,                    -- when it was last opened, shown or handed out
    sum       INTEGER,                    -- check sum of the row
    PRIMARY KEY (kind, id)
);

CREATE TABLE kept_version (
    kind TEXT NOT NULL,
    id   TEXT NOT NULL,
    n    INTEGER NOT NULL,
    edit TEXT NOT NULL,                   -- the name of the gesture that made it
    body TEXT NOT NULL,                   -- packed (zlib); plain text in old books
    made INTEGER NOT NULL,
    sum  INTEGER,
    PRIMARY KEY (kind, id, n),
    FOREIGN KEY (kind, id) REFERENCES kept (kind, id) ON DELETE CASCADE
);

-- Versions that other documents name: they are never thinned. It follows from the documents and can be worked out again.
CREATE TABLE pointer (
    by_kind TEXT NOT NULL,
    by_id   TEXT NOT NULL,
    kind    TEXT NOT NULL,
    id      TEXT NOT NULL,
    n       INTEGER NOT NULL,
    PRIMARY KEY (by_kind, by_id, kind, id, n),
    FOREIGN KEY (by_kind, by_id) REFERENCES kept (kind, id) ON DELETE CASCADE
) WITHOUT ROWID;

CREATE INDEX pointed_at ON pointer (kind, id, n);

INSERT INTO kept (kind, id, title, body, created, changed, deleted, favourite, used, sum)
    SELECT 'drill', id, title, body, created, changed, deleted, favourite, used, sum FROM drill;

INSERT INTO kept_version (kind, id, n, edit, body, made, sum)
    SELECT 'drill', drill, n, edit, body, made, sum FROM version;

CREATE TABLE kept_collected (
    collection INTEGER NOT NULL REFERENCES collection (id) ON DELETE CASCADE,
    kind       TEXT NOT NULL,
    id         TEXT NOT NULL,
    PRIMARY KEY (collection, kind, id),
    FOREIGN KEY (kind, id) REFERENCES kept (kind, id) ON DELETE CASCADE
) WITHOUT ROWID;

INSERT INTO kept_collected (collection, kind, id) SELECT collection, 'drill', drill FROM collected;

-- What follows from the drills and can be worked out again at any time: what a card says, and the texts that are searched.
CREATE TABLE kept_glance (
    n     INTEGER PRIMARY KEY,            -- the row of the texts
    kind  TEXT NOT NULL,
    id    TEXT NOT NULL,
    of    INTEGER NOT NULL,               -- the check sum of the document that was looked at
    maker INTEGER NOT NULL,               -- which way of looking it was
    body  TEXT NOT NULL,
    UNIQUE (id, kind),                    -- in this order: it is looked up once for each drill that is listed
    FOREIGN KEY (kind, id) REFERENCES kept (kind, id) ON DELETE CASCADE
);

INSERT INTO kept_glance (n, kind, id, of, maker, body) SELECT n, 'drill', drill, of, maker, body FROM glance;

DROP TABLE collected;
DROP TABLE glance;
DROP TABLE version;
DROP TABLE drill;

-- What there is of a kind is listed from this alone: bodies are long, and what comes after one in a row is far away.
CREATE INDEX listed ON kept (kind, changed, id, title, deleted, favourite, used, sum);
