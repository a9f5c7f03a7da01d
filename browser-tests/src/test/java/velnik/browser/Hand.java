package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;

/** How an owner reaches things: by mouse, or by keyboard alone. */
abstract class Hand {
    final Owner owner;

    private Hand(Owner owner) {
        this.owner = owner;
    }

    /** A row of the outline. */
    abstract Owner row(String title);

    /** A button or a link. */
    abstract Owner uses(Locator control);

    /** An entry of the menu that a button has just opened. */
    abstract Owner entry(String name);

    abstract Owner cell(String zone, String scope);

    /** One of some options that stand side by side. */
    abstract Owner option(String name);

    Locator sideBySide(String name) {
        return owner.page().locator(".card .ant-segmented-item").filter(new Locator.FilterOptions().setHasText(name));
    }

    static final class Mouse extends Hand {
        Mouse(Owner owner) {
            super(owner);
        }

        @Override
        Owner row(String title) {
            return owner.chooses(title);
        }

        @Override
        Owner uses(Locator control) {
            control.click();
            return owner;
        }

        @Override
        Owner entry(String name) {
            assertThat(owner.menuEntry(name)).isVisible();
            owner.comesToRest();
            owner.menuEntry(name).click();
            return owner;
        }

        @Override
        Owner cell(String zone, String scope) {
            owner.cell(zone, scope).click();
            return owner;
        }

        @Override
        Owner option(String name) {
            sideBySide(name).click();
            return owner;
        }
    }

    static final class Keys extends Hand {
        Keys(Owner owner) {
            super(owner);
        }

        @Override
        Owner row(String title) {
            owner.tabsTo(owner.outline());
            owner.presses("Home");
            Locator row = owner.row(title);
            int rows = rowsTo(row);
            for (int steps = 0; steps < 40 && rows != 0; steps++) {
                presses(rows, "ArrowDown", "ArrowUp");
                rows = rowsTo(row);
            }
            assertThat(row).hasAttribute("aria-selected", "true");
            return owner;
        }

        /** How far a row is; some rows on where it is not drawn, since rows are drawn as they come into sight. */
        private int rowsTo(Locator row) {
            owner.framesPass();
            return (Integer) row.evaluateAll("([row]) => { if (!row) return 8;"
                    + " const index = each => Number(each.getAttribute('aria-rowindex'));"
                    + " const at = row.closest('[role=treegrid]').querySelector('[aria-selected=true]');"
                    + " return at ? index(row) - index(at) : 1; }");
        }

        @Override
        Owner uses(Locator control) {
            Locator bar = owner.page().locator(".actions").filter(new Locator.FilterOptions().setHas(control));
            if (bar.count() == 0) {
                return owner.tabsTo(control).presses("Enter");
            }
            owner.tabsTo(bar.locator("button[tabindex='0']")); // one stop; from there the arrow keys go along
            for (int tries = 0; tries < 40 && !Editor.isFocused(control); tries++) {
                owner.presses("ArrowRight");
            }
            assertThat(control).isFocused();
            return owner.presses("Enter");
        }

        @Override
        Owner entry(String name) {
            Locator entry = owner.menuEntry(name);
            assertThat(entry).isVisible();
            owner.framesPass(); // it moves the focus by frames, so keys that come faster would leave the entry again
            for (int tries = 0; tries < 40 && !Editor.isFocused(entry); tries++) {
                owner.presses("ArrowDown");
                owner.framesPass();
            }
            assertThat(entry).isFocused();
            return owner.presses("Enter");
        }

        @Override
        Owner cell(String zone, String scope) {
            owner.tabsTo(owner.page().locator(".zone-table button[tabindex='0']"));
            Locator cell = owner.cell(zone, scope);
            List<?> way = (List<?>) cell.evaluate("cell => { const at = each => { const row = each.closest('tr');"
                    + " return [row.rowIndex, [...row.querySelectorAll('button')].indexOf(each)]; };"
                    + " const [row, column] = at(document.activeElement); const [toRow, toColumn] = at(cell);"
                    + " return [toRow - row, toColumn - column]; }");
            presses((Integer) way.get(0), "ArrowDown", "ArrowUp");
            presses((Integer) way.get(1), "ArrowRight", "ArrowLeft");
            assertThat(cell).isFocused();
            return owner.presses("Enter");
        }

        @Override
        Owner option(String name) {
            Locator group =
                    owner.page().locator(".card .ant-segmented").filter(new Locator.FilterOptions().setHasText(name));
            owner.tabsTo(group.locator("input:checked"));
            int steps = (Integer)
                    sideBySide(name)
                            .evaluate(
                                    "to => { const all = [...to.parentElement.querySelectorAll('label')];"
                                            + " return all.indexOf(to) - all.findIndex(each => each.querySelector('input').checked); }");
            presses(steps, "ArrowRight", "ArrowLeft");
            assertThat(sideBySide(name).locator("input")).isChecked();
            return owner;
        }

        private void presses(int steps, String onwards, String back) {
            for (int step = 0; step < Math.abs(steps); step++) {
                owner.presses(steps > 0 ? onwards : back);
            }
        }
    }
}
