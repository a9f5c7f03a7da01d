package velnik.browser;

import static org.testng.Assert.assertFalse;

import java.nio.file.Files;
import org.testng.annotations.Test;

/** What the script does once for each build, so that starts are fast. */
public class TrainingIT {
    @Test
    public void training_goesThrough_andTouchesNoData() {
        assertFalse(Files.exists(RunningVelnik.learned()));
    }
}
