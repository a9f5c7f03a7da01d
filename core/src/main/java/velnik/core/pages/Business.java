package velnik.core.pages;

import io.vavr.control.Either;
import java.util.IllformedLocaleException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.files.Files;
import velnik.core.site.Channel;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.FileId;
import velnik.core.site.Limits;
import velnik.core.site.OpeningHours;
import velnik.core.site.Position;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** What the site says of the business it is of. */
public final class Business {
    /** A port that goes without saying, which browsers leave out. */
    private static final Pattern OWN_PORT = Pattern.compile("^(https:.*):443$|^(http:.*):80$");

    private static final Set<String> LANGUAGES = Set.of(Locale.getISOLanguages());

    private Business() {}

    public static Optional<Refusal> setDetails(Draft draft, Change.SetDetails set) {
        Details details = draft.site().details();
        Contact contact = details.contact();
        String name = typed(set.name(), details.name());
        String address = typed(set.address(), details.address()).replaceAll("/$", "");
        @Nullable
        FileId logo =
                set.logo() == null ? details.logo() : FileId.of(set.logo()).orElse(null);
        String language = set.language() == null ? details.language() : set.language();
        String phone = typed(set.phone(), contact.phone());
        String mail = typed(set.mail(), contact.mail());
        String postal = set.postal() == null ? contact.postal() : Line.each(set.postal());
        Either<Refusal, OpeningHours> hours =
                set.hours() == null ? Either.right(details.hours()) : BusinessReading.hours(set.hours(), language);
        Either<Refusal, Optional<Position>> position = set.position() == null
                ? Either.right(Optional.ofNullable(details.position()))
                : BusinessReading.position(set.position());
        Either<Refusal, List<Channel>> channels =
                set.channels() == null ? Either.right(details.channels()) : BusinessReading.channels(set.channels());
        Optional<Refusal> refusal = Optional.<Refusal>empty()
                .or(() -> name.length() > Limits.TITLE
                        ? Optional.of(new Refusal.TitleTooLong(name.length(), Limits.TITLE))
                        : Optional.empty())
                .or(() -> set.address() == null || address.isEmpty() || Details.isOrigin(address)
                        ? Optional.empty()
                        : Optional.of(new Refusal.SiteAddressMalformed(Shortened.to(BusinessReading.SAID, address))))
                .or(() ->
                        set.logo() == null || set.logo().isEmpty() ? Optional.empty() : logo(draft.site(), set.logo()))
                .or(() -> isLanguage(language)
                        ? Optional.empty()
                        : Optional.of(new Refusal.LanguageUnknown(Shortened.to(BusinessReading.SAID, language))))
                .or(() -> phone.isEmpty() || Links.read("tel:" + phone, "") instanceof Links.Read.Phone
                        ? Optional.empty()
                        : Optional.of(new Refusal.PhoneMalformed(Shortened.to(BusinessReading.SAID, phone))))
                .or(() -> mail.isEmpty() || Links.read("mailto:" + mail, "") instanceof Links.Read.Mail
                        ? Optional.empty()
                        : Optional.of(new Refusal.MailMalformed(Shortened.to(BusinessReading.SAID, mail))))
                .or(() -> postal.length() > Limits.SUMMARY
                        ? Optional.of(new Refusal.PostalTooLong(postal.length(), Limits.SUMMARY))
                        : Optional.empty())
                .or(() -> refused(hours))
                .or(() -> refused(position))
                .or(() -> refused(channels));
        if (refusal.isEmpty()) {
            draft.become(draft.site()
                    .withDetails(details.with()
                            .name(name)
                            .address(address)
                            .logo(logo)
                            .language(language)
                            .contact(new Contact(phone, mail, postal))
                            .hours(hours.get())
                            .position(position.get().orElse(null))
                            .channels(channels.get())
                            .build()));
        }
        return refusal;
    }

    /** Each once, in the order of the list, without what follows the host. */
    public static Optional<Refusal> allowOrigins(Draft draft, Change.AllowOrigins allow) {
        List<String> origins = allow.origins().stream()
                .map(typed -> Line.cleaned(typed).replaceAll("/$", ""))
                .filter(origin -> !origin.isEmpty())
                .map(origin -> OWN_PORT.matcher(origin.toLowerCase(Locale.ROOT)).replaceFirst("$1$2"))
                .distinct()
                .toList();
        if (origins.size() > Details.MOST_ORIGINS) {
            return Optional.of(new Refusal.OriginsTooMany(origins.size(), Details.MOST_ORIGINS));
        }
        Optional<Refusal> refusal = origins.stream()
                .filter(origin -> origin.length() > Limits.TITLE || !Details.isOrigin(origin))
                .findFirst()
                .map(origin -> new Refusal.OriginMalformed(Shortened.to(BusinessReading.SAID, origin)));
        if (refusal.isEmpty()) {
            draft.become(draft.site().withDetails(draft.site().details().withAllowedOrigins(origins)));
        }
        return refusal;
    }

    private static Optional<Refusal> refused(Either<Refusal, ?> read) {
        return read.isLeft() ? Optional.of(read.getLeft()) : Optional.empty();
    }

    private static String typed(@Nullable String typed, String now) {
        return typed == null ? now : Line.cleaned(typed);
    }

    private static Optional<Refusal> logo(Site site, String typed) {
        return FileId.of(typed)
                .map(id -> Files.picture(site, id))
                .orElseGet(() -> Optional.of(new Refusal.FileUnknown()));
    }

    private static boolean isLanguage(String tag) {
        try {
            return LANGUAGES.contains(
                    new Locale.Builder().setLanguageTag(tag).build().getLanguage());
        } catch (IllformedLocaleException malformed) {
            return false;
        }
    }
}
