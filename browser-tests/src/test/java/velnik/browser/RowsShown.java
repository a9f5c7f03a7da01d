package velnik.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/** The rows that an outline shows, in order; each is waited for. */
final class RowsShown {
    private RowsShown() {}

    /** The titles right under a row, once they are as expected, or else what they are. */
    static Object under(Page page, String parent, String expected) {
        return page.evaluate("""
                async ([parent, expected]) => {
                  const title = row => row.querySelector('.title')?.textContent;
                  const shown = () => {
                    const rows = [...document.querySelectorAll('[role=treegrid] .outline-row[aria-level]')]
                      .sort((a, b) => a.ariaRowIndex - b.ariaRowIndex);
                    const at = rows.findIndex(row => title(row) === parent);
                    const level = Number(rows[at]?.ariaLevel);
                    const under = [];
                    for (const row of rows.slice(at + 1)) {
                      if (Number(row.ariaLevel) <= level) break;
                      if (Number(row.ariaLevel) === level + 1) under.push(title(row));
                    }
                    return under.join(', ');
                  };
                  for (let tries = 0; shown() !== expected && tries < 200; tries++) {
                    await new Promise(resume => setTimeout(resume, 100));
                  }
                  return shown();
                }
                """, new Object[] {parent, expected});
    }

    /** The titles shown, and those that the server has there; the same once all is kept. */
    static List<?> besideThoseOfTheServer(Page page) {
        return (List<?>) page.evaluate("""
                async () => {
                  for (let tries = 0; ; tries++) {
                    const { pages } = await (await fetch('/-/api/working-copy')).json();
                    const rows = [...document.querySelectorAll('[role=treegrid] .outline-row[aria-level]')]
                      .sort((a, b) => a.ariaRowIndex - b.ariaRowIndex);
                    const first = rows[0].ariaRowIndex - 2;
                    const shown = rows.map(row => row.querySelector('.title')?.textContent).join(', ');
                    const there = pages.slice(first, first + rows.length).map(page => page.title).join(', ');
                    if (shown === there || tries === 100) return [shown, there];
                    await new Promise(resume => setTimeout(resume, 100));
                  }
                }
                """);
    }
}
