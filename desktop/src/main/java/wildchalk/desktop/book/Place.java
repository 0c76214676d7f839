package wildchalk.desktop.book;

import wildchalk.core.catalogue.DrillSummary;
import wildchalk.storage.book.Book;

/** Which drills of a book are looked through. */
sealed interface Place {

    Place ALL = new All();
    Place FAVOURITES = new Favourites();
    Place LATELY = new Lately();
    Place ASIDE = new Aside();

    boolean holds(Book.Row row);

    record All() implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return !row.isAside();
        }
    }

    record Favourites() implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return !row.isAside() && row.favourite();
        }
    }

    /** Those that were used, the one used last first. */
    record Lately() implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return !row.isAside() && row.used() > 0;
        }
    }

    record Aside() implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return row.isAside();
        }
    }

    record In(long collection, String name) implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return !row.isAside() && row.collections().contains(collection);
        }
    }

    /** Those that are like one of them, the most alike first. */
    record Like(String id, DrillSummary summary) implements Place {
        @Override
        public boolean holds(Book.Row row) {
            return !row.isAside() && !row.id().equals(id);
        }
    }
}
