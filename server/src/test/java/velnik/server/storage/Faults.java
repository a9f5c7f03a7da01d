package velnik.server.storage;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import javax.sql.DataSource;

/** A disk that fails at a chosen step of writing: before the step is done, or after it was. */
final class Faults {
    private static final Set<String> STEPS = Set.of("execute", "executeUpdate", "executeBatch", "commit");

    private int untilFailure = -1;
    private int failures;
    private boolean afterwards;
    private int steps;

    /**
     * Lets steps fail.
     *
     * @param from how many steps go well before, from 0
     * @param many how many fail then
     * @param done whether what the first of them was to do is done all the same
     */
    void failFrom(int from, int many, boolean done) {
        untilFailure = from;
        failures = many;
        afterwards = done;
    }

    void heal() {
        untilFailure = -1;
        failures = 0;
    }

    /** How many steps there were so far. */
    int steps() {
        return steps;
    }

    DataSource around(DataSource real) {
        return proxy(DataSource.class, real);
    }

    private <T> T proxy(Class<T> type, Object real) {
        InvocationHandler handler = (proxy, method, arguments) -> {
            boolean fails = STEPS.contains(method.getName()) && failsNow();
            if (fails && !afterwards) {
                throw new SQLException("the disk refuses " + method.getName());
            }
            Object result;
            try {
                result = method.invoke(real, arguments);
            } catch (InvocationTargetException thrown) {
                throw thrown.getCause();
            }
            if (fails) {
                afterwards = false;
                throw new SQLException("the disk refused after " + method.getName());
            }
            return switch (result) {
                case Connection connection -> proxy(Connection.class, connection);
                case PreparedStatement statement -> proxy(PreparedStatement.class, statement);
                case Statement statement -> proxy(Statement.class, statement);
                case null, default -> result;
            };
        };
        return type.cast(Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, handler));
    }

    private boolean failsNow() {
        steps++;
        if (untilFailure < 0) {
            return false;
        }
        if (untilFailure > 0) {
            untilFailure--;
            return false;
        }
        if (failures == 0) {
            heal();
            return false;
        }
        failures--;
        return true;
    }
}
