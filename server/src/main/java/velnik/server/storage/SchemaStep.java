package velnik.server.storage;

import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;

/** A step of the schema that a script cannot take by itself, among those in {@code db/migration}. */
abstract class SchemaStep implements JavaMigration {
    private final String version;
    private final String description;

    SchemaStep(String version, String description) {
        this.version = version;
        this.description = description;
    }

    @Override
    public final MigrationVersion getVersion() {
        return MigrationVersion.fromVersion(version);
    }

    @Override
    public final String getDescription() {
        return description;
    }

    /** None, so that it may be written more clearly. */
    @Override
    public final @Nullable Integer getChecksum() {
        return null;
    }

    @Override
    public final boolean canExecuteInTransaction() {
        return true;
    }
}
