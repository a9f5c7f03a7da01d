package velnik.browser;

import org.testng.annotations.DataProvider;

/** What is tried in each look. */
abstract class LookTest extends UndoneTest {
    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}, {"TOWPATH"}, {"TIDETABLE"}};
    }

    /** At nothing, since what these are about are visitors. */
    @Override
    void begins() {
        mara.signsInAside();
    }

    void wears(String look) {
        mara.publishesAtOnce("{'kind':'setLook','look':'" + look + "'}");
    }
}
