package wildchalk.storage.book;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/** Gives every row of an older book its check sum. The name is the one Flyway wants. */
public final class V4__Row_sums extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement read = context.getConnection().createStatement();
                ResultSet row = read.executeQuery("SELECT id, title, body, created, changed, deleted FROM drill");
                PreparedStatement write =
                        context.getConnection().prepareStatement("UPDATE drill SET sum = ? WHERE id = ?")) {
            while (row.next()) {
                long when = row.getLong(6);
                Long deleted = row.wasNull() ? null : when;
                write.setLong(
                        1,
                        Sums.document(
                                "drill",
                                row.getString(1),
                                row.getString(2),
                                row.getString(3),
                                row.getLong(4),
                                row.getLong(5),
                                deleted));
                write.setString(2, row.getString(1));
                write.addBatch();
            }
            write.executeBatch();
        }
        try (Statement read = context.getConnection().createStatement();
                ResultSet row = read.executeQuery("SELECT drill, n, edit, body, made FROM version");
                PreparedStatement write = context.getConnection()
                        .prepareStatement("UPDATE version SET sum = ? WHERE drill = ? AND n = ?")) {
            while (row.next()) {
                write.setLong(
                        1,
                        Sums.version(
                                "drill",
                                row.getString(1),
                                row.getLong(2),
                                row.getString(3),
                                row.getObject(4),
                                row.getLong(5)));
                write.setString(2, row.getString(1));
                write.setLong(3, row.getLong(2));
                write.addBatch();
            }
            write.executeBatch();
        }
    }
}
