package velnik.core.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.SourceSpan;
import velnik.core.change.Refusal;
import velnik.core.site.Limits;
import velnik.core.site.Site;

/** A text as an owner typed it, made ready to be kept. */
public final class Written {
    /** Control characters but for tabs and line ends, and half characters. */
    private static final Pattern UNSEEN =
            Pattern.compile("[\\p{Cc}&&[^\\t\\n]]|[\\x{D800}-\\x{DFFF}]|[\\uFFFE\\uFFFF]");

    private static final Pattern LINE_ENDS = Pattern.compile("\\r\\n?");

    private Written() {}

    /** Why it cannot be kept; nothing where it can. */
    public static Optional<Refusal> refused(String typed) {
        return typed.length() > Limits.TEXT
                ? Optional.of(new Refusal.TextTooLong(typed.length(), Limits.TEXT))
                : Optional.empty();
    }

    /**
     * With line ends of one kind, without what cannot be seen, and with links to addresses of the site made links to the
     * pages and files there; all else as it was typed. Empty where there is nothing to see. Doing it again changes nothing.
     */
    public static String kept(String typed, Site site) {
        return kept(
                typed,
                destination -> LinkedPage.of(destination, site)
                        .map(LinkedPage::written)
                        .or(() -> LinkedFile.of(destination, site).map(LinkedFile::written)));
    }

    /**
     * As {@link #kept(String, Site)}, for a text from elsewhere.
     *
     * @param lasting what to write for the destination of a link or a picture; empty to leave it
     */
    public static String kept(String typed, Function<String, Optional<String>> lasting) {
        String text = UNSEEN.matcher(LINE_ENDS.matcher(typed).replaceAll("\n")).replaceAll("");
        return text.isBlank() ? "" : lasting(text, lasting);
    }

    private record Part(int from, int to, String written) {}

    private static String lasting(String text, Function<String, Optional<String>> lasting) {
        List<Part> parts = new ArrayList<>();
        Markdown.spanned(text).accept(new AbstractVisitor() {
            @Override
            public void visit(Link link) {
                visitChildren(link); // a picture in it comes before where it leads
                String destination = link.getDestination();
                part(link, destination, lasting.apply(destination), text).ifPresent(parts::add);
            }

            @Override
            public void visit(Image image) {
                String destination = image.getDestination();
                part(image, destination, lasting.apply(destination).filter(named -> !LinkedPage.isWritten(named)), text)
                        .ifPresent(parts::add);
            }
        });
        StringBuilder written = new StringBuilder();
        int done = 0;
        for (Part part : parts) {
            written.append(text, done, part.from()).append(part.written());
            done = part.to();
        }
        return written.append(text, done, text.length()).toString();
    }

    /** Where the destination of a link stands that should name a page or a file; a destination that is escaped is left alone. */
    private static Optional<Part> part(Node node, String destination, Optional<String> named, String text) {
        List<SourceSpan> spans = node.getSourceSpans();
        if (spans.size() != 1) {
            return Optional.empty();
        }
        int from = spans.getFirst().getInputIndex();
        int to = from + spans.getFirst().getLength();
        return named.filter(written -> !written.equals(destination)).flatMap(written -> {
            String all = text.substring(from, to);
            if (all.equals("<" + destination + ">")) {
                return Optional.of(new Part(from, to, "[](" + written + ")"));
            }
            int at = all.lastIndexOf("](" + destination);
            return at < 0
                    ? Optional.empty()
                    : Optional.of(new Part(from + at + 2, from + at + 2 + destination.length(), written));
        });
    }
}
