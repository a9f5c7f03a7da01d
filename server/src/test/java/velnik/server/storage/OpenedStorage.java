package velnik.server.storage;

import static java.util.Objects.requireNonNull;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.persistence.EntityManagerFactory;
import java.nio.file.Path;
import java.util.Properties;
import java.util.function.UnaryOperator;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.hibernate.jpa.HibernatePersistenceConfiguration;
import org.springframework.beans.factory.config.YamlPropertiesFactoryBean;
import org.springframework.core.io.ClassPathResource;

/** The real storage on a real file, without a server around it. Opened with the settings that the server has. */
public final class OpenedStorage implements AutoCloseable {
    private final HikariDataSource pool;
    private final EntityManagerFactory entityManagers;
    private final SiteStore sites;
    private final ReleaseStore releases;
    private final Disk disk;
    private final Path folder;

    private OpenedStorage(String url, boolean forcing, UnaryOperator<DataSource> wrapping) {
        HikariConfig settings = new HikariConfig();
        settings.setJdbcUrl(url);
        settings.setUsername("sa");
        settings.setPassword("");
        settings.setMaximumPoolSize(3);
        pool = new HikariDataSource(settings);
        DataSource dataSource = wrapping.apply(pool);
        StoredForms forms = new StoredForms();
        Flyway.configure()
                .dataSource(pool)
                .javaMigrations(StoredForms.migrations())
                .load()
                .migrate();
        entityManagers = new HibernatePersistenceConfiguration("velnik")
                .managedClasses(
                        PageEntity.class,
                        MenuRowEntity.class,
                        RemovalEntity.class,
                        FileEntity.class,
                        LayoutEntity.class,
                        AssignmentEntity.class,
                        ForwardEntity.class,
                        FormerAddressEntity.class,
                        FormerListingEntity.class,
                        SiteEntity.class,
                        JournalEntity.class,
                        ReleaseEntity.class,
                        PublishedPageEntity.class,
                        TextEntity.class,
                        PersonEntity.class)
                .property("hibernate.connection.datasource", dataSource)
                .property("hibernate.hbm2ddl.auto", "none")
                .createEntityManagerFactory();
        Durability durability = forcing ? new Durability(dataSource) : new Forgetful(dataSource);
        sites = new HibernateSiteStore(entityManagers, forms, durability);
        releases = new HibernateReleaseStore(entityManagers, forms, durability);
        folder = Path.of(url.replaceAll("^jdbc:h2:|/velnik;.*", "").replaceAll("^[a-zA-Z]+:", ""));
        disk = new Disk(durability, folder);
    }

    /** Does not force anything, to show that the tests would notice. */
    private static final class Forgetful extends Durability {
        Forgetful(DataSource dataSource) {
            super(dataSource);
        }

        @Override
        void force() {}
    }

    /** @param folder may begin with a scheme that H2 knows a file layer for */
    public static OpenedStorage in(String folder) {
        return new OpenedStorage(url(folder), true, UnaryOperator.identity());
    }

    /** On connections that fail when they are told to. */
    static OpenedStorage in(String folder, Faults faults) {
        return new OpenedStorage(url(folder), true, faults::around);
    }

    static OpenedStorage withoutForcing(String folder) {
        return new OpenedStorage(url(folder), false, UnaryOperator.identity());
    }

    static String url(String folder) {
        YamlPropertiesFactoryBean yaml = new YamlPropertiesFactoryBean();
        yaml.setResources(new ClassPathResource("application.yaml"));
        Properties properties = requireNonNull(yaml.getObject());
        return properties.getProperty("spring.datasource.url").replace("${velnik.data}", folder);
    }

    public SiteStore sites() {
        return sites;
    }

    public ReleaseStore releases() {
        return releases;
    }

    TextStore texts() {
        return new HibernateTextStore(entityManagers);
    }

    DatabaseFile file() {
        return new DatabaseFile(pool, new Durability(pool), folder);
    }

    public Disk disk() {
        return disk;
    }

    @Override
    public void close() {
        entityManagers.close();
        pool.close();
    }
}
