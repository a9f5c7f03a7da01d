package velnik.browser;

import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;

/** Errands of one person on one demo business, each begun with the boatyard as it was. */
abstract class UndoneTest extends DemoTest {
    Owner mara;

    @BeforeMethod
    public void signIn() {
        mara = new Owner(velnik, wide()).signsIn();
    }

    @AfterMethod(alwaysRun = true)
    public void undo() {
        mara.undoesEverything();
    }
}
