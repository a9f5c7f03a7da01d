package velnik.core.site;

import static java.util.stream.Collectors.joining;

import java.util.Set;

/** The pages an assignment is for. */
public sealed interface Scope {

    /** A word that tells this scope from all others. */
    String word();

    /** All pages of the site. */
    record Everywhere() implements Scope {
        @Override
        public String word() {
            return "everywhere";
        }
    }

    /** A page and everything beneath it. For the home page too this means what is beneath it, not the site. */
    record Section(PageId page) implements Scope {
        @Override
        public String word() {
            return "section " + page;
        }
    }

    /** All pages of a layout. */
    record OfLayout(LayoutId layout) implements Scope {
        @Override
        public String word() {
            return "layout " + layout;
        }
    }

    /** The listing of a topic. As a page it would stand beneath the page index. */
    record OfTopic(String topic) implements Scope {
        @Override
        public String word() {
            return "topic " + topic;
        }
    }

    /** One page or several. */
    record Pages(Set<PageId> pages) implements Scope {
        public Pages {
            pages = Set.copyOf(pages);
            if (pages.isEmpty()) {
                throw new IllegalArgumentException("a scope of pages names at least one");
            }
        }

        @Override
        public String word() {
            return pages.stream().map(PageId::value).sorted().collect(joining(" ", "pages ", ""));
        }
    }
}
