-- What the coach prefers: the unit of lengths, the length of a pace.
CREATE TABLE setting (
    name  TEXT PRIMARY KEY,
    value TEXT NOT NULL
);
