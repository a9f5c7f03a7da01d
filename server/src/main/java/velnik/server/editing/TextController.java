package velnik.server.editing;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.change.Refusal;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.TextHash;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Refusals;
import velnik.server.workingcopy.WorkingCopy;

/** Reads the text of a page, for somebody who writes it. */
@RestController
@RequestMapping("/-/api/pages/{page}/text")
class TextController {
    private final WorkingCopy workingCopy;
    private final Texts texts;

    TextController(WorkingCopy workingCopy, Texts texts) {
        this.workingCopy = workingCopy;
        this.texts = texts;
    }

    /**
     * @param text in Markdown; empty where the page has none
     * @param hash names it, for one that is written upon it; null where the page has none
     */
    record WrittenDto(String text, @Nullable String hash) {}

    @GetMapping
    WrittenDto text(@PathVariable String page) {
        Page there = PageId.of(page)
                .flatMap(id -> workingCopy.state().site().pages().find(id))
                .orElseThrow(() -> Refusals.problem(new Refusal.PageUnknown(page)));
        TextHash hash = there.text();
        return new WrittenDto(texts.of(there), hash == null ? null : hash.value());
    }
}
